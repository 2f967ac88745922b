'use client'

import { formatCm } from '@/core/units/quantity'
import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useMemo } from 'react'
import type { Point } from '@/core/geometry/point'
import { sharedBorders, visibleShapes, zoneAreas } from '@/core/plate/zoneAreas'
import { middleBox } from '@/core/plate/zoneEdits'
import {
  checkZoneMap,
  EMPTY_ZONE_MAP,
  MOST_ZONES,
  TONE_SPOTS,
  type KeptZoneMap,
  type ToneSpot,
} from '@/core/plate/zoneMap'
import { counted } from '@/core/units/counted'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { useChord, useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { usePatched } from '@/ui/usePatched'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import type { LookedInk } from '../wipe/inkLooks'
import { zonesAnswer } from './answers'
import { PlateRooms } from './PlateRooms'
import { keepZoneMapAction } from './roomActions'
import { useZoneMap } from './useZoneMap'
import {
  brushWithin,
  choosing,
  mapStanding,
  mended,
  openZoneHand,
  painted,
  settledOutline,
  toolWords,
  withoutZone,
  withSpot,
  withZone,
  zoneColours,
  zoneKey,
  type ZoneTool,
} from './zoneHand'
import { ZoneFaults } from './ZoneFaults'
import { ZoneLedger } from './ZoneLedger'
import { ZoneTools } from './ZoneTools'

const ZONE_KEYS: KeyNames = [
  ['Arrows', 'Move the zone, or the corner that is chosen; Shift: further'],
  ['. and ,', 'The next corner, the one before'],
  ['Delete', 'Take the zone out'],
  ['Escape', 'Let the zone go'],
]

const ZONE_UNDO_KEYS: KeyNames = [
  ['Ctrl + Z', 'Take back the last change of the zones'],
  ['Ctrl + Shift + Z', 'Do it again'],
]

const ZoneCanvas = dynamic(() => import('./ZoneCanvas'), {
  ssr: false,
  loading: () => <p className="p-4 text-sm text-muted">Laying the plate out…</p>,
})

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
  const person = usePerson()
  const version = kept?.version ?? 0
  const zones = useZoneMap(job.id, version, kept?.map ?? EMPTY_ZONE_MAP)
  const { map } = zones
  const [hand, change] = usePatched(openZoneHand)
  const { chosen, corner, tool, brushMm, isPrintWay } = hand
  const { busy, problems, act } = useAct()
  const active = map.zones.find(({ id }) => id === chosen) ?? null
  const found = useMemo(() => checkZoneMap(map, plate), [map, plate])
  // Areas follow a moment later: with many zones they take longer than a keystroke may.
  const settled = useDeferredValue(map.zones)
  const { areas, borders } = useMemo(() => {
    const shapes = visibleShapes(settled)
    return { areas: zoneAreas(shapes, plate), borders: sharedBorders(shapes) }
  }, [settled, plate])
  const colours = zoneColours(map.zones, inks)
  const isRefused = found.some(({ weight }) => weight === 'refused')

  const choose = (id: string | null) => change(choosing(id))
  const add = (outline: Point[] | null) => {
    const id = crypto.randomUUID()
    const more = outline && withZone(map, outline, id)
    if (!more) return
    zones.set(more)
    change({ ...choosing(id), tool: 'choose' })
  }
  const remove = (id: string) => {
    zones.set(withoutZone(map, id))
    choose(null)
  }
  const draw = (id: string, outline: Point[] | null) => {
    if (outline) zones.patch(id, { outline })
    else remove(id)
  }
  const paint = (path: Point[]) => {
    const outline = painted(active, path, brushMm, plate)
    if (active && outline) zones.patch(active.id, { outline })
    else add(outline)
  }
  useChord(ZONE_UNDO_KEYS, (event) => {
    if (event.key.toLowerCase() !== 'z') return false
    if (event.shiftKey) zones.redo()
    else zones.undo()
    return true
  })
  useKey(ZONE_KEYS, (event) => {
    const done = active && zoneKey(active, hand, event, plate)
    if (!done) return false
    if (done.kind === 'move') zones.patch(active.id, { outline: done.outline })
    else if (done.kind === 'corner') change({ corner: done.at })
    else if (done.kind === 'remove') remove(active.id)
    else choose(null)
    return true
  })
  const keep = async () => {
    if (await act(() => sendAct(keepZoneMapAction, { jobId: job.id, after: version, map, by: person })))
      router.refresh()
  }

  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      aside={
        <p data-said className="text-sm">
          {mapStanding(zones.isChanged, kept)}
        </p>
      }
      answer={zonesAnswer(map.zones, found.filter(({ weight }) => weight === 'refused').length)}
    >
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="min-w-0">
          <ZoneTools hand={hand} onChange={change} />
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
              brushMm={brushWithin(brushMm)}
              isPrintWay={isPrintWay}
              problems={found}
              onChoose={choose}
              onOutline={(id, outline) => zones.patch(id, { outline: settledOutline(outline) })}
              onPolygon={add}
              onStroke={paint}
              onSpot={(spot, at) => {
                zones.set(withSpot(map, spot, at))
                change({ tool: 'choose' })
              }}
            />
          </div>
          <p className="mt-2 text-sm text-muted">{toolWords(tool, active, corner)}</p>
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
              onPick={(picked) => change({ tool: picked })}
            />
          </div>
          <ZoneFaults
            faults={found}
            onRepair={(id) =>
              draw(
                id,
                mended(
                  map.zones.find((zone) => zone.id === id)!,
                  plate,
                ),
              )
            }
          />
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
              {formatCm(
                borders.reduce((sum, { lengthMm }) => sum + lengthMm, 0),
                0,
              )}{' '}
              in all.
            </p>
          )}
          <div className="grid gap-3 border-t border-line pt-3">
            <PersonField did="Drawn by" problem={problemAt(problems, 'by')} />
            <Problems problems={problems} except={['by']} />
            <MainAct>
              <Button
                look="main"
                disabled={busy || !zones.isChanged || isRefused}
                onClick={() => void keep()}
              >
                Save as map {version + 1}
              </Button>
            </MainAct>
          </div>
        </div>
      </div>
    </Panel>
  )
}
