'use client'

import { onShelf } from '@/core/units/onShelf'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { Blotting } from '@/core/paper/blotting'
import { besideBat, dampGrams, dryGramsAt, standardGramsOf } from '@/core/paper/dampingPlan'
import {
  DAMPING_METHODS,
  sheetGrams,
  uptakeInput,
  uptakePercent,
  type DampingMethod,
  type PaperSetting,
} from '@/core/paper/dampPaper'
import { BASIS_SIZES_IN, convertPaperWeight, type Basis } from '@/core/paper/paperWeight'
import { paperStanding, type PaperStanding, type Reservation } from '@/core/paper/stock'
import { formatNumber } from '@/core/units/length'
import type { WeighIn } from '@/data/paper/soaks'
import type { StorePaper } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { LengthField, NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import Link from 'next/link'
import { useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { needSum } from '../across/bench/needSum'
import { problemAt } from '../across/bench/problemAt'
import { useNeed } from '../across/bench/useNeed'
import { useStation, type Loose } from '../across/bench/useStation'
import type { AddedPaper } from '../shop/store/NewPaperDialog'
import { paperAnswer } from './answers'
import { BlottingPanel } from './BlottingPanel'
import { DampingPanel } from './DampingPanel'
import { PaperAsks } from './PaperAsks'
import { PaperRooms } from './PaperRooms'
import { SoakCurve } from './SoakCurve'
import { WaterScale } from './WaterScale'

const UNSET: Loose<PaperSetting> = {
  paperId: '',
  name: '',
  gsm: null,
  caliperMm: null,
  sheetWidthMm: null,
  sheetHeightMm: null,
  grain: 'unknown',
  method: 'soak',
  dampMinutes: 30,
  targetUptakePercent: 50,
}

/** Only who has a paper that is not in the list needs it. */
const NewPaperDialog = dynamic(
  () => import('../shop/store/NewPaperDialog').then(({ NewPaperDialog: dialog }) => dialog),
  {
    ssr: false,
    loading: () => (
      <Button look="quiet" disabled>
        Add a paper
      </Button>
    ),
  },
)

/** How many sheets are left, where somebody counted. */
const leftWords = (sheets: number | null): string[] => (sheets === null ? [] : [`${sheets} left`])

/** That fewer sheets are free than are wanted; null: enough, or nobody counted. @param others jobs that keep some back */
function shortWords(
  { left, free, reserved }: PaperStanding,
  others: readonly Reservation[],
  wanted: number,
): string | null {
  if (free === null || free >= wanted) return null
  const kept =
    others.length > 0 ? `, ${reserved} reserved for ${others.map(({ title }) => title).join(', ')}` : ''
  return `◆ ${left} sheets left by the book${kept}; ${wanted} wanted here.`
}

/** What the bench takes over of a paper of the stockroom. */
const sheetOf = ({ id, name, gsm, caliperMm, sheetWidthMm, sheetHeightMm, grain }: AddedPaper) => ({
  paperId: id,
  name,
  gsm,
  caliperMm,
  sheetWidthMm,
  sheetHeightMm,
  grain,
})

interface PaperStationProps {
  papers: StorePaper[]
  reservations: Reservation[]
  weighIns: WeighIn[]
  blottings: Blotting[]
  /** of this morning, percent; null: not read today */
  humidityPercent: number | null
}

/** The sheet, how it is damped, and a weigh-in that says whether it is ready. */
export function PaperStation({
  papers,
  reservations,
  weighIns,
  blottings,
  humidityPercent,
}: PaperStationProps) {
  const job = useJob()
  const need = useNeed()
  const { value, change, ...kept } = useStation('paper', UNSET)
  const [basis, setBasis] = useState<Basis>('imperial')
  const [dryGrams, setDry] = useState<number | null>(null)
  const [weighedGrams, setDamp] = useState<number | null>(null)
  const stocked = papers.find(({ id }) => id === value.paperId)
  const airDry =
    value.gsm && value.sheetWidthMm && value.sheetHeightMm
      ? sheetGrams(value.gsm, value.sheetWidthMm, value.sheetHeightMm)
      : null
  const nominal = airDry && (humidityPercent === null ? airDry : dryGramsAt(airDry, humidityPercent))
  // What is wanted counts fibre: a sheet weighed on a humid morning is taken back to standard air.
  const toStandard = (grams: number) =>
    humidityPercent === null ? grams : standardGramsOf(grams, humidityPercent)
  const standard = dryGrams === null ? airDry : toStandard(dryGrams)
  const weighIn = uptakeInput.safeParse({ dryGrams: standard, dampGrams: weighedGrams })
  const uptake = weighIn.success ? uptakePercent(weighIn.data) : null
  const batUptake = job.bat?.settings.paper?.targetUptakePercent
  const others = reservations.filter(({ paperId, jobId }) => paperId === value.paperId && jobId !== job.id)
  const standing = stocked ? paperStanding(stocked.sheetsLeft, others, null) : null

  return (
    <Panel
      rooms={<PaperRooms />}
      title="Paper"
      aside={<KeepLine {...kept} />}
      answer={{
        ...paperAnswer(
          value,
          need,
          standard === null || value.targetUptakePercent === null
            ? null
            : dampGrams(standard, value.targetUptakePercent),
        ),
        sum: value.paperId ? needSum(need) : [],
      }}
    >
      <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="grid content-start gap-3 sm:grid-cols-2">
          <SelectField
            label="Paper from the stockroom"
            anchor="paper-choice"
            value={value.paperId ?? ''}
            problem={problemAt(kept.problems, 'paperId') && 'Choose a paper.'}
            className="sm:col-span-2"
            options={[
              ['', 'choose…'],
              ...onShelf(papers, value.paperId).map(
                ({ id, name, gsm, sheetsLeft }) =>
                  [
                    id,
                    [`${name}, ${formatNumber(gsm, 0)} g/m²`, ...leftWords(sheetsLeft)].join(', '),
                  ] as const,
              ),
            ]}
            hint={(standing && shortWords(standing, others, need.sheets)) ?? stocked?.note}
            onPick={(id) => {
              const paper = papers.find((candidate) => candidate.id === id)
              if (paper) change(sheetOf(paper))
            }}
          />
          <p className="text-sm sm:col-span-2">
            Not in the list? <NewPaperDialog onAdded={(paper) => change(sheetOf(paper))} />
            {stocked && (
              <>
                {' '}
                Stock and substitutes:{' '}
                <Link href={`/store/papers/${stocked.id}`} className="underline underline-offset-4">
                  {stocked.name}
                </Link>
                .
              </>
            )}
          </p>
          {stocked && (
            <PaperAsks paper={stocked} stands={value.method} onTreat={(treatment) => change(treatment)} />
          )}
          <LengthField
            label="Sheet width"
            anchor="paper-width"
            isSide
            value={value.sheetWidthMm}
            onValue={(sheetWidthMm) => change({ sheetWidthMm })}
            problem={problemAt(kept.problems, 'sheetWidthMm')}
          />
          <LengthField
            label="Sheet height"
            isSide
            value={value.sheetHeightMm}
            onValue={(sheetHeightMm) => change({ sheetHeightMm })}
            problem={problemAt(kept.problems, 'sheetHeightMm')}
          />
          <NumberField
            label="Weight"
            unit="g/m²"
            digits={0}
            value={value.gsm}
            onValue={(gsm) => change({ gsm })}
            problem={problemAt(kept.problems, 'gsm')}
          />
          <div className="grid grid-cols-2 gap-2">
            <NumberField
              label="Basis weight, lb"
              digits={0}
              value={value.gsm ? convertPaperWeight({ gsm: value.gsm, basis }).pounds : null}
              onValue={(pounds) =>
                pounds &&
                pounds > 0 &&
                change({ gsm: Number(convertPaperWeight({ pounds, basis }).gsm.toFixed(1)) })
              }
            />
            <SelectField
              label="Basis size"
              value={basis}
              options={Object.keys(BASIS_SIZES_IN).map((key) => [key, key])}
              hint={`${BASIS_SIZES_IN[basis].join(' × ')} in`}
              onPick={(key) => setBasis(key as Basis)}
            />
          </div>
          <div className="border-t border-line pt-3 sm:col-span-2">
            <p className="mb-0.5 text-sm text-muted">Damping</p>
            <Choice<DampingMethod>
              label="Damping"
              value={value.method}
              options={(Object.entries(DAMPING_METHODS) as [DampingMethod, { label: string }][]).map(
                ([method, { label }]) => [method, label],
              )}
              onPick={(method) =>
                change({
                  method,
                  dampMinutes: DAMPING_METHODS[method].usualMinutes,
                  ...(method === 'dry' ? { targetUptakePercent: 0 } : {}),
                })
              }
            />
          </div>
          <NumberField
            label="Soak time"
            unit="minutes"
            digits={2}
            value={value.dampMinutes}
            onValue={(dampMinutes) => change({ dampMinutes })}
            problem={problemAt(kept.problems, 'dampMinutes')}
          />
          <NumberField
            label="Moisture"
            unit="% of dry weight"
            digits={0}
            value={value.targetUptakePercent}
            onValue={(targetUptakePercent) => change({ targetUptakePercent })}
            problem={problemAt(kept.problems, 'targetUptakePercent')}
          />
          {nominal && standard && value.method && value.targetUptakePercent !== null && (
            <DampingPanel
              method={value.method}
              sheets={Math.max(1, need.sheets)}
              standardGrams={standard}
              todayGrams={dryGrams ?? nominal}
              minutes={value.dampMinutes ?? undefined}
              targetUptakePercent={value.targetUptakePercent}
              gsm={value.gsm}
            />
          )}
        </div>
        <section
          aria-label="Weigh-in"
          className="border-t border-line pt-3 xl:border-t-0 xl:border-l xl:pt-0 xl:pl-6"
        >
          <h2 className="station-title mb-2">Weigh-in</h2>
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label="Dry sheet"
              unit="g"
              digits={1}
              value={dryGrams ?? (nominal ? Number(nominal.toFixed(1)) : null)}
              onValue={setDry}
              hint={
                dryGrams === null && nominal
                  ? `by weight and size${humidityPercent === null ? '' : `, at ${formatNumber(humidityPercent, 0)} %`}`
                  : undefined
              }
            />
            <NumberField
              label="Damp sheet"
              unit="g"
              digits={1}
              value={weighedGrams}
              onValue={setDamp}
              problem={
                weighedGrams !== null && !weighIn.success ? weighIn.error.issues[0].message : undefined
              }
            />
          </div>
          <div className="mt-4">
            <Figure
              name="water-taken-up"
              value={uptake === null ? '—' : `${formatNumber(uptake, 1)} %`}
              label="Moisture"
              note={
                uptake === null || value.targetUptakePercent === null
                  ? 'Weigh the sheet after blotting.'
                  : judge(uptake, value.targetUptakePercent, value.method)
              }
            />
          </div>
          {uptake !== null && batUptake !== undefined && (
            <p className="mt-1">Beside the BAT: {besideBat(uptake, batUptake, UPTAKE_TOLERANCE)}.</p>
          )}
          {standard && value.targetUptakePercent !== null && (
            <WaterScale dryGrams={standard} targetPercent={value.targetUptakePercent} uptake={uptake} />
          )}
          <BlottingPanel
            paperId={value.paperId ?? ''}
            blottings={blottings}
            uptake={uptake}
            targetPercent={value.targetUptakePercent}
          />
          <SoakCurve
            paperId={value.paperId ?? ''}
            weighIns={weighIns}
            dryGrams={standard}
            dampGrams={weighedGrams}
            targetPercent={value.targetUptakePercent}
            sizing={stocked?.sizing ?? 'unknown'}
            onWeighed={setDamp}
          />
        </section>
      </div>
    </Panel>
  )
}

/** Points of uptake within which a sheet is as wanted (common practice, no source). */
const UPTAKE_TOLERANCE = 5

function judge(uptake: number, target: number, method: DampingMethod | null): string {
  const off = uptake - target
  if (Math.abs(off) <= UPTAKE_TOLERANCE) return 'Ready: as wanted.'
  if (off > 0) return `${formatNumber(off, 0)} points too wet: blot again.`
  return `${formatNumber(-off, 0)} points too dry: ${method === 'damp-pack' ? 'leave it in the pack' : 'back into the water'}.`
}
