import { redirect } from 'next/navigation'
import { deskOf } from '@/stations/across/desk/deskAddress'
import { onlyFor } from '@/stations/across/device/onlyFor'

/** One job's desk by an address of its own. */
async function JobDeskPage({ params }: { params: Promise<{ job: string }> }): Promise<never> {
  redirect(deskOf((await params).job))
}

export default onlyFor('desk', JobDeskPage)
