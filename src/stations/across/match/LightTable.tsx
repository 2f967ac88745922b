'use client'

import { capital } from '@/core/units/capital'
import { useEffect, useMemo, useRef, useState } from 'react'
import { CHECK_PICTURES, type CheckPicture } from '@/core/match/pictureOfCheck'
import { placeKey, type FoundPlace } from '@/core/match/checks/matchCheck'
import type { ShownMatch } from '@/core/match/matchImpression'
import { Choice } from '@/ui/Choice'
import { PixelCanvas } from '@/ui/PixelCanvas'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { MAP_LEGENDS, mapColour } from './differenceColours'

const LIGHT_KEYS: KeyNames = [['B', 'Blink between the two']]

const VIEWS = { swipe: 'Swipe', blink: 'Blink', beside: 'Side by side', difference: 'Difference' } as const
type View = keyof typeof VIEWS
/** What the light table shows: how the two are looked at, and what of the difference. */
export interface Look {
  view: View
  map: Exclude<CheckPicture, 'lie'>
}
/** Time each of the two is shown while they blink, ms. */
const BLINK_MS = 700

function DifferenceMap({ match, map }: { match: ShownMatch; map: Look['map'] }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const layer = match.layers[map]
  const { title, steps } = MAP_LEGENDS[map]
  useEffect(() => {
    const context = canvas.current?.getContext('2d')
    if (!context || layer.width === 0) return
    const image = context.createImageData(layer.width, layer.height)
    for (let i = 0; i < layer.data.length; i++) {
      const colour = mapColour(steps, layer.data[i])
      if (!colour) continue
      image.data[4 * i] = colour[0]
      image.data[4 * i + 1] = colour[1]
      image.data[4 * i + 2] = colour[2]
      image.data[4 * i + 3] = 255
    }
    context.putImageData(image, 0, 0)
  }, [layer, steps])
  const share = (mm: number, all: number) => `${(100 * mm * match.pixelsPerMm) / all}%`
  const { width, height } = match.reference
  return (
    <div className="relative bg-raised" style={{ aspectRatio: `${width} / ${height}` }}>
      <canvas
        ref={canvas}
        width={layer.width}
        height={layer.height}
        role="img"
        aria-label={title}
        className="absolute"
        style={{
          imageRendering: 'pixelated',
          left: share(layer.leftMm, width),
          top: share(layer.topMm, height),
          width: share(layer.width * layer.mmPerPixel, width),
          height: share(layer.height * layer.mmPerPixel, height),
        }}
      />
    </div>
  )
}

const MAPS = (['colour', 'ink', 'film', 'drawing'] as const).map(
  (key) => [key, capital(CHECK_PICTURES[key])] as const,
)

/** Numbers of places stand at their boxes' corners; one that would cover another goes on to the right of it. */
function numberSpots(places: readonly FoundPlace[], size: number): [number, number][] {
  const set: [number, number][] = []
  for (const place of places) {
    let x = place.xMm - 1.5
    const y = place.yMm - 2.7
    while (set.some(([a, b]) => Math.abs(a - x) < size * 1.2 && Math.abs(b - y) < size)) x += size * 1.2
    set.push([x, y])
  }
  return set
}

interface LightTableProps {
  match: ShownMatch
  name: string
  places: readonly FoundPlace[]
  accepted: ReadonlySet<string>
  current: number
  look: Look
  onLook: (look: Look) => void
}

