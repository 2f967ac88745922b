'use client'

import { useMemo, useRef, useState } from 'react'
import {
  artworkSchema,
  carrierPixels,
  cropAround,
  cropToPlate,
  FINEST_DPI,
  pictureDpi,
  type Artwork,
} from '@/core/plate/artwork'
import { halftone, screenTooFine, TONE_WAYS, type ToneWay } from '@/core/plate/halftone'
import {
  CARRIERS,
  carrierTurn,
  MAKING_METHODS,
  plateTurn,
  type MakingMethod,
} from '@/core/plate/makingMethod'
import { bittenShare, isTurnedInTone } from '@/core/plate/surfaceRolling'
import type { RolledPlate } from '@/core/plate/surfaceSetting'
import { formatMm, formatNumber } from '@/core/units/length'
import { formatArea } from '@/core/units/quantity'
import { buttonClass } from '@/ui/Button'
import { MainAct } from '@/ui/MainAct'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Slider } from '@/ui/Slider'
import { cropped, GreyCanvas, previewSize, turned, usePreview } from './artworkPreview'
import { keepArtworkAction } from './roomActions'
import { sendAct } from '../across/act/sendAct'

const REST_MS = 350

const KEPT = { kept: 'Saved', waiting: 'Saving…', 'not-kept': '◆ Not saved' }

/** Why the carrier is a negative or a positive, where that is not what one expects. */
function toneWords(isNegative: boolean, isSurface: boolean): string {
  if (isSurface)
    return ` The surface alone is rolled, so every tone is the other way round: it is a ${isNegative ? 'negative' : 'positive'}.`
  return isNegative ? ' Black keeps the bath away, so it is a negative.' : ''
}

