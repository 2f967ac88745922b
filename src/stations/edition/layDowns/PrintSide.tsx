import type { LaidInk } from '@/core/edition/layDown'
import { isGhostOf } from '@/core/edition/laidPlaces'
import type { Pull } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { useJob } from '../../across/bench/BenchContext'
import { GhostJudge } from './GhostJudge'
import { LaidList } from './LaidList'
import { looks, type LayDownBench } from './nextLayDown'
import { isOpenPrint, layDownsOf } from './openPrint'
import { PlaceLooks } from './PlaceLooks'
import type { useLayDown } from './useLayDown'

/** The print: how it looks, what was laid on it, how much a ghost kept, and that it is finished. */
export function PrintSide({
  pulls,
  print,
  bench,
  laid,
  laying,
  firstPicture,
  onPrint,
}: {
  pulls: readonly Pull[]
  /** null: a new one */
  print: Pull | null
  bench: LayDownBench
  /** inks of the next lay-down; null: something is still wanting */
  laid: readonly LaidInk[] | null
  laying: ReturnType<typeof useLayDown>
  /** how it looked before its first lay-down; null: nobody knows */
  firstPicture: string | null
  onPrint: (pullId: string) => void
}) {
  const { onto } = useJob()
  const layDowns = layDownsOf(print)
  const last = layDowns.at(-1)
  const picture = layDowns.findLast(({ imageId }) => imageId)?.imageId ?? firstPicture
  return (
    <section aria-label="The print" className="grid content-start gap-4">
      <SelectField
        label="Print"
        value={print?.id ?? ''}
        options={[
          ['', onto ? `the next, onto ${onto.name}` : 'the next, on a fresh sheet'],
          ...pulls
            .toReversed()
            .map((pull) => [pull.id, `print ${pull.number}${isOpenPrint(pull) ? '' : ', kept'}`] as const),
        ]}
        onPick={onPrint}
      />
      {picture && (
        <img
          src={`/pictures/${picture}/view`}
          alt="How it looked last"
          className="max-h-72 w-full object-contain"
        />
      )}
      <PlaceLooks looks={looks(layDowns, laid ?? [], bench)} isNext={laid !== null} />
      <LaidList
        layDowns={layDowns}
        bench={bench}
        busy={laying.busy}
        onPicture={(one, imageId) => laying.amend(print!.id, { ...one, imageId }, 'its picture')}
      />
      {print && last?.way === 'ghost' && bench.onSlab && isGhostOf(last.inks, bench.onSlab) && (
        <GhostJudge
          ghost={last}
          beneath={layDowns.slice(0, -1)}
          bench={bench}
          busy={laying.busy}
          onJudge={(one) => laying.amend(print.id, one, 'what the ghost kept, judged')}
        />
      )}
      {print && isOpenPrint(print) && last && (
        <Button disabled={laying.busy} onClick={() => void laying.keep(print.id)}>
          Finished: keep print {print.number}
        </Button>
      )}
    </section>
  )
}
