'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { Lab } from '@/core/colour/convertXyzToLab'
import { convertLabToXyz, labSchema } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { FilmView, type FilmConditions } from '@/core/ink/filmView'
import type { MixTarget } from '@/core/ink/mix'
import type { MixCard } from '@/core/ink/mixCard'
import type { ShelfInk } from '@/core/ink/shelfInk'
import { formatNumber } from '@/core/units/length'
import { SAMPLE_TRAY } from '@/devices/sampleTray'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { mixFilm } from './nearestCard'
import { Swatch } from './Swatch'

/** Each comes when its way of naming a colour is chosen. */
const PicturePick = dynamic(() => import('./PicturePick').then((module) => module.PicturePick), {
  ssr: false,
  loading: () => <p className="min-h-18" />,
})
const SpectrumReading = dynamic(() => import('./SpectrumReading').then((module) => module.SpectrumReading), {
  ssr: false,
  loading: () => <p className="min-h-18" />,
})

const WAYS = [
  ['patch', 'measured patch'],
  ['lab', 'L*a*b*'],
  ['picture', 'colour from a photo'],
  ['card', 'another recipe'],
] as const
type Way = (typeof WAYS)[number][0]

interface TargetChoiceProps {
  target: MixTarget | null
  onTarget: (target: MixTarget) => void
  cards: readonly MixCard[]
  inks: readonly ShelfInk[]
  conditions: FilmConditions
}

/** The colour to be met: measured, typed, picked from a picture, or that of another card. */
export function TargetChoice({ target, onTarget, cards, inks, conditions }: TargetChoiceProps) {
  const [way, setWay] = useState<Way>('patch')
  const [lab, setLab] = useState<{ [K in keyof Lab]: number | null }>({
    L: target?.lab.L ?? null,
    a: target?.lab.a ?? null,
    b: target?.lab.b ?? null,
  })
  const type = (patch: Partial<typeof lab>) => {
    const next = { ...lab, ...patch }
    setLab(next)
    const parsed = labSchema.safeParse(next)
    if (parsed.success && parsed.data.L >= 0 && parsed.data.L <= 100)
      onTarget({ name: 'Typed colour', lab: parsed.data })
  }
  return (
    <section aria-label="Target" className="grid content-start gap-3">
      <Choice label="The target is" value={way} options={WAYS} onPick={setWay} />
      {way === 'patch' && (
        <SpectrumReading
          label="Target patch"
          tray={SAMPLE_TRAY}
          value={target?.reflectance ?? null}
          onValue={(reflectance, name) =>
            onTarget({
              name: name.replace(/^Patch “(.*)”$/, '$1'),
              lab: describeSpectrum(reflectance).lab,
              reflectance,
            })
          }
        />
      )}
      {way === 'lab' && (
        <div className="grid grid-cols-3 gap-2">
          <NumberField
            label="L*"
            value={lab.L}
            onValue={(L) => type({ L })}
            problem={lab.L !== null && (lab.L < 0 || lab.L > 100) ? 'must be within 0 and 100' : undefined}
          />
          <NumberField label="a*" value={lab.a} onValue={(a) => type({ a })} />
          <NumberField label="b*" value={lab.b} onValue={(b) => type({ b })} />
        </div>
      )}
      {way === 'picture' && (
        <PicturePick onPick={(picked) => onTarget({ name: 'Spot in a picture', lab: picked })} />
      )}
      {way === 'card' && (
        <SelectField
          label="The colour of the card"
          value=""
          options={[
            ['', cards.length === 0 ? 'no cards yet' : 'choose…'],
            ...cards.map(({ id, name }) => [id, name] as const),
          ]}
          onPick={(id) => {
            const card = cards.find((candidate) => candidate.id === id)
            const film = card && mixFilm(card.versions.at(-1)!.mix.parts, inks)
            if (!film) return
            const reflectance = [...new FilmView(conditions).reflect(film.k, film.s)]
            onTarget({ name: card.name, lab: describeSpectrum(reflectance).lab, reflectance })
          }}
        />
      )}
      {target && (
        <p className="flex items-center gap-3">
          <Swatch colours={[convertXyzToSrgb(convertLabToXyz(target.lab))]} label="Target colour" />
          <span>
            <b>{target.name}</b>
            <span className="condensed block text-sm">
              L* {formatNumber(target.lab.L, 1)}, a* {formatNumber(target.lab.a, 1)}, b*{' '}
              {formatNumber(target.lab.b, 1)}
              {target.reflectance ? ', spectrum known' : ''}
            </span>
          </span>
        </p>
      )}
    </section>
  )
}
