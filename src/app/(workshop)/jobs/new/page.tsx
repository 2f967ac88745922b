import { NewJobForm } from '@/stations/shop/workshop/NewJobForm'
import { Panel } from '@/ui/Panel'

export const metadata = { title: 'New job' }

export default function NewJobPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <Panel title="New job">
        <NewJobForm />
      </Panel>
    </main>
  )
}
