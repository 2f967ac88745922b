import { onShelf } from '@/core/units/onShelf'
import { notFound } from 'next/navigation'
import { learnGrowth } from '@/core/paper/growth'
import { fitSoak, soakFitInput } from '@/core/paper/soakFit'
import { loadGrowthMarks } from '@/data/paper/growths'
import { loadWeighIns } from '@/data/paper/soaks'
import { loadReservations, loadStockBook } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { PaperSheet } from '@/stations/shop/store/PaperSheet'
import { onlyFor, titleFor } from '@/stations/across/device/onlyFor'

interface Params {
  params: Promise<{ paper: string }>
}

export const generateMetadata = titleFor('shop', async ({ params }: Params) => {
  const { paper: id } = await params
  return (await loadStore()).papers.find((one) => one.id === id)?.name ?? 'Paper'
})

async function PaperSheetPage({ params }: Params) {
  const { paper: id } = await params
  const { papers } = await loadStore()
  const paper = papers.find((one) => one.id === id)
  if (!paper) notFound()
  const [book, reservations, marks, weighIns] = await Promise.all([
    loadStockBook(id),
    loadReservations(),
    loadGrowthMarks(),
    loadWeighIns(),
  ])
  const soak = soakFitInput.safeParse({
    points: weighIns
      .filter(({ paperId }) => paperId === id)
      .map(({ seconds, uptakePercent }) => ({ seconds, uptakePercent })),
  })
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <PaperSheet
        paper={paper}
        others={onShelf(papers).filter((one) => one.id !== id)}
        book={book}
        reservations={reservations.filter(({ paperId }) => paperId === id)}
        growth={learnGrowth(marks.filter(({ paperId }) => paperId === id))}
        soak={soak.success ? fitSoak(soak.data) : null}
      />
    </main>
  )
}

export default onlyFor('shop', PaperSheetPage)
