import { PLATE_KINDS } from '@/core/plate/plate'
import { passesWords } from '@/core/press/pressSetting'
import type { Worked } from '@/core/press/startingPressure'
import { capital } from '@/core/units/capital'
import { formatFine } from '@/core/units/quantity'
import type { StorePress } from '@/data/press/presses'
import { buttonClass } from '@/ui/Button'

/** Settings that printed well on a press, with all that lay under it: for whoever prints on it next, or gets it. */
export function WorkedTable({ press, worked }: { press: StorePress; worked: readonly Worked[] }) {
  return (
    <section aria-label="Settings that worked" className="mt-6 border-t border-line pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="station-title">Settings that worked here</h2>
        <a
          href={`/store/presses/${press.id}/settings.csv`}
          download
          className={buttonClass('quiet', 'print:hidden')}
        >
          Save them as a table (CSV)
        </a>
      </div>
      {worked.length === 0 ? (
        <p className="text-sm">
          None yet: an approved proof, or one whose lines were judged right, stands here.
        </p>
      ) : (
        <div className="overflow-x-auto">
          <table className="w-full text-left">
            <thead>
              <tr className="text-sm text-muted">
                <th className="pr-4 font-normal">Job</th>
                <th className="pr-4 font-normal">Set at</th>
                <th className="pr-4 font-normal">Under it</th>
                <th className="pr-4 font-normal">Plate</th>
                <th className="font-normal">Paper</th>
              </tr>
            </thead>
            <tbody>
              {worked.map(({ jobId, name, under: { press: set, plate, paper } }, i) => (
                <tr key={`${jobId}${i}`} className="border-t border-line align-top">
                  <td className="py-1 pr-4">{name}</td>
                  <td className="py-1 pr-4 font-semibold">{capital(passesWords(set))}</td>
                  <td className="py-1 pr-4">
                    {set.packName}
                    {set.makeReadyMm > 0 ? `, ${formatFine(set.makeReadyMm, 2)} make-ready` : ''}
                  </td>
                  <td className="py-1 pr-4">
                    {PLATE_KINDS[plate.kind].label}, {formatFine(plate.thicknessMm, 2)}
                  </td>
                  <td className="py-1">{formatFine(paper.caliperMm, 2)} thick</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  )
}
