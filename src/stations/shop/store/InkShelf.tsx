'use client'

import Link from 'next/link'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { predictInk } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { formatNumber } from '@/core/units/length'
import { formatCelsius, formatGrams } from '@/core/units/quantity'
import type { StoreInk } from '@/data/shop/inks'
import { buttonClass } from '@/ui/Button'
import { PutAway, type Going } from './PutAway'

const TONE_FILM = 7
const TINT_FILM = 1.2

const film = (ink: StoreInk, filmMicrometres: number) =>
  predictInk({
    inks: [{ name: ink.name, k: ink.k, s: ink.s }],
    parts: [1],
    filmMicrometres,
    paper: [...RAG_WHITE],
    surface: USUAL_SURFACE,
    geometry: '45:0',
  })

/** The inks as they print, thick and thin, with what is left of each. */
export function InkShelf({ inks, going }: { inks: readonly StoreInk[]; going: Going | null }) {
  return (
    <section aria-label="Inks">
      <div className="flex items-baseline justify-between">
        <h2 className="station-title mb-1">Inks</h2>
        <Link href="/store/inks/new" className={buttonClass('quiet')}>
          Add an ink
        </Link>
      </div>
      {inks.length === 0 && <p>No ink here.</p>}
      <ul className="grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
        {inks.map((ink) => (
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
            {going && (
              <span className="col-start-2">
                <PutAway shelf="inks" thing={ink} going={going} />
              </span>
            )}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-xs text-muted">
        Forecasts at {TONE_FILM} and {TINT_FILM} µm over ordinary rag, on an uncalibrated screen. Viscosity at{' '}
        {formatCelsius(20, 0)}.
      </p>
    </section>
  )
}
