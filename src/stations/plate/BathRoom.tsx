'use client'

import { formatArea, formatGrams } from '@/core/units/quantity'
import { saidDayOf } from '@/core/units/moment'
import { inTradeWords } from '@/core/units/tradeWords'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import { BATH_RECIPES, bathInput, makeBath, type BathRecipe } from '@/core/plate/bath'
import {
  accountBath,
  platesLeft,
  type BathCard,
  type BathUse,
  type DepthKnown,
} from '@/core/plate/bathAccount'
import { baumeInput, convertBaume, dilutionWater } from '@/core/plate/baume'
import { CHEMICALS, SPENT_BATH } from '@/core/plate/chemicals'
import { METAL_IN_MORDANT } from '@/core/plate/mordants'
import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import { formatNumber } from '@/core/units/length'
import type { ArtworkReading } from '@/core/plate/artworkReading'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench } from '../across/bench/BenchContext'
import { PlateCaution } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { useArtworkReading } from './useArtworkReading'
import { bathAnswer } from './answers'
import { BathUseForm } from './BathUseForm'
import { endBathAction, makeBathAction } from './biteActions'
import { PlateRooms } from './PlateRooms'
import { sendAct } from '../across/act/sendAct'

/** Share of a plate bitten open, and depth, until the person says otherwise (common practice, no source). */
const USUAL_OPEN = 0.2
const USUAL_DEPTH = 80

/** Where an open area that nobody typed comes from. */
const openHint = (reading: ArtworkReading | null): string =>
  reading
    ? `by the artwork: ${formatNumber(100 * reading.openShare, 0)} % of the plate`
    : `taken as a fifth of the plate`

/** A depth by what it is known from: said and weighed stand beside each other. */
function depthWords({ said, weighed }: DepthKnown, { lossGrams }: Pick<BathUse, 'lossGrams'>): string {
  const parts: string[] = []
  if (said !== null) parts.push(`${formatNumber(said, 0)} µm as said`)
  if (weighed !== null)
    parts.push(`${formatNumber(weighed, 0)} µm on average by the scale (${formatGrams(lossGrams!, 2)})`)
  return parts.join('; ')
}

/** Why the plate on the bench does not go into a bath; null: it may, or is bitten by none. */
function whyUnfit(kind: PlateKind | undefined, bath: BathCard | undefined): string | null {
  const facts = kind && PLATE_KINDS[kind]
  if (!bath || !facts?.metal || facts.caution !== 'bath') return null
  const { words } = METAL_IN_MORDANT[facts.metal]['saline-sulphate']
  if (words) return words
  return BATH_RECIPES[bath.recipe].metal === facts.metal
    ? null
    : `This bath is weighed out for ${BATH_RECIPES[bath.recipe].metal}, and the plate is ${facts.metal}: never one bath for two metals.`
}

