'use client'

import { onShelf } from '@/core/units/onShelf'
import { formatFine } from '@/core/units/quantity'
import { findByName, hasName } from '@/core/units/byName'
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { GripVertical, X } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import { BLANKET_KINDS, layerOfBlanket, layPack, PACK_SCHOOLS, type PackSchool } from '@/core/press/blanket'
import { LAID_THINGS, layerOfThing, type LaidThing } from '@/core/press/laidStack'
import type { LaidLayer } from '@/core/press/pressSetting'
import { formatNumber } from '@/core/units/length'
import type { StoreBlanket, StorePack } from '@/data/shop/store'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'

interface PackBenchProps {
  pack: readonly LaidLayer[]
  packName: string
  packs: readonly StorePack[]
  shelf: readonly StoreBlanket[]
  /** how far each layer is pressed of what it can give, by name */
  shares: ReadonlyMap<string, number | null>
  problem?: string
  /** how many of the pack lie under plate and sheet */
  plateAt: number
  isFaceDown: boolean
  /** pressed by hand on a table, and under no roller */
  isByHand: boolean
  onLay: (laid: { pack?: LaidLayer[]; packName?: string; plateAt?: number; isFaceDown?: boolean }) => void
}

/** The plate and its sheet, among the layers. */
const PLATE = 'plate'
type Row = { id: string; layer: LaidLayer | null }

/** The name of a pack nobody has kept yet. */
const nameOf = (layers: readonly LaidLayer[]) =>
  layers
    .map(({ name }) => name)
    .join(', ')
    .slice(0, 120)

