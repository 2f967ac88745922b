import { Panel } from '@/ui/Panel'
import { GLOSSARY } from './glossary'

/** The ten stations, each with what it is for. */
const WALK = [
  ['Plate', 'what it is, how it is made and bitten, and how long it lasts'],
  ['Ink', 'what to mix, how much, and how stiff for today’s room'],
  ['Wipe', 'the steps, the time, and several inks on one plate'],
  ['Paper', 'tearing, damping, and the day’s plan'],
  ['Press', 'pressure, carried over between plates, papers and presses'],
  ['Register', 'where the plate lies on the sheet, drawn at 1:1'],
  ['Prove', 'each proof is a test: change one thing, until one is approved as the BAT'],
  ['Edition', 'every pull is held to the BAT'],
  ['Dry & Sign', 'drying, sorting, numbers and signing'],
  ['Record', 'documents, certificates, labels, and where each print went'],
] as const

/** How the work goes, what the words mean, and what this program is. */
export function HelpSheet({
  version,
  folder,
  backup,
}: {
  version: string
  /** where the workshop's data lie on this machine */
  folder: string
  /** when it was backed up last, in words */
  backup: string
}) {
  return (
    <Panel
      title="Help"
      answer={{
        says: 'Each proof is a test; the BAT is what survived; the edition is held to it',
        because: 'Every page opens with what to do next. The key ? lists the keys of the page.',
      }}
    >
      <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)]">
        <div className="grid content-start gap-6">
          <section aria-label="A job, station by station">
            <h2 className="station-title">A job, station by station</h2>
            <dl>
              {WALK.map(([station, what]) => (
                <div key={station} className="border-b border-line py-1.5">
                  <dt className="inline font-semibold">{station}: </dt>
                  <dd className="inline">{what}.</dd>
                </div>
              ))}
            </dl>
          </section>
          <section aria-label="About">
            <h2 className="station-title">About</h2>
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
              <dt className="text-muted">Typothesis</dt>
              <dd>version {version}</dd>
              <dt className="text-muted">Data folder</dt>
              <dd className="break-all">{folder}</dd>
              <dt className="text-muted">Backup</dt>
              <dd>{backup}</dd>
              <dt className="text-muted">Licence</dt>
              <dd>
                Not published: all rights reserved. The packages it is built from keep their own licences.
              </dd>
              <dt className="text-muted">Safety</dt>
              <dd>
                Cautions name the usual hazards. The safety data sheet, local rules and qualified people
                decide.
              </dd>
            </dl>
          </section>
        </div>
        <section aria-label="What the words mean">
          <h2 className="station-title">What the words mean</h2>
          <dl className="columns-[19rem] gap-8">
            {GLOSSARY.map(({ term, means }) => (
              <div key={term} className="break-inside-avoid border-b border-line py-1.5">
                <dt className="font-semibold">{term}</dt>
                <dd className="text-sm">{means}</dd>
              </div>
            ))}
          </dl>
        </section>
      </div>
    </Panel>
  )
}
