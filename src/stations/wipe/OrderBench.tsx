'use client'

import { formatArea, formatCm, formatFine, formatGrams } from '@/core/units/quantity'
import { counted } from '@/core/units/counted'
import { useMemo, useState } from 'react'
import { Printer } from 'lucide-react'
import { moved } from '@/core/units/moved'
import { boundsOf } from '@/core/geometry/point'
import type { KeptZoneMap } from '@/core/plate/zoneMap'
import {
  orderRisks,
  proposeOrder,
  orderCost,
  pairCosts,
  whiteCost,
  whiteRisks,
  whyThere,
  MOST_INKS,
} from '@/core/wipe/inkingOrder'
import { gatherInks, pullAway, type PlateInk } from '@/core/wipe/poupee'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { OrderButtons } from '@/ui/OrderButtons'
import { Panel } from '@/ui/Panel'
import { useJob } from '../across/bench/BenchContext'
import { useNeed } from '../across/bench/useNeed'
import { KeepLine } from '../across/bench/KeepLine'
import { poupeeAnswer } from './answers'
import type { LookedInk } from './inkLooks'
import { useInkOrder } from './useInkOrder'
import { WipeRooms } from './WipeRooms'

/** What using the order does besides: inks that are on no slab yet come with it. */
const orderWords = (missing: number): string =>
  missing === 0 ? 'Use this order' : `Use this order, and put ${counted(missing, 'ink')} on the slab`

/** The order proposed from a zone map, with its reasons and risks, to be changed and taken over. */
export default function OrderBench({
  plate,
  kept,
  shelf,
}: {
  plate: { widthMm: number; heightMm: number }
  kept: KeptZoneMap
  shelf: LookedInk[]
}) {
  const job = useJob()
  const { zones } = kept.map
  const gathered = useMemo(
    () =>
      gatherInks(
        zones,
        plate,
        ({ source, id }) => shelf.find((one) => one.source === source && one.id === id)?.look ?? null,
      ),
    [zones, plate, shelf],
  )
  const { inks, borders, whiteBorders, whites, bare } = gathered
  const proposal = useMemo(
    () =>
      inks.length <= MOST_INKS
        ? proposeOrder(inks, borders, whiteBorders)
        : { order: inks.map((_, i) => i), cost: 0 },
    [inks, borders, whiteBorders],
  )
  const [own, setOwn] = useState<number[] | null>(null)
  const order = own ?? proposal.order
  const costs = pairCosts(inks, borders, whiteBorders)
  const cost = orderCost(order, costs) + whiteCost(inks, whiteBorders)
  const risks = orderRisks(order, inks, borders)
  const besideWhites = whiteRisks(order, inks, whiteBorders)
  const { keeping, mixOf, gramsOf, missing, isTaken, take } = useInkOrder(plate, kept, shelf, gathered, order)
  const { pulls } = useNeed()
  const need = (ink: PlateInk) => {
    const gramsPerPull = gramsOf(ink)
    return `about ${formatGrams(gramsPerPull, 2)} a pull${pulls > 0 ? `, ${formatGrams(gramsPerPull * pulls, 1)} for ${pulls}` : ''}`
  }
  const srgb = (key: string) =>
    shelf.find(({ source, id }) => `${source}:${id}` === key)?.look.srgb ?? '#b0b0b0'
  const middle = (names: readonly string[]): [number, number] => {
    const { left, right, top, bottom } = boundsOf(
      zones.filter(({ name }) => names.includes(name)).flatMap(({ outline }) => outline),
    )
    return [(left + right) / 2, (top + bottom) / 2]
  }
  const away = (ink: number) => {
    // Nothing covers a slip into a white: the hand goes away from it before it minds any other ink.
    const white = whiteBorders.find((border) => border.ink === ink)
    if (white) return pullAway(middle(inks[ink].zones), middle(white.zones))
    const neighbours = borders.flatMap(({ a, b }) => {
      if (a === ink) return [b]
      if (b === ink) return [a]
      return []
    })
    return neighbours.length === 0
      ? 'any way'
      : pullAway(middle(inks[ink].zones), middle(neighbours.flatMap((other) => inks[other].zones)))
  }
  return (
    <Panel
      rooms={<WipeRooms />}
      title="Wipe"
      aside={<KeepLine {...keeping} />}
      answer={poupeeAnswer(
        order.map((i) => inks[i].name),
        bare,
        { mm: formatFine(cost, 1), isLeast: cost <= proposal.cost + 0.05 },
      )}
    >
      {inks.length > MOST_INKS && (
        <p role="alert">◆ More than {MOST_INKS} inks: the order is yours; none is calculated.</p>
      )}
      {inks.length > 0 && (
        <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_24rem]">
          <section aria-label="Order of the inks">
            <div className="flex flex-wrap items-end gap-x-8 gap-y-2">
              {own && cost > proposal.cost + 0.05 && (
                <p className="text-sm">the proposal: {formatFine(proposal.cost, 1)} at risk</p>
              )}
              {own && <Button onClick={() => setOwn(null)}>Back to the proposal</Button>}
              <Button look="main" className="screen-only" disabled={isTaken} onClick={take}>
                {isTaken ? 'Ink in this order' : orderWords(missing)}
              </Button>
              <Button className="screen-only" onClick={() => window.print()}>
                <Printer size={18} aria-hidden /> Print the card
              </Button>
            </div>
            <p className="mt-3 hidden text-lg font-bold print:block">
              {job.title}: inks, map {kept.version}
            </p>
            <ol className="mt-3 border-t border-line" aria-label="Inks in order">
              {order.map((ink, i) => (
                <li
                  key={inks[ink].key}
                  className="grid grid-cols-[2.5rem_2.5rem_1fr_auto] items-center gap-3 border-b border-line py-2"
                >
                  <span className="far-number text-3xl">{i + 1}</span>
                  <span
                    aria-hidden
                    className="h-11 border border-edge"
                    style={{ background: srgb(inks[ink].key) }}
                  />
                  <span className="min-w-0">
                    <b>{inks[ink].name}</b>: {inks[ink].zones.join(', ')}, {formatArea(inks[ink].areaCm2, 1)},{' '}
                    {need(inks[ink])}. Dab and rag {mixOf(inks[ink])?.rag ?? 'of its own'}; wipe {away(ink)}.
                    <span className="block text-sm text-muted">
                      {whyThere(i, order, inks, borders, whiteBorders)}
                    </span>
                  </span>
                  <OrderButtons
                    name={inks[ink].name}
                    at={i}
                    of={order.length}
                    onMove={(to) => setOwn(moved(order, i, to))}
                    className="screen-only"
                  />
                </li>
              ))}
              {whites.length > 0 && (
                <li className="border-b border-line py-2">
                  <b>Last, clean:</b> {whites.join(', ')} kept white, by cotton bud or a fresh corner of the
                  rag.
                </li>
              )}
            </ol>
            <PlateCard
              zones={zones}
              plate={plate}
              number={(name) => order.findIndex((ink) => inks[ink].zones.includes(name)) + 1}
              colour={(zone) => {
                if (zone.isWhite) return '#fff'
                if (zone.ink) return srgb(`${zone.ink.source}:${zone.ink.id}`)
                return '#b0b0b0'
              }}
            />
          </section>
          <section aria-label="Risk at each border" className="self-start">
            <h2 className="station-title">Where they meet</h2>
            {risks.length === 0 && besideWhites.length === 0 && (
              <p className="text-sm text-muted">No two inks meet.</p>
            )}
            <ul>
              {besideWhites.map(({ ink, lengthMm, cost: risk, ifFirst }) => (
                <li key={`white ${ink}`} className="border-b border-line py-2 text-sm">
                  <span className="flex items-center justify-between gap-3">
                    <span>
                      <b>{inks[ink].name}</b> beside white, {formatCm(lengthMm, 1)}
                    </span>
                    <RiskBar share={risk / Math.max(lengthMm * 0.4, 1)} />
                  </span>
                  <span className="text-muted">
                    {formatFine(risk, 1)} at risk: nothing covers a slip there. As the first ink{' '}
                    {formatNumber(ifFirst, 1)} mm.
                  </span>
                </li>
              ))}
              {risks.map(({ first, second, lengthMm, cost: risk, otherWay, why }) => (
                <li key={`${first} ${second}`} className="border-b border-line py-2 text-sm">
                  <span className="flex items-center justify-between gap-3">
                    <span>
                      <b>{inks[first].name}</b> before <b>{inks[second].name}</b>, {formatCm(lengthMm, 1)}
                    </span>
                    <RiskBar share={risk / Math.max(lengthMm * 0.4, 1)} />
                  </span>
                  <span className={risk > otherWay + 0.05 ? 'font-medium text-signal' : 'text-muted'}>
                    {risk > otherWay + 0.05 ? '◆ ' : ''}
                    {formatFine(risk, 1)} at risk: {why}. The other way round {formatNumber(otherWay, 1)} mm.
                  </span>
                </li>
              ))}
            </ul>
            <p className="mt-2 text-sm text-muted">
              Calculated from how dark, covering and strong each ink is on this paper, and how long and hard
              the borders are; the weights are rules of thumb. The hand decides.
            </p>
          </section>
        </div>
      )}
    </Panel>
  )
}

