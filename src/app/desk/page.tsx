import type { Metadata } from 'next'
import { DeskShell } from '@/stations/across/desk/DeskShell'

export const metadata: Metadata = { title: 'Pull desk' }

/** The pull desk: a shell without any job, which is kept on the device; which job it is stands behind the # of its address. */
export default function DeskPage() {
  return (
    <main className="flex flex-1 flex-col p-3 sm:p-5">
      <DeskShell />
    </main>
  )
}
