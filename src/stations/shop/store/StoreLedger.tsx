'use client'

import { formatCelsius, formatFine, formatGrams } from '@/core/units/quantity'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { predictInk } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import type { Reservation } from '@/core/paper/stock'
import { formatNumber } from '@/core/units/length'
import type { Store } from '@/data/shop/store'
import Link from 'next/link'
import { buttonClass } from '@/ui/Button'
import { Panel } from '@/ui/Panel'
import { shelfAnswer } from './answers'
import { pressFacts } from '../../press/pressFacts'
import { NewPressDialog } from './NewPressDialog'
import { PaperShelf } from './PaperShelf'
import { UnitOrderChoice } from './UnitOrderChoice'

const TONE_FILM = 7
const TINT_FILM = 1.2

/** The shelf and the store: inks as they print, papers with the sheets left, presses with their lead. */
export function StoreLedger({ store, reservations }: { store: Store; reservations: Reservation[] }) {
  const film = (ink: Store['inks'][number], filmMicrometres: number) =>
    predictInk({
      inks: [{ name: ink.name, k: ink.k, s: ink.s }],
      parts: [1],
      filmMicrometres,
      paper: [...RAG_WHITE],
      surface: USUAL_SURFACE,
      geometry: '45:0',
    })
  return (
    <Panel
      title="Stockroom"
      answer={shelfAnswer({
        inks: store.inks,
        papers: store.papers,
        presses: store.presses.length,
        reservations,
      })}
    >
      <section aria-label="Inks">
        <div className="flex items-baseline justify-between">
          <h2 className="station-title mb-1">Inks</h2>
          <Link href="/store/inks/new" className={buttonClass('quiet')}>
            Add an ink
          </Link>
        </div>
        {store.inks.length === 0 && <p>The shelf is empty: it is stocked with your first job.</p>}
        <ul className="grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
          {store.inks.map((ink) => (
            <li key={ink.id} className="grid grid-cols-[5rem_1fr] gap-3 border-t border-line py-1.5">
              <span className="flex self-start bg-[#808080] p-1.5" aria-hidden>
                {[TONE_FILM, TINT_FILM].map((micrometres) => (
                  <span
                    key={micrometres}
                    className="h-9 flex-1"
                    style={{ background: film(ink, micrometres).srgb }}
                  />
                ))}
                <span className="h-9 w-2" style={{ background: describeSpectrum(RAG_WHITE).srgb }} />
              </span>
              <span>
                <Link
                  href={`/store/inks/${ink.id}`}
                  className="inline-flex min-h-6 font-semibold underline-offset-4 hover:underline"
                >
                  {ink.name}
                </Link>{' '}
                <span className="text-sm text-muted">
                  {ink.source}
                  {ink.gramsNow === null ? '' : `, ${formatGrams(ink.gramsNow, 0)}`}
                </span>
                <span className="condensed block text-sm">
                  {ink.note} {formatNumber(ink.viscosityPas, 0)} Pa·s
                  {ink.kind === 'water-washable' ? ', water-washable' : ''}
                </span>
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-xs text-muted">
          Forecasts at {TONE_FILM} and {TINT_FILM} µm over ordinary rag, on an uncalibrated screen. Viscosity
          at {formatCelsius(20, 0)}.
        </p>
      </section>
      <PaperShelf papers={store.papers} reservations={reservations} />
      <p className="mt-2">
        <Link href="/drying" className={buttonClass('quiet')}>
          Drying racks
        </Link>
      </p>
      <section aria-label="Presses" className="mt-6">
        <div className="flex items-baseline justify-between">
          <h2 className="station-title">Presses</h2>
          <NewPressDialog />
        </div>
        <ul>
          {store.presses.map((press) => (
            <li key={press.id} className="border-t border-line py-1.5">
              <Link
                href={`/store/presses/${press.id}`}
                className="inline-flex min-h-6 font-semibold underline-offset-4 hover:underline"
              >
                {press.name}
              </Link>
              : {pressFacts(press)} {press.note}
            </li>
          ))}
        </ul>
        <div className="mt-3 flex items-baseline justify-between">
          <h3 className="text-sm text-muted">Blanket sets, bottom to top</h3>
          <Link href="/store/blankets" className={buttonClass('quiet')}>
            Blankets
          </Link>
        </div>
        <ul>
          {store.packs.map((pack) => (
            <li key={pack.id} className="border-t border-line py-1.5 text-sm">
              {pack.name}:{' '}
              {pack.layers
                .map((layer) => `${layer.name.toLowerCase()} ${formatFine(layer.thicknessMm, 2)}`)
                .join(', ')}
            </li>
          ))}
        </ul>
      </section>
      <UnitOrderChoice />
    </Panel>
  )
}
