import { redirect } from 'next/navigation'
import { deskOf } from '@/stations/across/desk/deskAddress'

/** One job's desk by an address of its own. */
export default async function JobDeskPage({ params }: { params: Promise<{ job: string }> }) {
  redirect(deskOf((await params).job))
}
