'use client'

import { formatGrams } from '@/core/units/quantity'
import { counted } from '@/core/units/counted'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { Printer } from 'lucide-react'
import { useMemo, useState } from 'react'
import { recipeOf, recipeGrams } from '@/core/ink/mix'
import { batchContents, describeMixChange, type MixCard, type WeighedInk } from '@/core/ink/mixCard'
import { pullsCovered } from '@/core/ink/inkNeed'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { simulateScale } from '@/devices/scale'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { keepCardAction, makeBatchAction } from './actions'
import { cardAnswer } from './answers'
import { forecastMix } from './forecastMix'
import { InkRooms } from './InkRooms'
import { MixStrip } from './MixStrip'
import { useOpenMix } from './openMix'
import { RecipeCard } from './RecipeCard'
import { Swatches } from './Swatches'
import { useMix } from './useMix'
import { sendAct } from '../across/act/sendAct'

/** Step of the simulated bench scale, grams. */
const SCALE_STEP = 0.1

/** The card of the open mix. */
export const CardRoom = (props: Parameters<typeof Card>[0]) => (
  <Card key={useOpenMix(useJob().id)} {...props} />
)

/** The card of the mix: kept in versions, mixed in batches, printed with a spot for the dab. */
function Card({ inks, papers, cards }: { inks: StoreInk[]; papers: StorePaper[]; cards: MixCard[] }) {
  const zone = useZone()
  const bench = useBench()
  const job = useJob()
  const { value, change, mixes, pick, ...kept } = useMix()
  const mix = bench.ink?.mixes.find(({ id }) => id === value.id) ?? null
  const person = usePerson()
  const [why, setWhy] = useState('')
  const [weighed, setWeighed] = useState<WeighedInk[]>([])
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const scale = useMemo(() => simulateScale(SCALE_STEP, 31), [])
  const parts = useMemo(() => value.parts ?? [], [value.parts])
  const paper = papers.find(({ id }) => id === bench.paper?.paperId) ?? papers[0]
  const forecast = useMemo(() => forecastMix(parts, inks, paper?.reflectance ?? null), [parts, inks, paper])
  const card = cards.find(({ id }) => id === value.card?.id)
  const onCard = value.card != null && !value.card.isChanged
  const wanted = value.batchGrams ? recipeGrams({ parts, batchGrams: value.batchGrams }) : []

  const failed = (answer: { ok: boolean; problems?: FieldProblem[] }) =>
    setProblems(answer.ok ? [] : (answer.problems ?? []))
  const keep = async () => {
    if (!mix) return setProblems([{ field: '', message: 'Finish the mix first: a name, inks, a batch.' }])
    const answer = await sendAct(keepCardAction, {
      cardId: card?.id ?? null,
      mix: recipeOf(mix),
      why,
      by: person,
    })
    failed(answer)
    if (!answer.ok) return
    setWhy('')
    change({ card: { ...answer.card, isChanged: false } })
  }
  const weigh = (i: number) => {
    const { inkId, name } = parts[i]
    setWeighed([
      ...weighed.filter((one) => one.inkId !== inkId),
      { inkId, name, grams: scale.weigh(wanted[i].grams) },
    ])
  }
  const finish = async () => {
    const answer = await sendAct(makeBatchAction, {
      id: crypto.randomUUID(),
      cardId: value.card!.id,
      version: value.card!.version,
      weighed,
      by: person,
    })
    failed(answer)
    if (answer.ok) setWeighed([])
  }

  return (
    <Panel
      rooms={<InkRooms />}
      title="Ink"
      aside={<KeepLine {...kept} />}
      answer={cardAnswer(
        value,
        card ? { name: card.name, newest: card.versions.at(-1)!.version } : null,
        onCard ? value.card!.version : null,
      )}
    >
      <div className="screen-only">
        <MixStrip mixes={mixes} open={value.id} onPick={pick} />
      </div>
      <div data-prints-alone className="grid gap-8 xl:grid-cols-2 print:grid-cols-2">
        <div>
          <Swatches forecast={forecast} paperName={paper?.name ?? 'no paper'} />
          <RecipeCard
            mix={value}
            title={job.title}
            covers={
              value.batchGrams && value.gramsPerPull
                ? pullsCovered(value.batchGrams, value.gramsPerPull, 0)
                : 0
            }
          />
          {onCard && (
            <div className="mt-4 flex items-center gap-4">
              <svg
                viewBox="0 0 60 60"
                className="size-20"
                role="img"
                aria-label={`Spot for the dab of card ${value.card!.version}`}
              >
                <circle
                  cx="30"
                  cy="30"
                  r="27"
                  fill="#fff"
                  stroke="currentColor"
                  strokeWidth="1"
                  strokeDasharray="3 3"
                />
                <text x="30" y="35" textAnchor="middle" fontSize="13" fill="#141414">
                  {value.card!.version}
                </text>
              </svg>
              <p className="text-sm">
                Dab it here, drawn out thin to the right. The number is the version of the card.
              </p>
            </div>
          )}
        </div>
        <div className="screen-only grid content-start gap-6">
          <section aria-label="Save on a card" className="grid gap-3">
            <h2 className="station-title">
              {onCard
                ? `On card “${card?.name ?? value.name}”, version ${value.card!.version}`
                : card
                  ? `Changed since version ${card.versions.at(-1)!.version}`
                  : 'Not on a card yet'}
            </h2>
            {!onCard && card && mix && (
              <p className="text-sm">
                {describeMixChange(card.versions.at(-1)!.mix, mix).join(', ') || 'Nothing in the recipe.'}
              </p>
            )}
            {!onCard && card && (
              <TextField
                label="Why a new version"
                value={why}
                onText={setWhy}
                problem={problemAt(problems, 'why')}
              />
            )}
            <PersonField did="Mixed by" problem={problemAt(problems, 'by')} />
            <div className="flex flex-wrap gap-3">
              {!onCard && (
                <MainAct>
                  <Button look="main" onClick={() => void keep()}>
                    {card ? `Save as version ${card.versions.at(-1)!.version + 1}` : 'Save on a card'}
                  </Button>
                </MainAct>
              )}
              {onCard && (
                <Button onClick={() => window.print()}>
                  <Printer size={18} aria-hidden /> Print the card
                </Button>
              )}
              {!onCard && card && (
                <Button look="quiet" onClick={() => change({ card: undefined })}>
                  As a card of its own
                </Button>
              )}
            </div>
            <Problems problems={problems} except={['why', 'by']} />
          </section>
          {onCard && (
            <section aria-label="Weigh a batch" className="border-t border-line pt-3">
              <h2 className="station-title">Weigh a batch</h2>
              <ul>
                {parts.map((part, i) => {
                  const done = weighed.find(({ inkId }) => inkId === part.inkId)
                  return (
                    <li key={part.inkId} className="flex items-center gap-3 border-b border-line py-1">
                      <span className="flex-1">{part.name}</span>
                      <span className="w-24 text-right">{formatGrams(wanted[i]?.grams ?? 0, 1)}</span>
                      <span className="w-28 text-right font-semibold">
                        {done ? `${formatGrams(done.grams, 1)} in` : '—'}
                      </span>
                      <Button aria-label={`Weigh in ${part.name}`} onClick={() => weigh(i)}>
                        {done ? 'Again' : 'On the scale'}
                      </Button>
                    </li>
                  )
                })}
              </ul>
              <MainAct>
                <Button
                  look="main"
                  className="mt-3"
                  disabled={weighed.length < parts.length}
                  onClick={() => void finish()}
                >
                  Batch is mixed
                </Button>
              </MainAct>
              <p className="mt-1 text-sm text-muted">A simulated scale, steps of {SCALE_STEP} g.</p>
            </section>
          )}
          {card && (
            <section aria-label="History of the card" className="border-t border-line pt-3">
              <h2 className="station-title">{counted(card.pulls, 'pull')} from this card</h2>
              <ol>
                {card.versions.map((version, i) => (
                  <li key={version.version} className="border-b border-line py-1.5 text-sm">
                    <b>Version {version.version}</b>, {saidDayOf(version.at, zone)}, {version.by}
                    {version.why ? `: ${version.why}` : ''}
                    {i > 0 && (
                      <span className="block">
                        {describeMixChange(card.versions[i - 1].mix, version.mix).join(', ')}
                      </span>
                    )}
                  </li>
                ))}
              </ol>
              <ul className="mt-2" aria-label="Batches">
                {card.batches.map((batch) => (
                  <li key={batch.id} className="py-1 text-sm">
                    {saidDayOf(batch.madeAt, zone)}:{' '}
                    {formatNumber(
                      batchContents(batch).reduce((sum, { grams }) => sum + grams, 0),
                      1,
                    )}{' '}
                    g of version {batch.version}, usable until {batch.usableUntil}
                    {batch.additions.length > 0
                      ? `, corrected ${counted(batch.additions.length, 'time')}`
                      : ''}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
    </Panel>
  )
}
