'use client'

import { formatGrams } from '@/core/units/quantity'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { useMemo, useState } from 'react'
import { deltaE00 } from '@/core/colour/deltaE00'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { batchContents, type MixCard, type WeighedInk } from '@/core/ink/mixCard'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { drawDownBatch } from '@/devices/mixingSlab'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { addToBatchAction, measureBatchAction } from './actions'
import { correctAnswer } from './colourAnswers'
import { inkConditions } from './inkConditions'
import { InkRooms } from './InkRooms'
import { MixStrip } from './MixStrip'
import { useOpenMix } from './openMix'
import { SearchProgress } from './SearchProgress'
import { SpectrumReading } from './SpectrumReading'
import { useInkSearch } from './useInkSearch'
import { useMix } from './useMix'
import { sendAct } from '../across/act/sendAct'

/** Inks a correction may add at the most: a third would be guessing. */
const MOST_ADDED = 2

/** The batch of the open mix. */
export const CorrectRoom = (props: Parameters<typeof Correct>[0]) => (
  <Correct key={useOpenMix(useJob().id)} {...props} />
)

/** The actual batch against its target: what to add, or that no addition can. */
function Correct({ inks, papers, cards }: { inks: StoreInk[]; papers: StorePaper[]; cards: MixCard[] }) {
  const zone = useZone()
  const bench = useBench()
  const job = useJob()
  const { value, change, mixes, pick, ...kept } = useMix()
  const person = usePerson()
  const [limit, setLimit] = useState<number | null>(1)
  const [maxAdd, setMaxAdd] = useState<number | null>(10)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const { done, found, search, cancel } = useInkSearch()
  const paper = papers.find(({ id }) => id === bench.paper?.paperId) ?? papers[0]
  const conditions = useMemo(() => inkConditions(paper?.reflectance, 'mid'), [paper])
  const batches = cards.flatMap((card) => card.batches.map((batch) => ({ card, batch })))
  const [chosen, setChosen] = useState<string | null>(null)
  const current =
    batches.find(({ batch }) => batch.id === chosen) ??
    batches.filter(({ card }) => card.id === value.card?.id).at(-1) ??
    batches.at(-1)
  const target = value.target ?? current?.card.versions.at(-1)!.mix.target ?? null

  if (!current || !target) {
    return (
      <Panel
        rooms={<InkRooms />}
        title="Ink"
        answer={
          current
            ? {
                says: 'Choose the colour to match first',
                because: 'The batch is held against it.',
                asks: { words: 'Choose it in Match', page: `/jobs/${job.slug}/ink/match` },
              }
            : {
                says: 'Weigh a batch first',
                because: 'What was weighed in is what can be corrected.',
                asks: {
                  words: 'Save the mix on a card and weigh a batch',
                  page: `/jobs/${job.slug}/ink/card`,
                },
              }
        }
      />
    )
  }
  const { batch, card } = current
  const contents = batchContents(batch)
  const total = contents.reduce((sum, { grams }) => sum + grams, 0)
  const off = batch.measured ? deltaE00(target.lab, describeSpectrum(batch.measured).lab) : null
  const isKnown = contents.every(({ inkId }) => inks.some(({ id }) => id === inkId))
  const onSlab = isKnown
    ? [
        {
          key: 'batch',
          name: 'This batch, drawn down',
          reflectance: drawDownBatch(
            contents.map(({ inkId, grams }) => ({ ink: toSpectral(inks, inkId), grams })),
            conditions,
          ),
        },
      ]
    : []
  const correction = found?.kind === 'correct' ? found.correction : null
  const rounded: WeighedInk[] = (correction?.add ?? []).flatMap(({ name: inkId, grams }) => {
    const ink = inks.find(({ id }) => id === inkId)!
    const amount = Math.round(grams * 100) / 100
    return amount > 0 ? [{ inkId: ink.id, name: ink.name, grams: amount }] : []
  })
  const run = async (act: () => Promise<{ ok: true } | { ok: false; problems: FieldProblem[] }>) => {
    const answer = await act()
    setProblems(answer.ok ? [] : answer.problems)
    return answer.ok
  }
  const add = async () => {
    if (
      !(await run(() =>
        sendAct(addToBatchAction, {
          batchId: batch.id,
          addition: { weighed: rounded, by: person },
        }),
      ))
    )
      return
    cancel()
    const after = batchContents({
      weighed: contents,
      additions: [{ at: batch.madeAt, by: batch.by, weighed: rounded }],
    })
    change({
      basis: 'grams',
      parts: after.map(({ inkId, name, grams }) => ({ inkId, name, parts: Number(grams.toFixed(2)) })),
      batchGrams: Number(after.reduce((sum, { grams }) => sum + grams, 0).toFixed(2)),
    })
  }

  return (
    <Panel
      rooms={<InkRooms />}
      title="Ink"
      aside={<KeepLine {...kept} />}
      answer={correctAnswer(target, off, limit ?? 1, correction, rounded)}
    >
      <MixStrip mixes={mixes} open={value.id} onPick={pick} />
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Batch" className="grid content-start gap-4">
          <SelectField
            label="Batch"
            value={batch.id}
            options={batches.map(({ card: of, batch: one }) => [
              one.id,
              `${of.name}, ${saidDayOf(one.madeAt, zone)}, ${formatGrams(
                batchContents(one).reduce((sum, { grams }) => sum + grams, 0),
                1,
              )}`,
            ])}
            onPick={setChosen}
          />
          <p>{contents.map(({ name, grams }) => `${name} ${formatGrams(grams, 2)}`).join(', ')}.</p>
          <SpectrumReading
            label="Batch drawn down"
            tray={onSlab}
            value={batch.measured}
            onValue={(measured) =>
              void run(() => sendAct(measureBatchAction, { batchId: batch.id, measured }))
            }
          />
        </section>
        <section aria-label="Correction" className="grid content-start gap-3 sm:grid-cols-2">
          <NumberField label="Good enough below" unit="ΔE00" value={limit} onValue={setLimit} />
          <NumberField
            label="Add at the most"
            unit="g"
            value={maxAdd}
            onValue={setMaxAdd}
            problem={maxAdd !== null && maxAdd <= 0 ? 'must be more than 0' : undefined}
          />
          <Button
            look="main"
            className="sm:col-span-2"
            disabled={!batch.measured || !maxAdd || maxAdd <= 0 || done !== null || !isKnown}
            onClick={() =>
              search({
                kind: 'correct',
                input: {
                  target: target.lab,
                  inks: inks
                    .filter(({ forecastable }) => forecastable)
                    .map(({ id, k, s }) => ({ name: id, k, s })),
                  maxInks: MOST_ADDED,
                  batch: contents.map(({ inkId, grams }) => ({ name: inkId, grams })),
                  maxAddGrams: maxAdd!,
                  measured: batch.measured!,
                  ...(limit !== null && limit > 0 ? { enoughDeltaE00: limit } : {}),
                  ...conditions,
                  paper: [...conditions.paper],
                },
              })
            }
          >
            Find the smallest correction
          </Button>
          {done !== null && (
            <div className="sm:col-span-2">
              <SearchProgress done={done} onCancel={cancel} />
            </div>
          )}
          {correction && (
            <div data-said className="sm:col-span-2">
              {rounded.length === 0 ? (
                <p>
                  {limit !== null && correction.deltaE00Before <= limit ? (
                    <b>Nothing to add: it is near enough.</b>
                  ) : (
                    <>
                      <b>No addition brings it nearer.</b> It stays at ΔE{' '}
                      {correction.deltaE00Before.toFixed(2)}: mix fresh, or accept it.
                    </>
                  )}
                </p>
              ) : (
                <>
                  <ul className="border-t border-line">
                    {rounded.map(({ name, grams }) => (
                      <li key={name} className="flex justify-between border-b border-line py-1.5 text-lg">
                        <span>{name}</span>
                        <b>+ {formatGrams(grams, 2)}</b>
                      </li>
                    ))}
                  </ul>
                  <p className="my-2">
                    ΔE {correction.deltaE00Before.toFixed(2)} → {correction.deltaE00After.toFixed(2)},{' '}
                    {formatGrams(total + rounded.reduce((sum, { grams }) => sum + grams, 0), 1)} in all.
                    {limit !== null && correction.deltaE00After > limit && (
                      <b>
                        {' '}
                        ◆ No addition of up to {formatGrams(maxAdd ?? 0, 1)} brings it under{' '}
                        {formatNumber(limit, 1)}.
                      </b>
                    )}
                  </p>
                  <PersonField did="Added by" problem={problemAt(problems, 'addition.by')} />
                  <Button onClick={() => void add()}>Added: save it on the batch</Button>
                </>
              )}
            </div>
          )}
          <Problems problems={problems} except={['addition.by']} />
          <p className="text-sm text-muted sm:col-span-2">
            Card: {card.name}. Ink can only be added. The measured batch moves the forecast to where it really
            is.
          </p>
        </section>
      </div>
    </Panel>
  )
}

function toSpectral(inks: readonly StoreInk[], inkId: string) {
  const { name, k, s } = inks.find(({ id }) => id === inkId)!
  return { name, k, s }
}
