'use client'

import {
  amountOnScale,
  closerMm,
  readingsWords,
  readingWords,
  sideNames,
  type PressureScale,
} from '@/core/press/pressureScale'
import { Button } from '@/ui/Button'
import { Dial } from './Dial'
import { Ruler } from './Ruler'
import type { Side } from './useScrewKeys'

interface FrontElevationProps {
  scale: PressureScale
  readingLeft: number
  readingRight: number
  /** drawn hollow beside how it stands, and what that is */
  target: { readingLeft: number; readingRight: number } | null
  targetIs: 'the BAT' | 'wanted'
  /** squeeze as a percentage of the BAT's */
  left: number | null
  right: number | null
  /** @param by readings */
  onTurn: (sides: Side[], by: number) => void
}

/** How much the lean of the roller is exaggerated; printed beside the drawing. */
const TILT_FACTOR = 12
/** Drawing units a millimetre of lean takes before it is exaggerated. */
const UNITS_PER_MM = 1.6
/** What a step is drawn as where nobody measured it, mm. */
const DRAWN_STEP_MM = 0.5

/** How light the print is likely to be across, from squeeze at both sides: the strip under the roller. */
function stripGrey(squeeze: number | null): string {
  const share = squeeze === null ? 100 : Math.max(40, Math.min(160, squeeze))
  const level = Math.round(70 + (160 - share) * 1.25)
  return `rgb(${level} ${level} ${level})`
}

/** Quarters and halves as they are said at a screw: "¼". */
const SHORT: Record<string, string> = { '0.125': '⅛', '0.25': '¼', '0.5': '½', '1': '1' }
const stepWords = (scale: PressureScale): string =>
  scale.id === 'turns' ? (SHORT[String(scale.step)] ?? String(scale.step)) : amountOnScale(scale, scale.step)

/** The press from the front: what is read at each side, the roller's lean exaggerated, and a strip that forecasts lightness; of one reading, its scale alone. */
export function FrontElevation({
  scale,
  readingLeft,
  readingRight,
  target,
  targetIs,
  left,
  right,
  onTurn,
}: FrontElevationProps) {
  const isOne = scale.sides === 1
  const leanMm = -(
    closerMm(scale, readingLeft, readingRight) ??
    (DRAWN_STEP_MM * (readingRight - readingLeft) * (scale.heavier === 'up' ? 1 : -1)) / scale.step
  )
  const lean = isOne ? 0 : Math.max(-22, Math.min(22, leanMm * UNITS_PER_MM * TILT_FACTOR))
  const Head = scale.id === 'turns' ? Dial : Ruler
  const stands = readingsWords(scale, { left: readingLeft, right: readingRight })
  const label = `Press from the front: ${isOne ? stands : `left ${readingWords(scale, readingLeft)}, right ${readingWords(scale, readingRight)}`}${scale.countedFrom === 'bed' ? ' from zero' : ''}`
  if (isOne)
    return (
      <div>
        <svg viewBox="0 0 420 104" className="w-full" role="img" aria-label={label}>
          <Head
            x={210}
            scale={scale}
            reading={readingLeft}
            target={target?.readingLeft ?? null}
            label={sideNames(scale).both}
          />
          {target && <Held x={20} anchor="start" is={targetIs} />}
        </svg>
        <Steps scale={scale} onTurn={onTurn} />
      </div>
    )
  return (
    <div>
      <svg viewBox="0 0 420 208" className="w-full" role="img" aria-label={label}>
        <defs>
          <linearGradient id="lightness">
            <stop offset="0" stopColor={stripGrey(left)} />
            <stop offset="1" stopColor={stripGrey(right)} />
          </linearGradient>
        </defs>
        <Head x={60} scale={scale} reading={readingLeft} target={target?.readingLeft ?? null} label="Left" />
        <Head
          x={360}
          scale={scale}
          reading={readingRight}
          target={target?.readingRight ?? null}
          label="Right"
        />
        <path d="M60 102V182M360 102V182" stroke="currentColor" strokeWidth="3" />
        <path
          d={`M40 ${134 + lean / 2}L380 ${134 - lean / 2}L380 ${164 - lean / 2}L40 ${164 + lean / 2}Z`}
          fill="var(--raised)"
          stroke="currentColor"
          strokeWidth="1.6"
        />
        <path d={`M40 ${142 + lean / 2}L380 ${142 - lean / 2}`} stroke="currentColor" strokeWidth="0.5" />
        <rect
          x="40"
          y="186"
          width="340"
          height="12"
          fill="url(#lightness)"
          stroke="currentColor"
          strokeWidth="0.8"
        />
        {target && <Held x={210} anchor="middle" is={targetIs} />}
        <text x="210" y="122" fontSize="11" textAnchor="middle" fill="currentColor">
          roller, lean shown {TILT_FACTOR} ×
        </text>
      </svg>
      <p className="text-xs text-muted">
        The strip forecasts how dark the print comes out from left to right
        {left === null ? ', where the squeeze can be compared with a BAT’s' : ''}.
      </p>
      <Steps scale={scale} onTurn={onTurn} />
    </div>
  )
}

/** What the hollow mark is. */
const Held = ({
  x,
  anchor,
  is,
}: {
  x: number
  anchor: 'start' | 'middle'
  is: FrontElevationProps['targetIs']
}) => (
  <text x={x} y="18" fontSize="11" textAnchor={anchor} fill="currentColor">
    outline: {is}
  </text>
)

/** One step tighter or looser, each side or both. */
function Steps({ scale, onTurn }: { scale: PressureScale; onTurn: FrontElevationProps['onTurn'] }) {
  const tighter = scale.heavier === 'up' ? scale.step : -scale.step
  const words = stepWords(scale)
  const button = (verb: string, sides: Side[], by: number) => (
    <Button className="min-h-14 justify-center px-2" onClick={() => onTurn(sides, by)}>
      {verb} {words}
    </Button>
  )
  const both: Side[] = ['readingLeft', 'readingRight']
  if (scale.sides === 1)
    return (
      <div className="mt-2 grid grid-cols-2 gap-2" role="group" aria-label="One step">
        {button('Tighten', both, tighter)}
        {button('Loosen', both, -tighter)}
      </div>
    )
  return (
    <div className="mt-2 grid grid-cols-3 gap-2" role="group" aria-label="One step at either side">
      {button('Tighten left', ['readingLeft'], tighter)}
      {button('Tighten both', both, tighter)}
      {button('Tighten right', ['readingRight'], tighter)}
      {button('Loosen left', ['readingLeft'], -tighter)}
      {button('Loosen both', both, -tighter)}
      {button('Loosen right', ['readingRight'], -tighter)}
    </div>
  )
}
