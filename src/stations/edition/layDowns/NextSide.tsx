import { LAY_DOWN_TOOLS, LAY_DOWN_WAYS } from '@/core/edition/layDownWords'
import type { LaidInk, LayDown } from '@/core/edition/layDown'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { problemAt } from '../../across/bench/problemAt'
import { PersonField } from '../../across/person/PersonField'
import { Problems } from '../../across/pull/Problems'
import { InkRows } from './InkRows'
import type { LayDownBench, NextLayDown } from './nextLayDown'
import type { useLayDown } from './useLayDown'

const WAYS = Object.entries(LAY_DOWN_WAYS) as [LayDown['way'], string][]
const TOOLS = Object.entries(LAY_DOWN_TOOLS) as [LayDown['tool'], string][]

/** The next lay-down: how sheet and slab meet, with which inks where, and what comes of it over what lies there. */
export function NextSide({
  next,
  laid,
  layDowns,
  bench,
  areas,
  laying,
  onNext,
  onLaid,
}: {
  next: NextLayDown
  /** its inks; null: something is still wanting */
  laid: readonly LaidInk[] | null
  layDowns: readonly LayDown[]
  bench: LayDownBench
  areas: readonly string[]
  laying: ReturnType<typeof useLayDown>
  onNext: (next: NextLayDown) => void
  onLaid: () => void
}) {
  const isBehind = next.way === 'behind'
  return (
    <section aria-label="The next lay-down" className="grid content-start gap-4">
      <Choice
        label="How sheet and slab meet"
        value={next.way}
        options={bench.onSlab ? WAYS : WAYS.filter(([way]) => way !== 'ghost')}
        onPick={(way) => onNext({ ...next, way })}
      />
      {next.way === 'ghost' ? (
        <p>
          Of what lay on the slab last: <b>{bench.onSlab?.map(({ name }) => name).join(', ')}</b>.
        </p>
      ) : (
        <InkRows
          rows={next.rows}
          layDowns={layDowns}
          bench={bench}
          areas={areas}
          onRows={(rows) => onNext({ ...next, rows })}
        />
      )}
      {next.way === 'slab' && (
        <Choice
          label="How the ink comes onto the slab"
          value={next.tool}
          options={TOOLS}
          onPick={(tool) => onNext({ ...next, tool })}
        />
      )}
      <TextField
        label={isBehind ? 'What was drawn, and with what' : 'Marks on the back, for the light table'}
        value={next.marks}
        onText={(marks) => onNext({ ...next, marks })}
        hint={isBehind ? 'Thin stiff ink; keep the hand off the sheet.' : undefined}
      />
      <PersonField problem={problemAt(laying.problems, 'person')} />
      <Problems problems={laying.problems} except={['person']} />
      <MainAct>
        <Button look="main" disabled={laying.busy || !laid} onClick={onLaid}>
          Laid down
        </Button>
      </MainAct>
    </section>
  )
}
