import { NewJobForm } from '@/stations/workshop/NewJobForm'
import { PlateMark } from '@/ui/PlateMark'

export const metadata = { title: 'New job' }

export default function NewJobPage() {
  return (
    <main className="p-3 sm:p-5">
      <PlateMark title="New job">
        <NewJobForm />
      </PlateMark>
    </main>
  )
}
