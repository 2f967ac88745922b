import { notFound } from 'next/navigation'
import { loadInks } from '@/data/inks'
import { InkSheet } from '@/stations/store/InkSheet'

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