/** How much of a border is at risk, as a bar. */
const RiskBar = ({ share }: { share: number }) => (
  <span aria-hidden className="flex h-3 w-20 shrink-0 border border-edge">
    <span className="bg-text" style={{ width: `${Math.min(100, 100 * share)}%` }} />
  </span>
)

/** The plate small, with the number of each zone's ink: what hangs on the wall. */
function PlateCard({
  zones,
  plate,
  number,
  colour,
}: {
  zones: KeptZoneMap['map']['zones']
  plate: { widthMm: number; heightMm: number }
  number: (name: string) => number
  colour: (zone: KeptZoneMap['map']['zones'][number]) => string
}) {
  return (
    <svg
      viewBox={`0 0 ${plate.widthMm} ${plate.heightMm}`}
      className="mt-4 max-h-72 w-full border border-edge bg-white"
      role="img"
      aria-label="The plate with the number of each zone’s ink"
    >
      {zones.map((zone) => (
        <path
          key={zone.id}
          d={`M${zone.outline.map((point) => point.join(' ')).join('L')}Z`}
          fill={colour(zone)}
          stroke="#141414"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {zones.map((zone) => {
        const { left, right, top, bottom } = boundsOf(zone.outline)
        const size = Math.max(4, Math.min(12, (right - left) / 2.5, (bottom - top) / 1.6))
        return (
          <text
            key={zone.id}
            x={(left + right) / 2}
            y={(top + bottom) / 2 + size / 3}
            fontSize={size}
            textAnchor="middle"
            fontWeight="bold"
            fill="#141414"
            stroke="#fff"
            strokeWidth={size / 5}
            paintOrder="stroke"
          >
            {zone.isWhite ? 'w' : number(zone.name) || '?'}
          </text>
        )
      })}
    </svg>
  )
}
