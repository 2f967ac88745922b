import type { Gauge } from '@/core/press/gauge'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'

/** Readings of a press beside the gaps measured there, line by line. @param isLess the gap shrinks as the reading rises */
export function GaugeTable({
  gauge,
  problems,
  isLess,
  step,
  onGauge,
}: {
  gauge: Gauge
  problems: readonly FieldProblem[]
  isLess: boolean
  /** smallest step of the press: the next line begins ten of them on */
  step: number
  onGauge: (gauge: Gauge) => void
}) {
  const set = (at: number, patch: Partial<Gauge[number]>) =>
    onGauge(gauge.map((line, i) => (i === at ? { ...line, ...patch } : line)))
  const last = gauge.at(-1)
  const next = last
    ? { reading: last.reading + 10 * step, mm: isLess ? Math.max(0, last.mm - 1) : last.mm + 1 }
    : { reading: 0, mm: isLess ? 10 : 0 }
  return (
    <fieldset className="mt-2">
      <legend className="text-sm text-muted">What it reads, and the gap measured there</legend>
      {gauge.map((line, i) => (
        <div key={i} className="mt-2 flex items-start gap-3">
          <NumberField
            label={`Reading ${i + 1}`}
            value={line.reading}
            onValue={(reading) => set(i, { reading: reading ?? Number.NaN })}
            problem={problemAt(problems, `scale.table.${i}.reading`)}
            className="flex-1"
          />
          <NumberField
            label={`Gap ${i + 1}`}
            unit="mm"
            value={line.mm}
            onValue={(mm) => set(i, { mm: mm ?? Number.NaN })}
            problem={problemAt(problems, `scale.table.${i}.mm`)}
            className="flex-1"
          />
          <Button
            className="mt-6"
            look="quiet"
            onClick={() => onGauge(gauge.filter((_, at) => at !== i))}
            aria-label={`Take line ${i + 1} out`}
          >
            Take out
          </Button>
        </div>
      ))}
      {problemAt(problems, 'scale.table') && (
        <p role="alert" className="mt-2 font-medium">
          ◆ What it reads {problemAt(problems, 'scale.table')}
        </p>
      )}
      <Button
        className="mt-2"
        look="quiet"
        disabled={gauge.length >= 40}
        onClick={() => onGauge([...gauge, next])}
      >
        Add a reading
      </Button>
    </fieldset>
  )
}
