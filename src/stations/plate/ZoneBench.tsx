'use client'

import { counted } from '@/core/units/counted'
import dynamic from 'next/dynamic'
import { useDeferredValue, useMemo, useState } from 'react'
import { useRouter } from 'next/navigation'
import type { Point } from '@/core/geometry/polygon'
import { sharedBorders, visibleShapes, zoneAreas } from '@/core/plate/zoneAreas'
import { brushed, cutToPlate, freeZoneName, middleBox, nudge, repairOutline } from '@/core/plate/zoneEdits'
import {
  checkZoneMap,
  EMPTY_ZONE_MAP,
  MOST_ZONES,
  TONE_SPOTS,
  type KeptZoneMap,
  type ToneSpot,
  type Zone,
} from '@/core/plate/zoneMap'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useChord, useKey } from '@/ui/useKey'
import { useJob } from '../across/bench/BenchContext'
import { usePerson } from '../across/bench/usePerson'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import type { LookedInk } from '../wipe/inkLooks'
import { PlateRooms } from './PlateRooms'
import { keepZoneMapAction } from './roomActions'
import { useZoneMap } from './useZoneMap'
import type { ZoneTool } from './ZoneCanvas'
import { ZoneLedger } from './ZoneLedger'
import { sendAct } from '../across/act/sendAct'

const ZoneCanvas = dynamic(() => import('./ZoneCanvas'), {
  ssr: false,
  loading: () => <p className="p-4 text-sm text-muted">Laying the plate out…</p>,
})

/** How far an arrow key moves a zone or a point, mm; with Shift ten times as far. */
const NUDGE_MM = 0.5
const ARROWS: Record<string, Point> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** The plate takes at most this much of the window's height. */
const MOST_HEIGHT = '54dvh'

interface ZoneBenchProps {
  plate: { widthMm: number; heightMm: number }
  kept: KeptZoneMap | null
  picture: string | null
  inks: LookedInk[]
}

