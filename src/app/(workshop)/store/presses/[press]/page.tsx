import { notFound } from 'next/navigation'
import { readPressCard } from '@/core/press/pressCard'
import { loadPressEvents } from '@/data/press/pressCards'
import { loadWorkedSettings } from '@/data/press/workedSettings'
import { loadStore } from '@/data/shop/store'
import { PressCard } from '@/stations/press/PressCard'
import { onlyFor, titleFor } from '@/stations/across/device/onlyFor'

interface Params {
  params: Promise<{ press: string }>
}

export const generateMetadata = titleFor('shop', async ({ params }: Params) => {
  const { press: id } = await params
  return (await loadStore()).presses.find((one) => one.id === id)?.name ?? 'Press'
})

async function PressCardPage({ params }: Params) {
  const { press: id } = await params
  const press = (await loadStore()).presses.find((one) => one.id === id)
  if (!press) notFound()
  const [events, worked] = await Promise.all([loadPressEvents(id), loadWorkedSettings()])
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <PressCard
        press={press}
        events={events}
        standing={readPressCard(events, new Date().toISOString(), press.scale)}
        worked={worked.filter(({ under }) => under.press.pressId === id)}
      />
    </main>
  )
}

export default onlyFor('shop', PressCardPage)