/** Both prints over one another on the light table: swiped, blinked, beside one another, or as what differs, with the places marked. */
export function LightTable({ match, name, places, accepted, current, look, onLook }: LightTableProps) {
  const { view, map } = look
  const setView = (next: View) => onLook({ ...look, view: next })
  const [by, setBy] = useState<'plate' | 'sheet'>('sheet')
  const [part, setPart] = useState(50)
  const [isOver, setOver] = useState(true)
  const { reference, impression, pixelsPerMm, plate, placed } = match
  const [widthMm, heightMm] = [reference.width / pixelsPerMm, reference.height / pixelsPerMm]
  useEffect(() => {
    // Where a person asked for no motion the two change only by hand.
    if (view !== 'blink' || window.matchMedia('(prefers-reduced-motion: reduce)').matches) return
    const timer = setInterval(() => setOver((over) => !over), BLINK_MS)
    return () => clearInterval(timer)
  }, [view])
  useKey(LIGHT_KEYS, ({ key }) => {
    if (key !== 'b') return false
    if (view === 'blink') setOver((over) => !over)
    else setView('blink')
    return true
  })
  const laidOver = useMemo(() => {
    if (by === 'sheet') return undefined
    const origin = `${(100 * (plate.leftMm + plate.widthMm / 2)) / widthMm}% ${(100 * (plate.topMm + plate.heightMm / 2)) / heightMm}%`
    return {
      transformOrigin: origin,
      transform: `rotate(${-placed.degrees}deg) scale(${1 / (1 + placed.widerPercent / 100)}, ${1 / (1 + placed.tallerPercent / 100)}) translate(${(-100 * placed.xMm) / widthMm}%, ${(-100 * placed.yMm) / heightMm}%)`,
    }
  }, [by, plate, placed, widthMm, heightMm])
  const size = Math.max(4, widthMm / 45)
  const numbers = numberSpots(places, size)
  const marks = (
    <svg
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      className="pointer-events-none absolute inset-0 h-full w-full"
      aria-hidden
    >
      {places.map((place, i) => {
        const [x, y, w, h] = [place.xMm - 1.5, place.yMm - 1.5, place.widthMm + 3, place.heightMm + 3]
        return (
          <g key={placeKey(place)}>
            <rect
              x={x}
              y={y}
              width={w}
              height={h}
              fill="none"
              stroke="#fff"
              strokeWidth={i === current ? 2.2 : 1.4}
            />
            <rect
              x={x}
              y={y}
              width={w}
              height={h}
              fill="none"
              stroke="#9a2b00"
              strokeWidth={i === current ? 1.4 : 0.7}
              strokeDasharray={accepted.has(placeKey(place)) ? '2 2' : undefined}
            />
            <text
              x={numbers[i][0]}
              y={numbers[i][1]}
              fontSize={size}
              fontWeight={700}
              fill="#9a2b00"
              stroke="#fff"
              strokeWidth={0.7}
              paintOrder="stroke"
            >
              {i + 1}
            </text>
          </g>
        )
      })}
    </svg>
  )
  const over =
    view === 'swipe'
      ? { clipPath: `inset(0 ${100 - part}% 0 0)` }
      : { visibility: isOver ? ('visible' as const) : ('hidden' as const) }
  return (
    <section aria-label="Light table" className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Choice
          label="How to look"
          value={view}
          options={Object.entries(VIEWS) as [View, string][]}
          onPick={setView}
        />
        {view === 'difference' && (
          <Choice
            label="Difference in"
            value={map}
            options={MAPS}
            onPick={(next) => onLook({ ...look, map: next })}
          />
        )}
        {view !== 'difference' && (
          <Choice
            label="Laid over one another"
            value={by}
            options={[
              ['sheet', 'by the sheet'],
              ['plate', 'by the plate'],
            ]}
            onPick={setBy}
          />
        )}
      </div>
      {view === 'beside' ? (
        <div className="grid gap-2 sm:grid-cols-2">
          <figure>
            <PixelCanvas picture={reference} alt="The BAT" />
            <figcaption className="text-sm">BAT</figcaption>
          </figure>
          <figure>
            <div className="relative overflow-hidden">
              <PixelCanvas picture={impression} alt={name} style={laidOver} />
              {marks}
            </div>
            <figcaption className="text-sm">{name}</figcaption>
          </figure>
        </div>
      ) : view === 'difference' ? (
        <div className="relative">
          <DifferenceMap match={match} map={map} />
          {marks}
        </div>
      ) : (
        <div className="relative overflow-hidden">
          <PixelCanvas picture={reference} alt="The BAT" />
          <div className="absolute inset-0" style={over}>
            <PixelCanvas picture={impression} alt={name} style={laidOver} />
          </div>
          {view === 'swipe' && (
            <span
              aria-hidden
              className="absolute inset-y-0 w-0.5 bg-[#141414]"
              style={{ left: `${part}%` }}
            />
          )}
          {marks}
        </div>
      )}
      {view === 'swipe' && (
        <label className="mt-1 flex items-center gap-3 text-sm">
          <span>{name}</span>
          <input
            type="range"
            min="0"
            max="100"
            value={part}
            aria-label="Swipe between the BAT and the impression"
            onChange={({ target }) => setPart(Number(target.value))}
            className="h-11 min-w-0 flex-1 accent-current"
          />
          <span>BAT</span>
        </label>
      )}
      {view === 'blink' && (
        <p className="mt-1 min-h-11 py-2 text-sm">
          Now: <b>{isOver ? name : 'BAT'}</b>.{' '}
          <button
            type="button"
            className="min-h-11 underline underline-offset-4"
            onClick={() => setOver(!isOver)}
          >
            Change over
          </button>{' '}
          (B)
        </p>
      )}
      {view === 'difference' && (
        <ul aria-label="What the greys mean" className="mt-2 flex flex-wrap gap-x-4 text-sm">
          {MAP_LEGENDS[map].steps.map(({ from, colour, words }) => (
            <li key={from} className="flex items-center gap-1.5">
              <span
                aria-hidden
                className="inline-block size-4 border border-line"
                style={{ background: `rgb(${colour.join(' ')})` }}
              />
              {words}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
