import { printsWanted } from '@/core/prove/purpose'
import { learnGrowth } from '@/core/paper/growth'
import { loadCollagePrints } from '@/data/register/collagePrints'
import { loadCollePieces } from '@/data/register/collePieces'
import { loadGrowthMarks } from '@/data/paper/growths'
import { loadStore } from '@/data/shop/store'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { ColleRoom } from '@/stations/register/ColleRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Chine collé' }

async function CollePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { id } = job
  const [pieces, kept, { papers, inks }, marks, prints] = await Promise.all([
    loadCollePieces(id),
    latestZoneMap(id),
    loadStore(),
    loadGrowthMarks(),
    loadCollagePrints(),
  ])
  const thin = papers.map(
    ({ id: paperId, name, sheetWidthMm, sheetHeightMm, gsm, reflectance, colourFrom, putAwayAt }) => ({
      id: paperId,
      name,
      widthMm: sheetWidthMm,
      heightMm: sheetHeightMm,
      gsm,
      reflectance,
      colourFrom,
      putAwayAt,
      growth: learnGrowth(marks.filter((one) => one.paperId === paperId)),
    }),
  )
  return (
    <ColleRoom
      pieces={pieces}
      zones={kept?.map.zones ?? []}
      piecesWanted={printsWanted(job)}
      papers={thin}
      prints={prints}
      inks={inks}
    />
  )
}

export default onlyFor('shop', CollePage)
