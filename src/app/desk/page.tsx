import type { Metadata } from 'next'
import { DeskShell } from '@/stations/across/desk/DeskShell'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata: Metadata = { title: 'Pull desk' }

/** The pull desk: a shell without any job, which is kept on the device; which job it is stands behind the # of its address. */
function DeskPage() {
  return (
    <main className="flex h-dvh flex-col p-2 sm:px-4">
      <DeskShell />
    </main>
  )
}

export default onlyFor('desk', DeskPage)
