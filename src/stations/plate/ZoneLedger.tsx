'use client'

import { formatArea } from '@/core/units/quantity'
import { moved } from '@/core/units/moved'
import { ArrowDown, ArrowUp, X } from 'lucide-react'
import type { ZoneArea } from '@/core/plate/zoneAreas'
import { BORDERS, type Border, type Zone } from '@/core/plate/zoneMap'
import { PLATE_TONES, type PlateTone } from '@/core/plate/plateTone'
import { formatNumber } from '@/core/units/length'
import { Check } from '@/ui/Check'
import { SelectField, TextField } from '@/ui/Field'
import type { LookedInk } from '../wipe/inkLooks'

interface ZoneLedgerProps {
  zones: Zone[]
  areas: ZoneArea[]
  inks: LookedInk[]
  colours: Readonly<Record<string, string>>
  chosen: string | null
  onChoose: (id: string | null) => void
  onPatch: (id: string, patch: Partial<Zone>) => void
  onRemove: (id: string) => void
  onOrder: (zones: Zone[]) => void
}

const WHITE = 'white'

/** The zones as a list, bottom to top: colour, name, area; the chosen one opens to what it is inked with and how it ends. */
export function ZoneLedger({
  zones,
  areas,
  inks,
  colours,
  chosen,
  onChoose,
  onPatch,
  onRemove,
  onOrder,
}: ZoneLedgerProps) {
  const move = (from: number, to: number) => onOrder(moved(zones, from, to))
  if (zones.length === 0)
    return (
      <p className="border border-line bg-ground p-4">
        No zone yet. Draw an outline on the plate, paint one, or add a box and move it with the arrow keys.
      </p>
    )
  return (
    <ol aria-label="Zones, bottom to top" className="border-t border-line">
      {zones.map((zone, i) => (
        <li key={zone.id} className="border-b border-line">
          <button
            type="button"
            aria-expanded={zone.id === chosen}
            onClick={() => onChoose(zone.id === chosen ? null : zone.id)}
            className="grid min-h-11 w-full grid-cols-[1.5rem_1fr_auto] items-center gap-3 py-1 text-left"
          >
            <span
              aria-hidden
              className="size-6 border border-edge"
              style={{ background: zone.isWhite ? '#fff' : (colours[zone.id] ?? '#b0b0b0') }}
            />
            <span className="min-w-0 truncate">
              <b>{zone.name || 'unnamed'}</b>{' '}
              <span className="text-sm text-muted">
                {zone.isWhite ? 'kept white' : (zone.ink?.name ?? 'no ink yet')}
              </span>
            </span>
            <span className="condensed text-sm">
              {areas[i] && `${formatArea(areas[i].areaCm2, 1)}, ${formatNumber(100 * areas[i].share, 0)} %`}
            </span>
          </button>
          {zone.id === chosen && (
            <div className="grid gap-3 pb-3 pl-9">
              <TextField
                label="Name"
                value={zone.name}
                onText={(name) => onPatch(zone.id, { name })}
                problem={zone.name.trim() ? undefined : 'is empty: fill it in'}
              />
              <SelectField
                label="Ink"
                value={zone.isWhite ? WHITE : zone.ink ? `${zone.ink.source}:${zone.ink.id}` : ''}
                options={[
                  ['', 'choose…'],
                  [WHITE, 'none: kept white'],
                  ...inks.map(
                    ({ source, id, name }) =>
                      [`${source}:${id}`, source === 'card' ? `${name} (card)` : name] as const,
                  ),
                ]}
                onPick={(picked) => {
                  const ink = inks.find(({ source, id }) => `${source}:${id}` === picked)
                  onPatch(zone.id, {
                    isWhite: picked === WHITE,
                    ink: ink ? { source: ink.source, id: ink.id, name: ink.name } : null,
                  })
                }}
              />
              <div className="grid grid-cols-2 gap-3">
                <SelectField
                  label="Wiped to"
                  value={zone.tone}
                  options={Object.entries(PLATE_TONES)}
                  onPick={(tone) => onPatch(zone.id, { tone: tone as PlateTone })}
                />
                <SelectField
                  label="Border"
                  value={zone.border}
                  options={Object.entries(BORDERS)}
                  onPick={(border) => onPatch(zone.id, { border: border as Border })}
                />
              </div>
              <div className="flex flex-wrap items-center justify-between">
                <Check
                  label="A filler: inked last"
                  checked={zone.isFiller}
                  onCheck={(isFiller) => onPatch(zone.id, { isFiller })}
                />
                <span className="flex">
                  <button
                    type="button"
                    aria-label={`${zone.name} lower`}
                    disabled={i === 0}
                    onClick={() => move(i, i - 1)}
                    className="grid size-11 place-items-center disabled:opacity-50"
                  >
                    <ArrowUp size={18} aria-hidden />
                  </button>
                  <button
                    type="button"
                    aria-label={`${zone.name} higher`}
                    disabled={i === zones.length - 1}
                    onClick={() => move(i, i + 1)}
                    className="grid size-11 place-items-center disabled:opacity-50"
                  >
                    <ArrowDown size={18} aria-hidden />
                  </button>
                  <button
                    type="button"
                    aria-label={`Take ${zone.name} out`}
                    onClick={() => onRemove(zone.id)}
                    className="grid size-11 place-items-center"
                  >
                    <X size={18} aria-hidden />
                  </button>
                </span>
              </div>
            </div>
          )}
        </li>
      ))}
    </ol>
  )
}
