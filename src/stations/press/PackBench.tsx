'use client'

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
import type { Layer } from '@/core/press/pressStack'
import { formatNumber } from '@/core/units/length'
import type { StoreBlanket, StorePack } from '@/data/shop/store'
import { SelectField } from '@/ui/Field'

interface PackBenchProps {
  pack: readonly Layer[]
  packName: string
  packs: readonly StorePack[]
  shelf: readonly StoreBlanket[]
  /** how far each layer is pressed of what it can give, by name */
  shares: ReadonlyMap<string, number | null>
  problem?: string
  onLay: (laid: { pack: Layer[]; packName: string }) => void
}

/** The name of a pack nobody has kept yet. */
const nameOf = (layers: readonly Layer[]) =>
  layers
    .map(({ name }) => name)
    .join(', ')
    .slice(0, 120)

/** The blankets between roller and sheet, taken apart and put together by hand or keys; the roller's side is at the top. */
export function PackBench({ pack, packName, packs, shelf, shares, problem, onLay }: PackBenchProps) {
  const [missing, setMissing] = useState<string | null>(null)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  // From the roller down, as one looks at a press; the setting counts from the sheet upward.
  const down = pack.map((layer, i) => ({ layer, id: `${layer.name}-${i}` })).reverse()
  const lay = (fromRoller: readonly Layer[], name?: string) => {
    const layers = [...fromRoller].reverse()
    onLay({ pack: layers, packName: name ?? (layers.length > 0 ? nameOf(layers) : '') })
  }
  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const [from, to] = [active.id, over.id].map((id) => down.findIndex((one) => one.id === id))
    lay(arrayMove(down, from, to).map(({ layer }) => layer))
  }
  const school = (key: PackSchool) => {
    const { laid, missing: kinds } = layPack(key, shelf)
    setMissing(
      kinds.length > 0
        ? `Not on the shelf: ${kinds.map((kind) => BLANKET_KINDS[kind].label.toLowerCase()).join(', ')}.`
        : null,
    )
    if (kinds.length === 0) onLay({ pack: laid.map(layerOfBlanket), packName: PACK_SCHOOLS[key].label })
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
            ...packs.map(({ id, name }) => [id, name] as const),
          ]}
          problem={problem}
          onPick={(id) => {
            const chosen = packs.find((one) => one.id === id)
            if (chosen) onLay({ pack: chosen.layers, packName: chosen.name })
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
      <p className="mt-3 border-b border-line text-sm text-muted">roller</p>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved} id="pack">
        <SortableContext items={down.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol aria-label="From the roller down">
            {down.map(({ layer, id }) => (
              <LayerRow
                key={id}
                id={id}
                layer={layer}
                share={shares.get(layer.name) ?? null}
                onTakeOut={() => lay(down.filter((one) => one.id !== id).map((one) => one.layer))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <p className="text-sm text-muted">sheet</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {free.length > 0 && pack.length < 8 && (
          <SelectField
            className="min-w-48 flex-1"
            label="Add a blanket"
            value=""
            options={[
              ['', 'choose…'],
              ...free.map(({ id, name, nowMm }) => [id, `${name}, ${formatFine(nowMm, 2)}`] as const),
            ]}
            onPick={(id) => {
              const blanket = free.find((one) => one.id === id)
              if (blanket) lay([layerOfBlanket(blanket), ...down.map(({ layer }) => layer)])
            }}
          />
        )}
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

function LayerRow({
  id,
  layer,
  share,
  onTakeOut,
}: {
  id: string
  layer: Layer
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
        aria-label={`Move ${layer.name}`}
        className="flex size-11 cursor-grab touch-none items-center justify-center"
      >
        <GripVertical size={18} aria-hidden />
      </button>
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
    </li>
  )
}
