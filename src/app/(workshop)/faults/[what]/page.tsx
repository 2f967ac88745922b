import { notFound } from 'next/navigation'
import { faultSchema, REJECT_REASONS, REJECT_REASONS_SHOWN, type RejectReason } from '@/core/edition/fault'
import { faultCases } from '@/core/edition/faultAlbum'
import { loadFaultRuns } from '@/data/across/faultRuns'
import { FaultAlbum } from '@/stations/shop/faults/FaultAlbum'
import { onlyFor, titleFor } from '@/stations/across/device/onlyFor'

type Params = Promise<{ what: string }>

/** The fault an address names. */
function faultIn(what: string): RejectReason {
  const named = decodeURIComponent(what)
  return REJECT_REASONS.find((one) => one === named) ?? notFound()
}

export const generateMetadata = titleFor(
  'shop',
  async ({ params }: { params: Params }) =>
    `Fault album: ${REJECT_REASONS_SHOWN[faultIn((await params).what)]}`,
)

/** Earlier prints with a fault, those most like the one in hand first. */
async function FaultPage({
  params,
  searchParams,
}: {
  params: Params
  searchParams: Promise<{ where?: string; cause?: string }>
}) {
  const what = faultIn((await params).what)
  const { where, cause } = await searchParams
  const like = faultSchema.partial().safeParse({ where: where ? Number(where) : undefined, cause })
  return (
    <main id="work" tabIndex={-1} className="flex-1 p-3 sm:p-5">
      <FaultAlbum
        what={what}
        cases={faultCases(what, await loadFaultRuns(what), like.success ? like.data : {})}
      />
    </main>
  )
}

export default onlyFor('shop', FaultPage)