/** The baths of the workshop: weighed out, what each has taken up, and how many plates like this one are left in it. */
export function BathRoom({ baths }: { baths: BathCard[] }) {
  const zone = useZone()
  const bench = useBench()
  const { plate } = bench
  const [chosen, setChosen] = useState<string | null>(null)
  const reading = useArtworkReading()
  const usual = plate ? Math.round(((plate.widthMm * plate.heightMm) / 100) * USUAL_OPEN) : 20
  const known = reading ? Number(reading.openCm2.toFixed(1)) : usual
  const [typed, setOpen] = useState<number | null | undefined>(undefined)
  const openCm2 = typed === undefined ? known : typed
  const [depth, setDepth] = useState<number | null>(USUAL_DEPTH)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const live = baths.filter(({ endedAt }) => endedAt === null)
  const bath = live.find(({ id }) => id === chosen) ?? live[0]
  const unfit = whyUnfit(plate?.kind, bath)
  const account = bath && accountBath(bath)
  const left =
    account && openCm2 && depth && openCm2 > 0 && depth > 0
      ? platesLeft(account, bath.recipe, { openAreaCm2: openCm2, depthMicrometres: depth })
      : null
  const end = async () => {
    const answer = await sendAct(endBathAction, { bathId: bath.id })
    setProblems(answer.ok ? [] : answer.problems)
  }
  return (
    <Panel rooms={<PlateRooms />} title="Plate" answer={bathAnswer(bath, left, { openCm2, depth })}>
      <PlateCaution kind="aluminium-etched" />
      {unfit && <p className="mb-3 border-l-4 border-text bg-ground px-3 py-2 font-medium">◆ {unfit}</p>}
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Live bath" className="grid content-start gap-4">
          {bath && account && (
            <>
              <SelectField
                label="Bath"
                value={bath.id}
                options={live.map(({ id, name, volumeMl }) => [
                  id,
                  `${name}, ${formatNumber(volumeMl, 0)} ml`,
                ])}
                onPick={setChosen}
              />
              <p className="text-sm">
                {BATH_RECIPES[bath.recipe].label}, made {saidDayOf(bath.madeAt, zone)} by {bath.by}.{' '}
                {bath.note}
              </p>
              <div className="flex flex-wrap gap-x-10 gap-y-3">
                <Figure
                  value={formatGrams(account.leftGrams, 2)}
                  label={`of ${formatGrams(account.capacityGrams, 2)} it can take up at the most`}
                  note={
                    account.correction
                      ? `takes ${formatNumber(account.correction, 2)} × what is calculated`
                      : 'an upper bound: copper displaced and nothing else'
                  }
                />
              </div>
              <div
                className="h-3 border border-edge"
                role="img"
                aria-label={`${formatNumber((100 * account.leftGrams) / account.capacityGrams, 0)} % of the bath is left`}
              >
                <div
                  className="h-full bg-text"
                  style={{ width: `${(100 * account.leftGrams) / account.capacityGrams}%` }}
                />
              </div>
              <div className="grid grid-cols-2 gap-3">
                <NumberField
                  label="Open area of a plate"
                  anchor="bath-open"
                  unit="cm²"
                  value={openCm2}
                  onValue={setOpen}
                  problem={openCm2 !== null && openCm2 <= 0 ? 'must be more than 0' : undefined}
                  hint={typed === undefined ? openHint(reading) : undefined}
                />
                <NumberField
                  label="Depth wanted"
                  unit="µm"
                  value={depth}
                  onValue={setDepth}
                  problem={depth !== null && depth <= 0 ? 'must be more than 0' : undefined}
                />
              </div>
              <BathUseForm
                key={`${bath.id} ${bath.uses.length}`}
                bath={bath}
                plateName={plate?.name ?? ''}
                openAreaCm2={openCm2}
              />
              {bath.uses.length > 0 && (
                <table className="condensed w-full text-sm">
                  <caption className="text-left font-semibold">Bitten in it</caption>
                  <thead className="text-left text-muted">
                    <tr>
                      <th scope="col" className="font-normal">
                        Plate
                      </th>
                      <th scope="col" className="font-normal">
                        Day
                      </th>
                      <th scope="col" className="font-normal">
                        Minutes
                      </th>
                      <th scope="col" className="font-normal">
                        Open
                      </th>
                      <th scope="col" className="font-normal">
                        Mean depth
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {bath.uses.map((use, i) => (
                      <tr key={i} className="border-t border-line">
                        <th scope="row" className="py-1 text-left font-normal">
                          {use.plate}
                        </th>
                        <td>{saidDayOf(use.at, zone)}</td>
                        <td>{formatNumber(use.minutes, 1)}</td>
                        <td>{formatArea(use.openAreaCm2, 0)}</td>
                        <td>{depthWords(account.depths[i], use)}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              )}
              <details className="border-t border-line">
                <summary className="min-h-11 py-2">Retire the bath…</summary>
                <p className="mb-2 text-sm">{SPENT_BATH}</p>
                <Button onClick={() => void end()}>Retire it: it is collected</Button>
              </details>
              <Problems problems={problems} />
            </>
          )}
        </section>
        <div className="grid content-start gap-6">
          <NewBathForm />
          <BaumeTool />
          <details className="border-t border-line">
            <summary className="min-h-11 py-2 font-semibold">Chemical cards</summary>
            <ul>
              {CHEMICALS.map(({ name, formula, use, lookAlikes, keepFrom }) => (
                <li key={name} className="border-b border-line py-2 text-sm">
                  <b>{inTradeWords(name)}</b>, {formula}: {use}. <b>Do not confuse with</b> {lookAlikes}.{' '}
                  <b>Keep from</b> {keepFrom}.
                </li>
              ))}
            </ul>
            <p className="mt-1 text-sm text-muted">
              The safety data sheet, local rules and qualified people decide.
            </p>
          </details>
        </div>
      </div>
    </Panel>
  )
}

function NewBathForm() {
  const person = usePerson()
  const [bath, setBath] = useState({ name: '', recipe: 'saline-sulphate-aluminium' as BathRecipe, note: '' })
  const [volumeMl, setVolume] = useState<number | null>(500)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const input = bathInput.safeParse({ volumeMl, recipe: bath.recipe })
  const weights = input.success ? makeBath(input.data) : null
  const make = async () => {
    const answer = await sendAct(makeBathAction, {
      ...bath,
      volumeMl: volumeMl ?? Number.NaN,
      by: person,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setBath({ ...bath, name: '', note: '' })
  }
  return (
    <section aria-label="Weigh out a bath" className="grid gap-3 sm:grid-cols-2">
      <h2 className="station-title sm:col-span-2">Weigh out a bath</h2>
      <SelectField
        label="Recipe"
        anchor="bath-recipe"
        value={bath.recipe}
        options={Object.entries(BATH_RECIPES).map(([key, { label }]) => [key, label])}
        onPick={(recipe) => setBath({ ...bath, recipe: recipe as BathRecipe })}
      />
      <NumberField
        label="Warm water"
        unit="ml"
        value={volumeMl}
        onValue={setVolume}
        problem={
          input.success ? undefined : input.error.issues.find(({ path }) => path[0] === 'volumeMl')?.message
        }
      />
      {weights && (
        <p className="sm:col-span-2">
          <b data-figure="bath-copper-sulphate">{formatGrams(weights.copperSulphateGrams, 1)}</b> copper
          sulphate pentahydrate, <b data-figure="bath-salt">{formatGrams(weights.saltGrams, 1)}</b> salt
          {weights.bisulphateGrams > 0 && (
            <>
              , <b>{formatGrams(weights.bisulphateGrams, 1)}</b> bisulphate if you have it (not bisulphite)
            </>
          )}
          . {formatNumber(weights.copperMolar, 2)} mol/l copper; takes up{' '}
          <span data-figure="bath-capacity">{formatGrams(weights.metalCapacityGrams, 2)}</span> of metal by
          its copper alone.
        </p>
      )}
      <TextField
        label="Name of the bath"
        value={bath.name}
        onText={(name) => setBath({ ...bath, name })}
        problem={problemAt(problems, 'name')}
      />
      <PersonField did="Made by" problem={problemAt(problems, 'by')} />
      <Problems problems={problems} except={['name', 'by', 'volumeMl']} />
      <MainAct>
        <Button look="main" className="sm:col-span-2" onClick={() => void make()}>
          Bath is made
        </Button>
      </MainAct>
    </section>
  )
}

function BaumeTool() {
  const [degrees, setDegrees] = useState<number | null>(42)
  const [wanted, setWanted] = useState<number | null>(36)
  const [volumeMl, setVolume] = useState<number | null>(1000)
  const input = baumeInput.safeParse({ degrees })
  const water =
    input.success && wanted !== null && volumeMl
      ? dilutionWater({ volumeMl, fromDegrees: degrees!, toDegrees: wanted })
      : null
  return (
    <section
      aria-label="Strength of ferric chloride"
      className="grid grid-cols-3 gap-3 border-t border-line pt-3"
    >
      <h2 className="station-title col-span-3">Strength by hydrometer</h2>
      <NumberField
        label="Now"
        unit="°Bé"
        value={degrees}
        onValue={setDegrees}
        problem={input.success ? undefined : input.error.issues[0].message}
        hint={input.success ? `SG ${convertBaume(input.data).specificGravity.toFixed(3)}` : undefined}
      />
      <NumberField label="Wanted" unit="°Bé" value={wanted} onValue={setWanted} />
      <NumberField label="Volume" unit="ml" value={volumeMl} onValue={setVolume} />
      <p className="col-span-3 text-sm">
        {water === null ? (
          'Only a lower strength can be reached with water.'
        ) : (
          <>
            Pour the {formatNumber(volumeMl!, 0)} ml of ferric chloride slowly into{' '}
            <b>{formatNumber(water, 0)} ml</b> of water, and stir.
          </>
        )}
      </p>
    </section>
  )
}