/** Crop, tones and way of making, with carrier, plate and print beside one another; every change is kept after a short rest. */
export function ArtworkBench({
  plate,
  image,
  kept,
  jobSlug,
  jobId,
}: {
  plate: { widthMm: number; heightMm: number } & RolledPlate
  image: { id: string; widthPx: number; heightPx: number }
  kept: Artwork
  jobSlug: string
  jobId: string
}) {
  const [artwork, setArtwork] = useState<Artwork>(kept)
  const [state, setState] = useState<'kept' | 'waiting' | 'not-kept'>('kept')
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null)
  const whole = usePreview(image.id)
  const { method, tone, crop, dpi } = artwork
  const facts = MAKING_METHODS[method]
  const carrierName = CARRIERS[facts.use]
  const turn = carrierTurn(method, plate)
  const toneHint = toneWords(turn.inverted, isTurnedInTone(plate))
  const parsed = artworkSchema.safeParse(artwork)
  const at = (...path: string[]) =>
    parsed.success
      ? undefined
      : parsed.error.issues.find((issue) => issue.path.join() === path.join())?.message
  const change = (patch: Partial<Artwork>) => {
    const next = { ...artwork, ...patch }
    setArtwork(next)
    if (timer.current) clearTimeout(timer.current)
    if (!artworkSchema.safeParse(next).success) return setState('not-kept')
    setState('waiting')
    timer.current = setTimeout(
      () =>
        void sendAct(keepArtworkAction, { jobId, artwork: next }).then(({ ok }) =>
          setState(ok ? 'kept' : 'not-kept'),
        ),
      REST_MS,
    )
  }
  const full = cropToPlate(image, plate)
  const zoom = full.width / crop.width
  const middle = { x: crop.left + crop.width / 2, y: crop.top + crop.height / 2 }
  const place = (patch: Partial<{ zoom: number; x: number; y: number }>) =>
    change({ crop: cropAround(image, plate, Math.max(1, patch.zoom ?? zoom), { ...middle, ...patch }) })
  const tones = useMemo(() => {
    if (!whole || !artworkSchema.safeParse(artwork).success) return null
    const picture = cropped(whole, artwork.crop, plate)
    return { ...picture, greys: halftone(picture, artwork.tone, picture.widthPx / (plate.widthMm / 25.4)) }
  }, [whole, artwork, plate])
  const open = useMemo(() => tones && bittenShare(tones.greys, plate), [tones, plate])
  const preview = previewSize(plate)
  const fine = pictureDpi(image, crop, plate)
  const size = carrierPixels(plate, dpi || 1)
  const tooFine = parsed.success ? screenTooFine(tone, dpi) : null
  const download = (form: string) => `/jobs/${jobSlug}/plate/artwork/carrier?form=${form}`
  const file = (form: 'png' | 'pdf' | 'svg') => (
    <a
      key={form}
      href={download(form)}
      download
      className={buttonClass(
        form === 'pdf' ? 'main' : 'plain',
        state === 'kept' ? '' : 'pointer-events-none opacity-50',
      )}
      aria-disabled={state !== 'kept'}
    >
      {form.toUpperCase()}
    </a>
  )

  return (
    <div className="grid gap-6">
      <p data-said className="text-sm text-muted">
        {KEPT[state]}
      </p>
      <div className="grid gap-4 sm:grid-cols-3">
        <GreyCanvas
          picture={tones && turned(tones, turn)}
          size={preview}
          title={carrierName}
          label={`${turn.mirrored ? 'mirrored' : 'as the picture reads'}, ${turn.inverted ? 'negative' : 'positive'}`}
        />
        <GreyCanvas
          picture={tones && turned(tones, { ...plateTurn(method, turn, plate), inverted: false })}
          size={preview}
          title="Plate"
          label={`reads the wrong way round; black ${isTurnedInTone(plate) ? 'stands and takes' : 'holds'} ink`}
        />
        <GreyCanvas picture={tones} size={preview} title="Print" label="as the picture reads" />
        {open === null ? (
          <p className="text-muted sm:col-span-3">{whole ? 'No tones yet.' : 'Reading the picture…'}</p>
        ) : (
          <p data-figure="bitten" className="sm:col-span-3">
            Bitten, by these tones: <b>{formatNumber(100 * open, 0)} %</b> of the plate,{' '}
            {formatArea((open * plate.widthMm * plate.heightMm) / 100, 1)}.
          </p>
        )}
      </div>
      <div className="grid gap-4 sm:grid-cols-2 xl:grid-cols-4">
        <SelectField
          label="Way of making"
          value={method}
          options={Object.entries(MAKING_METHODS).map(([key, { label }]) => [key, label])}
          onPick={(next) => change({ method: next as MakingMethod })}
          hint={`${facts.faceDown ? `The ${carrierName.toLowerCase()} is laid face down: two reversals, so it is not mirrored.` : `One reversal, in the printing: the ${carrierName.toLowerCase()} is mirrored.`}${toneHint}`}
        />
        <div>
          <p className="mb-0.5 text-sm text-muted">Tones</p>
          <Choice<ToneWay>
            label="Tones"
            value={tone.way}
            options={Object.entries(TONE_WAYS).map(([way, text]) => [way as ToneWay, text])}
            onPick={(way) => change({ tone: { ...tone, way } })}
          />
          {tone.way === 'grey' && !facts.takesGrey && (
            <p className="mt-1 text-sm">
              ◆ This way of making has no greys: take dots, grain or a threshold.
            </p>
          )}
        </div>
        <div className="grid content-start gap-3">
          {tone.way === 'threshold' && (
            <NumberField
              label="Threshold, 1 to 254"
              digits={0}
              value={tone.threshold}
              onValue={(threshold) => change({ tone: { ...tone, threshold: threshold ?? Number.NaN } })}
              problem={at('tone', 'threshold')}
            />
          )}
          {tone.way === 'screen' && (
            <NumberField
              label="Lines an inch"
              digits={0}
              value={tone.linesPerInch}
              onValue={(linesPerInch) =>
                change({ tone: { ...tone, linesPerInch: linesPerInch ?? Number.NaN } })
              }
              problem={at('tone', 'linesPerInch')}
              hint={tooFine ?? undefined}
            />
          )}
          {tone.way === 'screen' && (
            <NumberField
              label="Angle"
              unit="degrees"
              digits={0}
              value={tone.angleDegrees}
              onValue={(angleDegrees) =>
                change({ tone: { ...tone, angleDegrees: angleDegrees ?? Number.NaN } })
              }
              problem={at('tone', 'angleDegrees')}
            />
          )}
          <NumberField
            label="Dots an inch"
            digits={0}
            value={dpi}
            onValue={(next) => change({ dpi: next ?? Number.NaN })}
            problem={at('dpi')}
            hint={`${size.widthPx} × ${size.heightPx} px; the picture itself has ${formatNumber(fine, 0)} an inch here${fine < 300 ? ': its own pixels may show' : ''}. At most ${FINEST_DPI}.`}
          />
        </div>
        <fieldset className="grid content-start gap-2">
          <legend className="text-sm text-muted">Crop, always the plate’s proportion</legend>
          <Slider
            label="Closer"
            min={1}
            max={6}
            step={0.05}
            value={zoom}
            onValue={(next) => place({ zoom: next })}
          />
          <Slider
            label="Left and right"
            min={0}
            max={1}
            step={0.005}
            value={middle.x}
            onValue={(x) => place({ x })}
          />
          <Slider
            label="Up and down"
            min={0}
            max={1}
            step={0.005}
            value={middle.y}
            onValue={(y) => place({ y })}
          />
        </fieldset>
      </div>
      <div className="flex flex-wrap items-center gap-3 border-t border-line pt-3">
        <p className="mr-auto">
          {carrierName} at 1:1, {formatMm(plate.widthMm)} × {formatMm(plate.heightMm)}, with a check bar to
          measure.
        </p>
        {(['png', 'svg'] as const).map(file)}
        <MainAct>{file('pdf')}</MainAct>
      </div>
    </div>
  )
}
