import type { PlateSetting } from '@/core/plate/plate'
import { rollerFor, rollerRun } from '@/core/plate/surfaceRolling'
import { PRINTED_FROM, printedFrom, type PrintedFrom, type SurfaceSetting } from '@/core/plate/surfaceSetting'
import { counted } from '@/core/units/counted'
import { formatMm } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import { Choice } from '@/ui/Choice'
import { LengthField } from '@/ui/NumberField'
import type { Loose } from '../across/bench/useStation'

const WAYS = Object.entries(PRINTED_FROM) as [PrintedFrom, string][]
/** A hand roller to begin with, mm [common practice, no source]. */
const USUAL_ROLLER_MM = 60

/** What the roller does on a plate this long. */
function rollerWords(lengthMm: number, rollerMm: number): string {
  const { aroundMm, repeatsAtMm, charges } = rollerRun(lengthMm, rollerMm)
  if (repeatsAtMm.length === 0)
    return `Rolled along its height, one turn covers ${formatMm(aroundMm)}: the whole plate, charged once.`
  return `◆ Rolled along its height, one turn covers ${formatMm(aroundMm)}: a line will show ${listed(repeatsAtMm.map((mm) => formatMm(mm)))} from where it begins. Charge it ${counted(charges, 'time')}, or take a roller of ${formatMm(Math.ceil(rollerFor(lengthMm)))}.`
}

/** What of the plate takes the ink; a surface asks for the roller, and says what that does on this plate. */
export function SurfaceFields({
  plate,
  at,
  onSurface,
}: {
  plate: Pick<Loose<PlateSetting>, 'surface' | 'heightMm'>
  /** what is wrong at a field */
  at: (field: string) => string | undefined
  onSurface: (surface: SurfaceSetting | null) => void
}) {
  const { surface, heightMm } = plate
  const roller = surface?.rollerMm ?? USUAL_ROLLER_MM
  const pick = (from: PrintedFrom) =>
    onSurface(from === 'lines' ? null : { isAlone: from === 'surface', rollerMm: roller })
  return (
    <div className="grid gap-3 border-t border-line pt-3 sm:col-span-2">
      <div>
        <p className="mb-0.5 text-sm text-muted">Printed from</p>
        <Choice label="Printed from" value={printedFrom({ surface })} options={WAYS} onPick={pick} />
      </div>
      {surface && (
        <LengthField
          label="Diameter of the roller"
          value={surface.rollerMm}
          onValue={(rollerMm) => onSurface({ ...surface, rollerMm: rollerMm ?? Number.NaN })}
          problem={at('surface.rollerMm')}
          hint={heightMm && surface.rollerMm > 0 ? rollerWords(heightMm, surface.rollerMm) : undefined}
        />
      )}
      {surface?.isAlone && (
        <p className="text-sm">
          What is bitten stays white: artwork, carrier and print are turned in tone, and nothing is wiped.
        </p>
      )}
    </div>
  )
}
