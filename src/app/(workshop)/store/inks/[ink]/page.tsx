import { notFound } from 'next/navigation'
import { loadInks } from '@/data/shop/inks'
import { InkSheet } from '@/stations/shop/store/InkSheet'
import { onlyFor, titleFor } from '@/stations/across/device/onlyFor'

interface Params {
  params: Promise<{ ink: string }>
}

export const generateMetadata = titleFor('shop', async ({ params }: Params) => {
  const { ink: id } = await params
  return (await loadInks()).find((one) => one.id === id)?.name ?? 'Ink'
})

async function InkSheetPage({ params }: Params) {
  const { ink: id } = await params
  const ink = (await loadInks()).find((candidate) => candidate.id === id)
  if (!ink) notFound()
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <InkSheet ink={ink} />
    </main>
  )
}

export default onlyFor('shop', InkSheetPage)