/** The stack as it is laid, taken apart and put together by hand or keys, plate and sheet among it; the roller's side is at the top. */
export function PackBench({
  pack,
  packName,
  plateAt,
  isFaceDown,
  isByHand,
  packs,
  shelf,
  shares,
  problem,
  onLay,
}: PackBenchProps) {
  const [missing, setMissing] = useState<string | null>(null)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  // From the roller down, as one looks at a press; the setting counts from the bed upward.
  const up: Row[] = pack.map((layer, i) => ({ id: `${layer.name}-${i}`, layer }))
  const down = [...up.slice(0, plateAt), { id: PLATE, layer: null }, ...up.slice(plateAt)].reverse()
  const lay = (fromRoller: readonly Row[]) => {
    const rows = [...fromRoller].reverse()
    const layers = rows.flatMap(({ layer }) => layer ?? [])
    onLay({
      pack: layers,
      packName: layers.length > 0 ? nameOf(layers) : '',
      plateAt: rows.findIndex(({ layer }) => layer === null),
    })
  }
  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const [from, to] = [active.id, over.id].map((id) => down.findIndex((one) => one.id === id))
    const rows = arrayMove(down, from, to)
    // Where only the plate went elsewhere, the blankets are what they were.
    if (active.id === PLATE) onLay({ plateAt: [...rows].reverse().findIndex(({ layer }) => layer === null) })
    else lay(rows)
  }
  const school = (key: PackSchool) => {
    const { laid, missing: kinds, ...lies } = layPack(key, shelf)
    setMissing(
      kinds.length > 0
        ? `Not on the shelf: ${kinds.map((kind) => BLANKET_KINDS[kind].label.toLowerCase()).join(', ')}.`
        : null,
    )
    if (kinds.length === 0)
      onLay({ pack: laid.map(layerOfBlanket), packName: PACK_SCHOOLS[key].label, ...lies })
  }
  const free = shelf.filter(({ name }) => !hasName(pack, name))
  return (
    <section aria-label="Blankets">
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Saved set"
          value={findByName(packs, packName)?.id ?? ''}
          options={[
            ['', pack.length > 0 ? 'laid by hand' : 'choose…'],
            ...onShelf(packs, findByName(packs, packName)?.id).map(({ id, name }) => [id, name] as const),
          ]}
          problem={problem}
          onPick={(id) => {
            const chosen = packs.find((one) => one.id === id)
            if (chosen) onLay({ pack: chosen.layers, packName: chosen.name, plateAt: 0 })
          }}
        />
        <SelectField
          label="Standard blanket sets"
          value=""
          options={[
            ['', 'choose…'],
            ...Object.entries(PACK_SCHOOLS).map(([key, { label }]) => [key, label] as const),
          ]}
          onPick={(key) => key && school(key as PackSchool)}
          problem={missing ?? undefined}
        />
      </div>
      <p className="mt-3 border-b border-line text-sm text-muted">{isByHand ? 'hand' : 'roller'}</p>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved} id="pack">
        <SortableContext items={down.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol aria-label={isByHand ? 'From the hand down' : 'From the roller down'}>
            {down.map(({ layer, id }) => (
              <LayerRow
                key={id}
                id={id}
                layer={layer}
                isFaceDown={isFaceDown}
                share={layer ? (shares.get(layer.name) ?? null) : null}
                onTakeOut={() => lay(down.filter((one) => one.id !== id))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <p className="text-sm text-muted">{isByHand ? 'table' : 'bed'}</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {pack.length < 8 && (
          <SelectField
            className="min-w-48 flex-1"
            label="Add a layer"
            value=""
            options={[
              ['', 'choose…'],
              ...free.map(({ id, name, nowMm }) => [id, `${name}, ${formatFine(nowMm, 2)}`] as const),
              ...Object.entries(LAID_THINGS).map(
                ([key, { label, does }]) => [key, `${label}: ${does}`] as const,
              ),
            ]}
            onPick={(picked) => {
              const blanket = free.find((one) => one.id === picked)
              if (blanket) lay([{ id: picked, layer: layerOfBlanket(blanket) }, ...down])
              // What lies on no shelf belongs right behind the sheet.
              else if (picked in LAID_THINGS) lay(behindTheSheet(down, isFaceDown, picked as LaidThing))
            }}
          />
        )}
        <Choice
          label="The plate lies"
          value={isFaceDown ? 'down' : 'up'}
          options={[
            ['up', 'Plate face up'],
            ['down', 'Plate face down'],
          ]}
          onPick={(face) => onLay({ isFaceDown: face === 'down' })}
        />
        <Link
          href="/store/blankets"
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          Blankets of the shelf
        </Link>
      </div>
    </section>
  )
}

/** The rows with a new one laid against the sheet: over it, or under it where the plate lies face down. */
function behindTheSheet(down: readonly Row[], isFaceDown: boolean, thing: LaidThing): Row[] {
  const at = down.findIndex(({ layer }) => layer === null) + (isFaceDown ? 1 : 0)
  return [...down.slice(0, at), { id: thing, layer: layerOfThing(thing) }, ...down.slice(at)]
}

function LayerRow({
  id,
  layer,
  isFaceDown,
  share,
  onTakeOut,
}: {
  id: string
  /** null: plate and sheet */
  layer: LaidLayer | null
  isFaceDown: boolean
  share: number | null
  onTakeOut: () => void
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
      className={`flex items-center gap-2 border-b border-line bg-field ${isDragging ? 'relative z-10 outline-2' : ''}`}
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Move ${layer ? layer.name : 'plate and sheet'}`}
        className="flex size-11 cursor-grab touch-none items-center justify-center"
      >
        <GripVertical size={18} aria-hidden />
      </button>
      {layer ? (
        <>
          <span className="min-w-0 flex-1">
            {layer.name}{' '}
            <span className="text-sm text-muted">
              {formatFine(layer.thicknessMm, 2)}
              {share === null ? '' : `, compressed to ${formatNumber(100 * share, 0)} % of what it gives`}
            </span>
          </span>
          <button
            type="button"
            aria-label={`Take out ${layer.name}`}
            onClick={onTakeOut}
            className="flex size-11 items-center justify-center"
          >
            <X size={18} aria-hidden />
          </button>
        </>
      ) : (
        <span className="min-w-0 flex-1 font-semibold">
          {isFaceDown ? 'Plate face down, on the sheet' : 'Sheet, on the plate'}
        </span>
      )}
    </li>
  )
}
