'use client'

import { counted } from '@/core/units/counted'
import { findByName, isSameName } from '@/core/units/byName'
import { useState } from 'react'
import type { Point } from '@/core/geometry/polygon'
import type { LearnedGrowth } from '@/core/paper/growth'
import type { Zone } from '@/core/plate/zoneMap'
import {
  colleSettingSchema,
  colleTemplate,
  FITTINGS,
  nestPieces,
  NothingLeftError,
  PASTES,
  type ColleSetting,
  type ColleTemplate,
} from '@/core/register/chineColle'
import { formatMm, formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button, buttonClass } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { LengthField, NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { keepCollePieceAction } from './colleActions'
import { PasteSide } from './PasteSide'
import { RegisterRooms } from './RegisterRooms'
import { sendAct } from '../across/act/sendAct'

type Loose = { [K in keyof ColleSetting]: ColleSetting[K] | (ColleSetting[K] extends number ? null : never) }

const PLATE_CHOICE = 'the whole plate'
const TRIM_STEPS = [
  'Lay the thin paper over the zone, face down, larger than it all round.',
  'Press it flat with a dry brush; where it does not lie, a little moisture.',
  'Cut along the zone’s edge with a fresh blade, steel rule at straight runs: the plate takes the scratch, so cut in a line or at the edge.',
  'Lift the offcuts, then paste the side that looks up.',
]

/** A paper of the store with what is known of its growth. */
export interface ThinPaper {
  id: string
  name: string
  widthMm: number
  heightMm: number
  growth: LearnedGrowth
}

/** A piece of thin paper for chine collé: its template with allowance and growth, laid out on a sheet, its paste and which side gets it. */
export default function ColleBench({
  plate,
  pieces,
  zones,
  editionSize,
  papers,
}: {
  plate: { widthMm: number; heightMm: number }
  pieces: ColleSetting[]
  zones: Zone[]
  editionSize: number
  papers: ThinPaper[]
}) {
  const job = useJob()
  const whole: Point[] = [
    [0, 0],
    [plate.widthMm, 0],
    [plate.widthMm, plate.heightMm],
    [0, plate.heightMm],
  ]
  const fresh: Loose = {
    name: zones[0]?.name ?? 'Plate',
    outline: zones[0]?.outline ?? whole,
    fitting: 'template',
    allowanceMm: 0,
    cutFrom: 'face',
    paste: 'brushed',
    grain: 'up',
    growthAlongPercent: 0.3,
    growthAcrossPercent: 1.5,
    sheetWidthMm: 630,
    sheetHeightMm: 930,
    pieces: editionSize,
  }
  const [setting, setSetting] = useState<Loose>(pieces[0] ?? fresh)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [keptName, setKeptName] = useState<string | null>(pieces[0]?.name ?? null)
  const isKept = keptName !== null && isSameName(setting, { name: keptName })
  const parsed = colleSettingSchema.safeParse(setting)
  const at = (field: keyof ColleSetting) =>
    parsed.success
      ? problemAt(problems, field)
      : parsed.error.issues.find(({ path }) => path[0] === field)?.message
  const change = (patch: Partial<Loose>) => {
    setSetting({ ...setting, ...patch })
    setKeptName(null)
  }
  let template: ColleTemplate | null = null
  let nothing: string | undefined
  if (parsed.success) {
    try {
      template = colleTemplate(parsed.data)
    } catch (error) {
      if (!(error instanceof NothingLeftError)) throw error
      nothing = error.message
    }
  }
  const nest = template && parsed.success ? nestPieces(template, parsed.data) : null
  const keep = async () => {
    if (!parsed.success) return
    const answer = await sendAct(keepCollePieceAction, { jobId: job.id, setting: parsed.data })
    setProblems(answer.ok ? [] : answer.problems)
    setKeptName(answer.ok ? parsed.data.name : null)
  }
  const link = (what: string, form: string) =>
    `/jobs/${job.slug}/register/chine-colle/template?piece=${encodeURIComponent(keptName ?? '')}&what=${what}&form=${form}`
  return (
    <Panel title="Register">
      <RegisterRooms />
      <div className="grid gap-6 xl:grid-cols-2">
        <div className="grid content-start gap-4">
          {pieces.length > 0 && (
            <SelectField
              label="Kept pieces"
              value={keptName ?? ''}
              options={[['', 'a new one'], ...pieces.map(({ name }) => [name, name] as const)]}
              onPick={(name) => {
                setSetting(findByName(pieces, name) ?? fresh)
                setKeptName(name || null)
              }}
            />
          )}
          <div className="grid gap-4 sm:grid-cols-2">
            <SelectField
              label="Shape"
              value={
                zones.find(({ outline }) => JSON.stringify(outline) === JSON.stringify(setting.outline))
                  ?.name ?? PLATE_CHOICE
              }
              options={[...zones.map(({ name }) => [name, name] as const), [PLATE_CHOICE, PLATE_CHOICE]]}
              onPick={(name) => change({ outline: findByName(zones, name)?.outline ?? whole, name })}
              hint={zones.length === 0 ? 'Zones drawn at Plate can be chosen too.' : undefined}
            />
            <TextField
              label="Name of the piece"
              value={setting.name}
              onText={(name) => change({ name })}
              problem={at('name')}
            />
          </div>
          <Choice
            label="How it is fitted"
            value={setting.fitting}
            options={Object.entries(FITTINGS).map(([key, text]) => [key as ColleSetting['fitting'], text])}
            onPick={(fitting) => change({ fitting })}
          />
          {setting.fitting === 'trimmed' && (
            <ol className="list-inside list-decimal text-sm">
              {TRIM_STEPS.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
          )}
          <div className="grid gap-4 sm:grid-cols-2">
            <NumberField
              label="Allowance outward (− inward)"
              unit="mm"
              value={setting.allowanceMm}
              onValue={(allowanceMm) => change({ allowanceMm })}
              problem={nothing ? `${nothing}.` : at('allowanceMm')}
              hint="Outward so that no gap shows; inward so that no edge sticks out."
            />
            <SelectField
              label="One cuts it with"
              value={setting.cutFrom}
              options={[
                ['face', 'the face up (mirrored)'],
                ['paste-side', 'the paste side up (as the plate)'],
              ]}
              onPick={(cutFrom) => change({ cutFrom: cutFrom as ColleSetting['cutFrom'] })}
            />
            <SelectField
              label="Grain of the thin paper"
              value={setting.grain}
              options={[
                ['up', 'up and down the plate'],
                ['across', 'across the plate'],
              ]}
              onPick={(grain) => change({ grain: grain as ColleSetting['grain'] })}
            />
            <SelectField
              label="Paste"
              value={setting.paste}
              options={Object.entries(PASTES).map(([key, { label }]) => [key, label])}
              onPick={(paste) => change({ paste: paste as ColleSetting['paste'] })}
            />
            <SelectField
              label="Take growth and sheet from"
              value=""
              options={[
                ['', 'choose a paper of the store…'],
                ...papers.map(
                  ({ id, name, growth }) =>
                    [id, `${name}${growth.alongFrom + growth.acrossFrom > 0 ? ', measured' : ''}`] as const,
                ),
              ]}
              className="sm:col-span-2"
              onPick={(id) => {
                const paper = papers.find((one) => one.id === id)
                if (paper)
                  change({
                    growthAlongPercent: Number(paper.growth.alongPercent.toFixed(2)),
                    growthAcrossPercent: Number(paper.growth.acrossPercent.toFixed(2)),
                    sheetWidthMm: paper.widthMm,
                    sheetHeightMm: paper.heightMm,
                  })
              }}
            />
            <NumberField
              label="Grows along the grain"
              unit="%"
              value={setting.growthAlongPercent}
              onValue={(growthAlongPercent) => change({ growthAlongPercent })}
              problem={at('growthAlongPercent')}
              hint="From memory: measure a strip dry and damp."
            />
            <NumberField
              label="Grows across the grain"
              unit="%"
              value={setting.growthAcrossPercent}
              onValue={(growthAcrossPercent) => change({ growthAcrossPercent })}
              problem={at('growthAcrossPercent')}
            />
            <LengthField
              label="Sheet of thin paper, width"
              value={setting.sheetWidthMm}
              onValue={(sheetWidthMm) => change({ sheetWidthMm })}
              problem={at('sheetWidthMm')}
            />
            <LengthField
              label="Sheet of thin paper, height"
              value={setting.sheetHeightMm}
              onValue={(sheetHeightMm) => change({ sheetHeightMm })}
              problem={at('sheetHeightMm')}
            />
            <NumberField
              label="Pieces wanted"
              digits={0}
              value={setting.pieces}
              onValue={(wanted) => change({ pieces: wanted })}
              problem={at('pieces')}
            />
          </div>
          <Problems problems={problems} except={['name', 'allowanceMm']} />
          <div className="flex flex-wrap gap-3">
            <Button look="main" disabled={!template || isKept} onClick={() => void keep()}>
              {isKept ? 'Kept' : 'Keep this piece'}
            </Button>
            {isKept && (
              <>
                {setting.fitting === 'template' && (
                  <a className={buttonClass()} href={link('template', 'pdf')}>
                    Template, PDF
                  </a>
                )}
                {setting.fitting === 'template' && (
                  <a className={buttonClass()} href={link('template', 'svg')}>
                    Template, SVG
                  </a>
                )}
                {nest && nest.perSheet > 0 && (
                  <a className={buttonClass()} href={link('sheet', 'pdf')}>
                    Whole sheet, PDF
                  </a>
                )}
                {nest && nest.perSheet > 0 && (
                  <a className={buttonClass()} href={link('sheet', 'svg')}>
                    Whole sheet, SVG
                  </a>
                )}
              </>
            )}
          </div>
        </div>
        <div className="grid content-start gap-5">
          <PasteSide />
          {template && nest && (
            <>
              <div className="flex flex-wrap gap-x-8 gap-y-3">
                <Figure
                  value={`${formatMm(template.widthMm)} × ${formatMm(template.heightMm)}`}
                  label="cut dry"
                  note={`${formatNumber(template.areaCm2, 1)} cm²`}
                />
                <Figure
                  value={nest.perSheet === 0 ? 'none' : nest.perSheet}
                  label="from one sheet"
                  note={
                    nest.perSheet === 0
                      ? '◆ The piece is larger than the sheet.'
                      : `${counted(nest.sheets, 'sheet')} for ${setting.pieces}`
                  }
                />
                <Figure
                  value={`${formatNumber(template.starchGrams * (setting.pieces ?? 0), 2)} g`}
                  label="starch for all"
                  note={
                    template.waterGrams > 0
                      ? `in ${formatNumber(template.waterGrams * (setting.pieces ?? 0), 0)} g water, warmed until clear, cooled`
                      : 'dry, through cloth'
                  }
                />
              </div>
              {nest.perSheet > 0 && parsed.success && (
                <svg
                  viewBox={`-6 -6 ${parsed.data.sheetWidthMm + 12} ${parsed.data.sheetHeightMm + 12}`}
                  className="max-h-96 w-full"
                  role="img"
                  aria-label={`${nest.placements.length} pieces on a sheet of thin paper`}
                >
                  <rect
                    width={parsed.data.sheetWidthMm}
                    height={parsed.data.sheetHeightMm}
                    fill="none"
                    stroke="currentColor"
                    strokeWidth="2"
                    vectorEffect="non-scaling-stroke"
                  />
                  {nest.placements.map(({ xMm, yMm }, i) => (
                    <path
                      key={i}
                      transform={`translate(${xMm} ${yMm})`}
                      d={`M${template.outline.map((point) => point.join(' ')).join('L')}Z`}
                      fill="var(--raised)"
                      stroke="currentColor"
                      strokeWidth="1"
                      vectorEffect="non-scaling-stroke"
                    />
                  ))}
                </svg>
              )}
              <p className="text-sm text-muted">
                Plasticky papers do not stick; try a scrap. Paste: common practice, no source.
              </p>
            </>
          )}
        </div>
      </div>
    </Panel>
  )
}
