'use client'

import Link from 'next/link'
import { Download, Printer } from 'lucide-react'
import type { Credits } from '@/core/record/credits'
import { purposeFacts } from '@/core/prove/purpose'
import { custodyCounts, type KeptCustody } from '@/core/record/custody'
import type { Print } from '@/core/record/jobFile'
import type { Documentation } from '@/core/record/documentation'
import { Button, buttonClass } from '@/ui/Button'
import { Panel } from '@/ui/Panel'
import { useJob } from '../across/bench/BenchContext'
import { recordAnswer } from './answers'
import { CreditsBook } from './CreditsBook'
import { CustodyBook } from './CustodyBook'

/** The documentation sheet, as it prints, and the ways to take the record along. */
export function RecordStation({
  documentation,
  credits,
  prints,
  moves,
}: {
  documentation: Documentation
  credits: Credits
  prints: Print[]
  moves: KeptCustody[]
}) {
  const job = useJob()
  const at = (file: string) => `/jobs/${job.slug}/record/${file}`
  return (
    <Panel
      title="Record"
      answer={recordAnswer(
        prints.length,
        prints.length -
          custodyCounts(
            prints.map(({ pullId }) => pullId),
            moves,
          ).workshop,
        `/jobs/${job.slug}`,
        purposeFacts(job.purpose).asksSize === null ? 'signed' : 'numbered',
      )}
      act={
        <div className="screen-only flex flex-wrap gap-2">
          <a className={buttonClass('main')} href={at('documentation.pdf')} download={`${job.slug}.pdf`}>
            <Download size={18} aria-hidden /> Documentation PDF
          </a>
          <Button onClick={() => window.print()}>
            <Printer size={18} aria-hidden /> Print this page
          </Button>
        </div>
      }
    >
      <div className="screen-only mb-2 flex flex-wrap gap-2">
        {prints.length > 0 && (
          <Link className={buttonClass()} href={at('again')}>
            Print it again
          </Link>
        )}
        <a className={buttonClass()} href={at('job.json')} download={`${job.slug}.json`}>
          Job as JSON
        </a>
        <a className={buttonClass()} href={at('folder.zip')} download={`${job.slug}.zip`}>
          Job folder
        </a>
        {prints.length > 0 && (
          <a
            className={buttonClass()}
            href={at('certificates.pdf')}
            download={`${job.slug}-certificates.pdf`}
          >
            Certificates
          </a>
        )}
        {prints.length > 0 && (
          <a className={buttonClass()} href={at('labels.pdf')} download={`${job.slug}-labels.pdf`}>
            Labels
          </a>
        )}
        <a className={buttonClass()} href={at('pulls.csv')} download={`${job.slug}-pulls.csv`}>
          Pulls as CSV
        </a>
      </div>
      <p className="screen-only mb-3 text-sm text-muted">
        The JSON holds everything but pictures, the folder those too, and another workshop can take either in;
        its{' '}
        <a href="/job-file.schema.json" className="underline">
          schema
        </a>{' '}
        is published. What must be disclosed with an edition differs from place to place.
      </p>
      <CreditsBook credits={credits} />
      <CustodyBook prints={prints} moves={moves} />
      <article aria-label="Documentation sheet" className="bg-white p-6 text-black print:p-0">
        <h2 className="station-title text-2xl">{documentation.title}</h2>
        <p>{documentation.subtitle}</p>
        {documentation.sections.map(({ heading, rows }) => (
          <section key={heading} className="mt-4 break-inside-avoid">
            <h3 className="station-title border-b border-black">{heading}</h3>
            <dl className="grid text-sm sm:grid-cols-[12rem_minmax(0,1fr)] sm:gap-x-4">
              {rows.map(({ label, value }) => (
                <div key={label} className="contents">
                  <dt className="pt-0.5 font-medium sm:border-b sm:border-[#ccc] sm:py-0.5 sm:font-normal">
                    {label}
                  </dt>
                  <dd className="border-b border-[#ccc] py-0.5">{value}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
        {documentation.impressions.length > 0 && (
          <section className="mt-4">
            <h3 className="station-title border-b border-black">Impressions</h3>
            <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label="Impressions">
              <table className="condensed w-full text-sm">
                <thead className="text-left">
                  <tr>
                    <th scope="col">Mark</th>
                    <th scope="col">Time pulled</th>
                    <th scope="col">Hands</th>
                    <th scope="col">Eye</th>
                    <th scope="col">Note</th>
                  </tr>
                </thead>
                <tbody>
                  {documentation.impressions.map(({ mark, moment, hands, eye, note }) => (
                    <tr key={mark + moment} className="border-b border-[#ccc]">
                      <th scope="row" className="text-left">
                        {mark}
                      </th>
                      <td>{moment}</td>
                      <td>{hands}</td>
                      <td>{eye}</td>
                      <td>{note}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          </section>
        )}
      </article>
    </Panel>
  )
}
