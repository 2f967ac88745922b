'use client'

import Link from 'next/link'
import { formatFine } from '@/core/units/quantity'
import type { Store } from '@/data/shop/store'
import { buttonClass } from '@/ui/Button'
import { pressFacts } from '../../press/pressFacts'
import { NewPressDialog } from './NewPressDialog'
import { PutAway, type Going } from './PutAway'

/** The presses as they are read, and the sets of blankets that lie on them. */
export function PressShelf({
  presses,
  packs,
  going,
}: Pick<Store, 'presses' | 'packs'> & { going: Going | null }) {
  return (
    <section aria-label="Presses" className="mt-6">
      <div className="flex items-baseline justify-between">
        <h2 className="station-title">Presses</h2>
        <NewPressDialog />
      </div>
      <ul>
        {presses.map((press) => (
          <li
            key={press.id}
            className="flex flex-wrap items-baseline justify-between gap-x-4 border-t border-line py-1.5"
          >
            <span>
              <Link
                href={`/store/presses/${press.id}`}
                className="inline-flex min-h-6 font-semibold underline-offset-4 hover:underline"
              >
                {press.name}
              </Link>
              : {pressFacts(press)} {press.note}
            </span>
            {going && <PutAway shelf="presses" thing={press} going={going} />}
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
        {packs.map((pack) => (
          <li
            key={pack.id}
            className="flex flex-wrap items-baseline justify-between gap-x-4 border-t border-line py-1.5 text-sm"
          >
            <span>
              {pack.name}:{' '}
              {pack.layers
                .map((layer) => `${layer.name.toLowerCase()} ${formatFine(layer.thicknessMm, 2)}`)
                .join(', ')}
            </span>
            {going && <PutAway shelf="packs" thing={pack} going={going} />}
          </li>
        ))}
      </ul>
    </section>
  )
}
