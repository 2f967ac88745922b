'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { Reservation } from '@/core/paper/stock'
import { listedThings, SHELF_ORDERS, SHELF_PLACES, type ShelfAsked } from '@/core/record/shelfList'
import { onShelf } from '@/core/units/onShelf'
import type { Store } from '@/data/shop/store'
import { Button, buttonClass } from '@/ui/Button'
import { Panel } from '@/ui/Panel'
import { SearchForm } from '@/ui/SearchForm'
import { shelfAnswer } from './answers'
import { InkShelf } from './InkShelf'
import { ListDialog } from './ListDialog'
import { PaperShelf } from './PaperShelf'
import { PressShelf } from './PressShelf'
import type { Going } from './PutAway'
import { UnitOrderChoice } from './UnitOrderChoice'

/** The shelves: inks as they print, papers with the sheets left, presses as they are read; looked for, put in order, put away. */
export function StoreLedger({
  store,
  reservations,
  asked,
  going,
}: {
  store: Store
  reservations: Reservation[]
  asked: ShelfAsked
  going: Going
}) {
  const { inks, papers, presses, packs } = store
  const [isTidying, setTidying] = useState(false)
  /** what becomes of each; null: things are not moved now */
  const moved = isTidying || asked.place === 'away' ? going : null
  const aways = [inks, papers, presses, packs].flat().filter(({ putAwayAt }) => putAwayAt).length
  return (
    <Panel
      title="Stockroom"
      aside={
        asked.place === 'shelf' && (
          <Button look="quiet" aria-pressed={isTidying} onClick={() => setTidying(!isTidying)}>
            {isTidying ? 'Done tidying' : 'Tidy the shelves'}
          </Button>
        )
      }
      answer={shelfAnswer({
        inks: onShelf(inks),
        papers: onShelf(papers),
        presses: onShelf(presses).length,
        reservations,
      })}
    >
      <SearchForm
        key={JSON.stringify(asked)}
        page="/store"
        label="Find by name or note"
        find={asked.find}
        choices={[
          {
            name: 'place',
            label: 'Where they lie',
            value: asked.place,
            options: [
              ['shelf', SHELF_PLACES.shelf],
              ['away', `${SHELF_PLACES.away} (${aways})`],
            ],
          },
          { name: 'order', label: 'In order of', value: asked.order, options: Object.entries(SHELF_ORDERS) },
        ]}
      />
      {asked.place === 'away' && (
        <p className="mb-3">
          Put away, a thing is offered to no job; jobs that have it keep it. What nothing names goes for good
          after 30 days.
        </p>
      )}
      <InkShelf inks={listedThings(inks, asked, ({ gramsNow }) => gramsNow)} going={moved} />
      <PaperShelf
        papers={listedThings(papers, asked, ({ sheetsLeft }) => sheetsLeft)}
        reservations={reservations}
        going={moved}
      />
      <p className="mt-2 flex flex-wrap gap-x-4">
        <Link href="/drying" className={buttonClass('quiet')}>
          Drying racks
        </Link>
        <a href="/store/inks.csv" download className={buttonClass('quiet')}>
          Inks as CSV
        </a>
        <a href="/store/papers.csv" download className={buttonClass('quiet')}>
          Papers as CSV
        </a>
        <a href="/store/labels.pdf" download className={buttonClass('quiet')}>
          Labels for tins, drawers, plates and stacks
        </a>
        <ListDialog />
      </p>
      <PressShelf presses={listedThings(presses, asked)} packs={listedThings(packs, asked)} going={moved} />
      <UnitOrderChoice />
    </Panel>
  )
}
