import { notFound } from 'next/navigation'
import { loadInks } from '@/data/shop/inks'
import { InkSheet } from '@/stations/shop/store/InkSheet'

export default async function InkSheetPage({ params }: { params: Promise<{ ink: string }> }) {
  const { ink: id } = await params
  const ink = (await loadInks()).find((candidate) => candidate.id === id)
  if (!ink) notFound()
  return (
    <main className="p-3 sm:p-5">
      <InkSheet ink={ink} />
    </main>
  )
}