/** Draws, names and dresses the zones of a plate, and keeps them as a map. */
export default function ZoneBench({ plate, kept, picture, inks }: ZoneBenchProps) {
  const job = useJob()
  const router = useRouter()
  const [person, setPerson] = usePerson()
  const version = kept?.version ?? 0
  const zones = useZoneMap(job.id, version, kept?.map ?? EMPTY_ZONE_MAP)
  const { map } = zones
  const [chosen, setChosen] = useState<string | null>(null)
  const [corner, setCorner] = useState<number | null>(null)
  const [tool, setTool] = useState<ZoneTool>('choose')
  const [brushMm, setBrush] = useState<number | null>(4)
  const [isPrintWay, setPrintWay] = useState(false)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const active = map.zones.find(({ id }) => id === chosen) ?? null
  const found = useMemo(() => checkZoneMap(map, plate), [map, plate])
  // Areas follow a moment later: with many zones they take longer than a keystroke may.
  const settled = useDeferredValue(map.zones)
  const { areas, borders } = useMemo(() => {
    const shapes = visibleShapes(settled)
    return { areas: zoneAreas(shapes, plate), borders: sharedBorders(shapes) }
  }, [settled, plate])
  const colours = Object.fromEntries(
    map.zones.map(({ id, ink }) => [
      id,
      inks.find((one) => one.source === ink?.source && one.id === ink.id)?.look.srgb ?? '#b0b0b0',
    ]),
  )
  const refused = found.filter(({ weight }) => weight === 'refused')

  const add = (outline: Point[] | null) => {
    if (!outline || map.zones.length >= MOST_ZONES) return
    const id = crypto.randomUUID()
    zones.set({
      ...map,
      zones: [
        ...map.zones,
        {
          id,
          name: freeZoneName(map.zones),
          outline,
          ink: null,
          isWhite: false,
          tone: 'light',
          border: 'hard',
          isFiller: false,
        },
      ],
    })
    choose(id)
    setTool('choose')
  }
  const choose = (id: string | null) => {
    setChosen(id)
    setCorner(null)
  }
  const remove = (id: string) => {
    zones.set({ ...map, zones: map.zones.filter((zone) => zone.id !== id) })
    choose(null)
  }
  const stroke = (path: Point[]) => {
    const outline = brushed(active?.outline ?? null, path, brushMm ?? 4, plate)
    if (!outline) return
    if (active) zones.patch(active.id, { outline })
    else add(outline)
  }
  const repair = (zone: Zone) => {
    const outline = repairOutline(zone.outline, plate) ?? cutToPlate(zone.outline, plate)
    if (outline) zones.patch(zone.id, { outline })
    else remove(zone.id)
  }
  useChord((event) => {
    if (event.key.toLowerCase() !== 'z') return false
    if (event.shiftKey) zones.redo()
    else zones.undo()
    return true
  })
  useKey((event) => {
    if (!active) return false
    const arrow = ARROWS[event.key]
    if (arrow) {
      const far = NUDGE_MM * (event.shiftKey ? 10 : 1)
      zones.patch(active.id, {
        outline: nudge(
          active.outline,
          [arrow[0] * far * (isPrintWay ? -1 : 1), arrow[1] * far],
          plate,
          corner,
        ),
      })
    } else if (event.key === ',' || event.key === '.')
      setCorner(
        ((corner ?? (event.key === '.' ? -1 : 0)) + (event.key === '.' ? 1 : -1) + active.outline.length) %
          active.outline.length,
      )
    else if (event.key === 'Delete') remove(active.id)
    else if (event.key === 'Escape') choose(null)
    else return false
    return true
  })
  const keep = async () => {
    const answer = await sendAct(keepZoneMapAction, { jobId: job.id, after: version, map, by: person })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) router.refresh()
  }

  return (
    <Panel
      title="Plate"
      aside={
        <p role="status" className="text-sm">
          {zones.isChanged
            ? 'Not kept yet; a draft stays on this device'
            : version > 0
              ? `Map ${version}, kept by ${kept!.by}`
              : ''}
        </p>
      }
    >
      <PlateRooms />
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="min-w-0">
          <div className="mb-2 flex flex-wrap items-end gap-3">
            <Choice<ZoneTool>
              label="Tool"
              value={tool}
              options={[
                ['choose', 'Choose'],
                ['polygon', 'Outline'],
                ['brush', 'Brush'],
              ]}
              onPick={setTool}
            />
            {tool === 'brush' && (
              <NumberField
                label="Brush"
                unit="mm"
                value={brushMm}
                onValue={setBrush}
                className="w-24"
                problem={
                  brushMm !== null && (brushMm <= 0 || brushMm > 50) ? 'must be within 0.1 and 50' : undefined
                }
              />
            )}
            <Choice
              label="Way round"
              value={isPrintWay ? 'print' : 'plate'}
              options={[
                ['plate', 'Plate'],
                ['print', 'Print'],
              ]}
              onPick={(way) => setPrintWay(way === 'print')}
            />
          </div>
          <div
            role="img"
            aria-label={`Plate with ${counted(map.zones.length, 'zone')}${active ? `; ${active.name} is chosen` : ''}`}
            className="bg-ground"
            style={{ maxWidth: `calc(${MOST_HEIGHT} * ${plate.widthMm / plate.heightMm})` }}
          >
            <ZoneCanvas
              map={map}
              plate={plate}
              picture={picture}
              colours={colours}
              chosen={chosen}
              tool={tool}
              brushMm={Math.min(50, Math.max(0.1, brushMm ?? 4))}
              isPrintWay={isPrintWay}
              problems={found}
              onChoose={choose}
              onOutline={(id, outline) =>
                zones.patch(id, {
                  outline: outline.map(([x, y]): Point => [
                    Math.round(x * 100) / 100,
                    Math.round(y * 100) / 100,
                  ]),
                })
              }
              onPolygon={(outline) => add(outline)}
              onStroke={stroke}
              onSpot={(spot, at) => {
                zones.set({
                  ...map,
                  spots: { ...map.spots, [spot]: [Math.round(at[0] * 10) / 10, Math.round(at[1] * 10) / 10] },
                })
                setTool('choose')
              }}
            />
          </div>
          <p className="mt-2 text-sm text-muted">
            {tool === 'polygon'
              ? 'Click the corners one by one; the first one closes the outline. Corners jump to a neighbour’s.'
              : tool === 'brush'
                ? active
                  ? `Paints onto ${active.name}.`
                  : 'Paints a new zone.'
                : tool in TONE_SPOTS
                  ? `Click where the ${TONE_SPOTS[tool as ToneSpot].toLowerCase()} is read on every impression.`
                  : `Drag a zone or its corners. Keys: arrows move by ${NUDGE_MM} mm (Shift: 5), full stop and comma pick a corner${corner !== null ? ` (corner ${corner + 1} of ${active?.outline.length})` : ''}, Delete takes the zone out.`}
          </p>
          <div className="mt-2 flex flex-wrap gap-3">
            <Button onClick={zones.undo} disabled={!zones.canUndo}>
              Undo
            </Button>
            <Button onClick={zones.redo} disabled={!zones.canRedo}>
              Redo
            </Button>
            <Button onClick={() => add(middleBox(plate))} disabled={map.zones.length >= MOST_ZONES}>
              Add a box
            </Button>
            <Choice<ZoneTool>
              label="Spot to place"
              value={tool}
              options={Object.entries(TONE_SPOTS).map(([spot, name]) => [spot as ToneSpot, name])}
              onPick={setTool}
            />
          </div>
          {found.length > 0 && (
            <ul className="mt-2" aria-label="What is wrong with the map">
              {found.map(({ zoneId, fault, message, weight, at }) => (
                <li
                  key={zoneId + message}
                  className={`flex flex-wrap items-center gap-x-3 ${weight === 'refused' ? 'font-medium text-signal' : ''}`}
                >
                  <span>◆ {message}</span>
                  {at && weight === 'refused' && (
                    <Button look="quiet" onClick={() => repair(map.zones.find(({ id }) => id === zoneId)!)}>
                      {fault === 'crosses-itself' ? 'Untangle it' : 'Cut it to the plate'}
                    </Button>
                  )}
                </li>
              ))}
            </ul>
          )}
        </div>
        <div className="grid content-start gap-4">
          <ZoneLedger
            zones={map.zones}
            areas={areas}
            inks={inks}
            colours={colours}
            chosen={chosen}
            onChoose={choose}
            onPatch={zones.patch}
            onRemove={remove}
            onOrder={(list) => zones.set({ ...map, zones: list })}
          />
          {borders.length > 0 && (
            <p className="text-sm text-muted">
              {counted(borders.length, 'border')} between zones,{' '}
              {formatNumber(borders.reduce((sum, { lengthMm }) => sum + lengthMm, 0) / 10, 0)} cm in all.
            </p>
          )}
          <div className="grid gap-3 border-t border-line pt-3">
            <TextField
              label="Drawn by"
              value={person}
              onText={setPerson}
              problem={problemAt(problems, 'by')}
            />
            <Problems problems={problems} except={['by']} />
            <Button look="main" disabled={!zones.isChanged || refused.length > 0} onClick={() => void keep()}>
              Keep as map {version + 1}
            </Button>
          </div>
        </div>
      </div>
    </Panel>
  )
}
