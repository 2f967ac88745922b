'use client'

import { useState } from 'react'
import { convertLabToXyz } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { PAPER_COLOURS, type PaperColour } from '@/core/paper/paperColour'
import type { StorePaper } from '@/data/shop/store'
import { SAMPLE_TRAY } from '@/devices/sampleTray'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Folded } from '@/ui/Folded'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { EyeColour } from '../../ink/EyeColour'
import { PicturePick } from '../../ink/PicturePick'
import { SpectrumReading } from '../../ink/SpectrumReading'
import { Swatch } from '../../ink/Swatch'
import { setPaperColourAction } from './actions'

const WAYS = [
  ['read', 'read it'],
  ['picked', 'from a picture'],
  ['chosen', 'by eye'],
] as const

const colourOf = (colour: PaperColour): string =>
  colour.from === 'read'
    ? describeSpectrum(colour.reflectance).srgb
    : convertXyzToSrgb(convertLabToXyz(colour.lab))

/** A paper's colour, and how it is known: every forecast on it begins there. */
export function PaperColourField({ paper }: { paper: StorePaper }) {
  const [way, setWay] = useState<(typeof WAYS)[number][0]>('picked')
  const [colour, setColour] = useState<PaperColour | null>(null)
  const { busy, problems, act } = useAct()
  const isNew = paper.colourFrom === 'taken'
  const stands = describeSpectrum(paper.reflectance).srgb
  const keep = async (next: PaperColour) => {
    if (await act(() => sendAct(setPaperColourAction, { paperId: paper.id, colour: next }))) setColour(null)
  }
  return (
    <Folded
      summary={`Its colour: ${PAPER_COLOURS[paper.colourFrom]}${isNew ? '. Set it' : ''}`}
      className="border-t border-line"
    >
      <div className="grid gap-3">
        <Choice
          label="How its colour is known"
          value={way}
          options={WAYS}
          onPick={(next) => {
            setWay(next)
            setColour(null)
          }}
        />
        {way === 'read' && (
          <SpectrumReading
            label="Bare paper"
            tray={SAMPLE_TRAY}
            value={colour?.from === 'read' ? colour.reflectance : null}
            onValue={(reflectance) => setColour({ from: 'read', reflectance })}
          />
        )}
        {way === 'picked' && <PicturePick onPick={(lab) => setColour({ from: 'picked', lab })} />}
        {way === 'chosen' && (
          <EyeColour
            label="Its colour on this screen"
            hint="Beside the paper, in daylight."
            stands={stands}
            onPick={(lab) => setColour({ from: 'chosen', lab })}
          />
        )}
        {colour && (
          <div className="flex flex-wrap items-center gap-3">
            <Swatch colours={[stands, colourOf(colour)]} label="As it stood, and as it will be" />
            <Button look="main" disabled={busy} onClick={() => void keep(colour)}>
              Save its colour
            </Button>
          </div>
        )}
        <Problems problems={problems} />
      </div>
    </Folded>
  )
}
