import { FITTINGS, PASTES, type ColleSetting } from '@/core/register/chineColle'
import type { Zone } from '@/core/plate/zoneMap'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField, NumberField } from '@/ui/NumberField'
import { colleShape, shapeOf, takenFrom, WHOLE_PLATE, type LooseColle, type ThinPaper } from './collePiece'

const TRIM_STEPS = [
  'Lay the thin paper over the zone, face down, larger than it all round.',
  'Press it flat with a dry brush; where it does not lie, a little moisture.',
  'Cut along the zone’s edge with a fresh blade, steel rule at straight runs: the plate takes the scratch, so cut in a line or at the edge.',
  'Lift the offcuts, then paste the side that looks up.',
]

/** What a piece of thin paper is cut from, how it is fitted and pasted. */
export function ColleFields({
  setting,
  at,
  plate,
  zones,
  papers,
  onChange,
}: {
  setting: LooseColle
  /** what is wrong at a field */
  at: (field: keyof ColleSetting) => string | undefined
  plate: { widthMm: number; heightMm: number }
  zones: Zone[]
  papers: ThinPaper[]
  onChange: (patch: Partial<LooseColle>) => void
}) {
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <SelectField
          label="Shape"
          value={shapeOf(zones, setting.outline)}
          options={[...zones.map(({ name }) => [name, name] as const), [WHOLE_PLATE, WHOLE_PLATE]]}
          onPick={(name) => onChange(colleShape(plate, zones, name))}
          hint={zones.length === 0 ? 'Zones drawn at Plate can be chosen too.' : undefined}
        />
        <TextField
          label="Name of the piece"
          value={setting.name}
          onText={(name) => onChange({ name })}
          problem={at('name')}
        />
      </div>
      <Choice
        label="How it is fitted"
        value={setting.fitting}
        options={Object.entries(FITTINGS).map(([key, text]) => [key as ColleSetting['fitting'], text])}
        onPick={(fitting) => onChange({ fitting })}
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
          onValue={(allowanceMm) => onChange({ allowanceMm })}
          problem={at('allowanceMm')}
          hint="Outward so that no gap shows; inward so that no edge sticks out."
        />
        <SelectField
          label="One cuts it with"
          value={setting.cutFrom}
          options={[
            ['face', 'the face up (mirrored)'],
            ['paste-side', 'the paste side up (as the plate)'],
          ]}
          onPick={(cutFrom) => onChange({ cutFrom: cutFrom as ColleSetting['cutFrom'] })}
        />
        <SelectField
          label="Grain of the thin paper"
          value={setting.grain}
          options={[
            ['up', 'up and down the plate'],
            ['across', 'across the plate'],
          ]}
          onPick={(grain) => onChange({ grain: grain as ColleSetting['grain'] })}
        />
        <SelectField
          label="Paste"
          value={setting.paste}
          options={Object.entries(PASTES).map(([key, { label }]) => [key, label])}
          onPick={(paste) => onChange({ paste: paste as ColleSetting['paste'] })}
        />
        <SelectField
          label="Take growth and sheet from"
          value=""
          options={[
            ['', 'choose a paper of the stockroom…'],
            ...papers.map(
              ({ id, name, growth }) =>
                [id, `${name}${growth.alongFrom + growth.acrossFrom > 0 ? ', measured' : ''}`] as const,
            ),
          ]}
          className="sm:col-span-2"
          onPick={(id) => {
            const paper = papers.find((one) => one.id === id)
            if (paper) onChange(takenFrom(paper))
          }}
        />
        <NumberField
          label="Grows along the grain"
          unit="%"
          value={setting.growthAlongPercent}
          onValue={(growthAlongPercent) => onChange({ growthAlongPercent })}
          problem={at('growthAlongPercent')}
          hint="From memory: measure a strip dry and damp."
        />
        <NumberField
          label="Grows across the grain"
          unit="%"
          value={setting.growthAcrossPercent}
          onValue={(growthAcrossPercent) => onChange({ growthAcrossPercent })}
          problem={at('growthAcrossPercent')}
        />
        <LengthField
          label="Sheet of thin paper, width"
          value={setting.sheetWidthMm}
          onValue={(sheetWidthMm) => onChange({ sheetWidthMm })}
          problem={at('sheetWidthMm')}
        />
        <LengthField
          label="Sheet of thin paper, height"
          value={setting.sheetHeightMm}
          onValue={(sheetHeightMm) => onChange({ sheetHeightMm })}
          problem={at('sheetHeightMm')}
        />
        <NumberField
          label="Pieces wanted"
          digits={0}
          value={setting.pieces}
          onValue={(wanted) => onChange({ pieces: wanted })}
          problem={at('pieces')}
        />
      </div>
    </>
  )
}
