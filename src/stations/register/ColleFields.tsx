import { FITTINGS, PASTES, type Paste, type PieceFace, type PieceMaterial } from '@/core/register/laidPiece'
import type { Zone } from '@/core/plate/zoneMap'
import { formatNumber } from '@/core/units/length'
import { formatFines } from '@/core/units/quantity'
import type { CollagePrint } from '@/data/register/collagePrints'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Folded } from '@/ui/Folded'
import { LengthField, NumberField } from '@/ui/NumberField'
import {
  choiceOf,
  chosenMaterial,
  colleShape,
  facesOf,
  materialChoices,
  shapeOf,
  uninkedChoices,
  WHOLE_PLATE,
  type LooseColle,
  type ThinPaper,
} from './collePiece'

interface ColleFieldsProps {
  setting: LooseColle
  /** what is wrong at a field */
  at: (field: string) => string | undefined
  plate: { widthMm: number; heightMm: number }
  zones: Zone[]
  papers: ThinPaper[]
  prints: CollagePrint[]
  onChange: (patch: Partial<LooseColle>) => void
}

/** What a piece of thin paper is cut from, how it is fitted and pasted. */
export function ColleFields(props: ColleFieldsProps) {
  const { setting, at, plate, zones, onChange } = props
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
        <MaterialFields {...props} />
        <SelectField
          label="Against the plate"
          value={setting.face}
          options={facesOf(setting.material as PieceMaterial | null)}
          onPick={(face) => onChange({ face: face as PieceFace })}
        />
        <SelectField
          label="Left without ink"
          value={setting.uninked}
          options={uninkedChoices(zones, setting.uninked)}
          onPick={(uninked) => onChange({ uninked })}
        />
      </div>
      <Choice
        label="How it is fitted"
        value={setting.fitting}
        options={Object.entries(FITTINGS).map(([key, text]) => [key as keyof typeof FITTINGS, text])}
        onPick={(fitting) => onChange({ fitting })}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <SelectField
          label="Paste"
          value={setting.paste}
          options={Object.entries(PASTES)}
          onPick={(paste) => onChange({ paste: paste as Paste })}
        />
        <NumberField
          label="Pieces wanted"
          digits={0}
          value={setting.pieces}
          onValue={(pieces) => onChange({ pieces })}
          problem={at('pieces')}
        />
        {setting.fitting === 'template' && <CutFields {...props} />}
      </div>
      {setting.material?.from !== 'print' && <SheetFields {...props} />}
    </>
  )
}

/** The paper or the print it is cut from; of one that is not here, its name, and of a print its artist. */
function MaterialFields({ setting, at, papers, prints, onChange }: ColleFieldsProps) {
  const material = setting.material as PieceMaterial | null
  const choice = choiceOf(material, papers, prints)
  const rename = (patch: { name?: string; artist?: string }) =>
    onChange({ material: { ...material, ...patch } as PieceMaterial })
  return (
    <>
      <SelectField
        label="Cut from"
        value={choice}
        options={materialChoices(papers, prints, material?.from === 'paper' ? material.paperId : null)}
        onPick={(next) => onChange(chosenMaterial(next, papers, prints))}
        problem={at('material')}
        className="sm:col-span-2"
      />
      {material && choice.startsWith('other') && (
        <TextField
          label={material.from === 'print' ? 'Title of the print' : 'Name of the paper'}
          value={material.name}
          onText={(name) => rename({ name })}
          problem={at('material.name')}
        />
      )}
      {material?.from === 'print' && choice.startsWith('other') && (
        <TextField
          label="Its artist, named in the documents"
          value={material.artist}
          onText={(artist) => rename({ artist })}
          problem={at('material.artist')}
        />
      )}
    </>
  )
}

/** How a template is cut: with what room, which side up, which way the grain. */
function CutFields({ setting, at, onChange }: ColleFieldsProps) {
  return (
    <>
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
        onPick={(cutFrom) => onChange({ cutFrom: cutFrom as LooseColle['cutFrom'] })}
      />
      <SelectField
        label="Grain of the thin paper"
        value={setting.grain}
        options={[
          ['up', 'up and down the plate'],
          ['across', 'across the plate'],
        ]}
        onPick={(grain) => onChange({ grain: grain as LooseColle['grain'] })}
      />
    </>
  )
}

const SHEET = ['sheetWidthMm', 'sheetHeightMm', 'growthAlongPercent', 'growthAcrossPercent'] as const

/** The sheet it is cut from, and how that grows: known with a paper of the stockroom, and folded. */
function SheetFields({ setting, at, onChange }: ColleFieldsProps) {
  const { sheetWidthMm, sheetHeightMm, growthAlongPercent, growthAcrossPercent, fitting } = setting
  const size = formatFines([sheetWidthMm ?? 0, sheetHeightMm ?? 0], ' × ', 0)
  const grows = `grows ${formatNumber(growthAlongPercent ?? 0, 2)} / ${formatNumber(growthAcrossPercent ?? 0, 2)} %`
  return (
    <Folded
      summary={`Its sheet: ${size}${fitting === 'template' ? `, ${grows} along / across the grain` : ''}`}
      isOpen={SHEET.some((field) => at(field) !== undefined)}
      className="border-t border-line"
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <LengthField
          label="Sheet of thin paper, width"
          value={sheetWidthMm}
          onValue={(width) => onChange({ sheetWidthMm: width })}
          problem={at('sheetWidthMm')}
        />
        <LengthField
          label="Sheet of thin paper, height"
          value={sheetHeightMm}
          onValue={(height) => onChange({ sheetHeightMm: height })}
          problem={at('sheetHeightMm')}
        />
        {fitting === 'template' && (
          <>
            <NumberField
              label="Grows along the grain"
              unit="%"
              value={growthAlongPercent}
              onValue={(growth) => onChange({ growthAlongPercent: growth })}
              problem={at('growthAlongPercent')}
              hint="From memory: measure a strip dry and damp."
            />
            <NumberField
              label="Grows across the grain"
              unit="%"
              value={growthAcrossPercent}
              onValue={(growth) => onChange({ growthAcrossPercent: growth })}
              problem={at('growthAcrossPercent')}
            />
          </>
        )}
      </div>
    </Folded>
  )
}
