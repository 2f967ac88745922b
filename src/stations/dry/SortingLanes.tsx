'use client'

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  rectSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
} from '@dnd-kit/sortable'
import type { Pull } from '@/core/edition/pull'
import { ImpressionThumb, impressionWords } from './ImpressionThumb'
import { isMarked, LANE_KEYS, type Lane } from './lanes'

/** An impression as it lies: what it would be marked, and whose it is or how far from the BAT. */
export interface Lying {
  pull: Pull
  mark: string
  beside: string
}

interface SortingLanesProps {
  /** what each row is called in this job */
  names: Readonly<Record<Lane, string>>
  lanes: Readonly<Record<Lane, Lying[]>>
  plate: { widthMm: number; heightMm: number }
  batPullId: string | null
  onMove: (pullId: string, to: Lane, before: string | null) => void
}

/** By hand: the impression under the pointer, else the row; by keys, where there is no pointer, whatever is nearest. */
const underHand: CollisionDetection = (moved) => {
  const under = pointerWithin(moved)
  if (under.length === 0) return closestCenter(moved)
  const tile = under.find(({ id }) => !(LANE_KEYS as string[]).includes(String(id)))
  return [tile ?? under[0]]
}

/** Every impression laid out by what it is to be; moved by hand, by keys (Space lifts, arrows move, Space lays down) or by its list. */
export function SortingLanes({ names, lanes, plate, batPullId, onMove }: SortingLanesProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const laneOf = (id: string) =>
    LANE_KEYS.find((lane) => lane === id || lanes[lane].some(({ pull }) => pull.id === id)) ?? null
  const laid = ({ active, over }: DragEndEvent) => {
    const [id, overId] = [String(active.id), over ? String(over.id) : null]
    const to = overId && laneOf(overId)
    if (!to || to === 'BAT' || overId === id) return
    // Dragged down its own lane it lands after what it is dropped on; the one after that is what it stands before.
    const ids = lanes[to].map(({ pull }) => pull.id)
    const [from, at] = [ids.indexOf(id), ids.indexOf(overId)]
    onMove(id, to, at < 0 ? null : from >= 0 && from < at ? (ids[at + 1] ?? null) : overId)
  }
  return (
    <DndContext sensors={sensors} collisionDetection={underHand} onDragEnd={laid} id="sorting">
      <div className="mt-3 border-t border-line">
        {LANE_KEYS.filter((lane) => lane !== 'BAT' || batPullId).map((lane) => (
          <LaneRow key={lane} names={names} lane={lane} lying={lanes[lane]} plate={plate} onMove={onMove} />
        ))}
      </div>
    </DndContext>
  )
}

function LaneRow({
  names,
  lane,
  lying,
  plate,
  onMove,
}: { lane: Lane; lying: Lying[] } & Pick<SortingLanesProps, 'names' | 'plate' | 'onMove'>) {
  const { setNodeRef, isOver } = useDroppable({ id: lane, disabled: lane === 'BAT' })
  return (
    <section
      ref={setNodeRef}
      aria-label={names[lane]}
      className={`grid gap-x-4 border-b border-line py-1 sm:grid-cols-[9rem_minmax(0,1fr)] ${isOver ? 'bg-raised' : ''}`}
    >
      <h2 className="condensed pt-2 text-sm">
        {names[lane]} <span className="text-muted">{lying.length}</span>
      </h2>
      <SortableContext items={lying.map(({ pull }) => pull.id)} strategy={rectSortingStrategy}>
        {lying.length === 0 ? (
          <p className="min-h-9 pt-2 text-sm text-muted">none</p>
        ) : (
          <ol className="flex flex-wrap gap-x-1 gap-y-2">
            {lying.map((one) => (
              <Tile key={one.pull.id} names={names} one={one} lane={lane} plate={plate} onMove={onMove} />
            ))}
          </ol>
        )}
      </SortableContext>
    </section>
  )
}

function Tile({
  one: { pull, mark, beside },
  names,
  lane,
  plate,
  onMove,
}: { one: Lying; lane: Lane } & Pick<SortingLanesProps, 'names' | 'plate' | 'onMove'>) {
  const isFixed = lane === 'BAT'
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: pull.id,
    disabled: isFixed,
  })
  const name = `${pull.kind === 'proof' ? 'Proof' : 'Pull'} ${pull.number}`
  return (
    <li
      ref={setNodeRef}
      style={{
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        transition,
      }}
      className={`w-24 ${isDragging ? 'relative z-10' : ''}`}
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        disabled={isFixed}
        aria-label={`${name}, ${mark || names[lane].toLowerCase()}: ${impressionWords(pull)}`}
        className="grid w-full cursor-grab touch-none place-items-center py-1 disabled:cursor-default"
      >
        <ImpressionThumb pull={pull} {...plate} />
        <span className="condensed block text-center font-semibold leading-tight">
          {mark || name.toLowerCase()}
        </span>
        <span className="condensed block text-center text-xs text-muted">
          {[...(mark ? [name.toLowerCase()] : []), ...(beside ? [beside] : [])].join(', ')}
        </span>
      </button>
      {!isFixed && (
        <select
          aria-label={`What ${name.toLowerCase()} is to be`}
          value={lane}
          onChange={(event) => onMove(pull.id, event.target.value as Lane, null)}
          className="condensed min-h-11 w-full border border-edge bg-raised px-1 text-sm"
        >
          {LANE_KEYS.filter((key) => key !== 'BAT').map((key) => (
            <option key={key} value={key}>
              {isMarked(key) || key === lane ? names[key] : key === 'rejected' ? 'Reject…' : 'Set aside…'}
            </option>
          ))}
        </select>
      )}
    </li>
  )
}
