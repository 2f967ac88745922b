'use client'

import { memo, useEffect, useRef, useState } from 'react'
import type Konva from 'konva'
import { Circle, Group, Image as KonvaImage, Layer, Line, Rect, Stage, Text } from 'react-konva'
import { boundsOf, type Point } from '@/core/geometry/point'
import type { Outline } from '@/core/geometry/polygon'
import { snapPoint } from '@/core/geometry/snap'
import {
  ontoPlate,
  TONE_SPOTS,
  type ToneSpot,
  type Zone,
  type ZoneMap,
  type ZoneProblem,
} from '@/core/plate/zoneMap'
import type { ZoneTool } from './zoneHand'

interface ZoneCanvasProps {
  map: ZoneMap
  plate: { widthMm: number; heightMm: number }
  picture: string | null
  /** screen colour of each zone's ink, by zone id */
  colours: Readonly<Record<string, string>>
  chosen: string | null
  tool: ZoneTool
  brushMm: number
  /** the plate is shown as it prints */
  isPrintWay: boolean
  problems: readonly ZoneProblem[]
  onChoose: (id: string | null) => void
  onOutline: (id: string, outline: Point[]) => void
  onPolygon: (outline: Point[]) => void
  onStroke: (path: Point[]) => void
  onSpot: (spot: ToneSpot, at: Point) => void
}

/** How near a point is drawn to a neighbour, and how near the first point closes an outline, on the screen, px. */
const SNAP_PX = 8
const CLOSE_PX = 12
/** Zones with more points than this show only every so manieth handle. */
const MOST_HANDLES = 60
/** Shortest way of the brush that is kept as a point of its own, px. */
const STROKE_PX = 4

const flat = (outline: Outline) => outline.flatMap(([x, y]) => [x, y])

/** A zone that is not being worked on: drawn once, and again only when it changes. */
const StillZone = memo(function StillZone({
  zone,
  colour,
  onChoose,
}: {
  zone: Zone
  colour: string
  onChoose: (id: string) => void
}) {
  return (
    <Line
      points={flat(zone.outline)}
      closed
      fill={zone.isWhite ? '#ffffff' : colour}
      opacity={0.62}
      stroke="#141414"
      strokeWidth={1}
      strokeScaleEnabled={false}
      perfectDrawEnabled={false}
      shadowForStrokeEnabled={false}
      dash={zone.border === 'feathered' ? [5, 4] : undefined}
      onPointerDown={() => onChoose(zone.id)}
    />
  )
})

/** The picture behind the zones, once it is there. */
function usePicture(url: string | null): HTMLImageElement | null {
  const [loaded, setLoaded] = useState<HTMLImageElement | null>(null)
  useEffect(() => {
    if (!url) return
    const image = new Image()
    image.onload = () => setLoaded(image)
    image.src = url
    return () => {
      image.onload = null
    }
  }, [url])
  return url ? loaded : null
}

/** The plate with its zones: drawn, chosen, moved and bent with the pointer. Millimetres of the plate are the units of the drawing. */
export default function ZoneCanvas({
  map,
  plate,
  picture,
  colours,
  chosen,
  tool,
  brushMm,
  isPrintWay,
  problems,
  onChoose,
  onOutline,
  onPolygon,
  onStroke,
  onSpot,
}: ZoneCanvasProps) {
  const frame = useRef<HTMLDivElement>(null)
  const [widthPx, setWidth] = useState(0)
  const [drawing, setDrawing] = useState<Point[]>([])
  const [stroke, setStroke] = useState<Point[]>([])
  const [bent, setBent] = useState<{ id: string; outline: Point[] } | null>(null)
  const image = usePicture(picture)
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setWidth(entry.contentRect.width))
    watch.observe(frame.current!)
    return () => watch.disconnect()
  }, [])
  const scale = widthPx / plate.widthMm
  const still = map.zones.filter(({ id }) => id !== chosen)
  const active = map.zones.find(({ id }) => id === chosen)
  const outline = active && bent?.id === active.id ? bent.outline : active?.outline
  const neighbours = still.map((zone) => zone.outline)
  const step = outline ? Math.ceil(outline.length / MOST_HANDLES) : 1

  const pointerAt = (event: Konva.KonvaEventObject<PointerEvent>): Point | null => {
    const at = event.target.getStage()?.getRelativePointerPosition()
    return at ? ontoPlate([at.x, at.y], plate) : null
  }
  const down = (event: Konva.KonvaEventObject<PointerEvent>) => {
    const at = pointerAt(event)
    if (!at) return
    if (tool === 'choose') {
      if (event.target === event.target.getStage() || event.target.name() === 'plate') onChoose(null)
    } else if (tool === 'brush') setStroke([at])
    else if (tool === 'polygon') {
      const [first] = drawing
      if (first && drawing.length >= 3 && Math.hypot(at[0] - first[0], at[1] - first[1]) * scale < CLOSE_PX) {
        setDrawing([])
        onPolygon(drawing)
      } else setDrawing([...drawing, snapPoint(at, neighbours, SNAP_PX / scale)])
    } else onSpot(tool, at)
  }
  const moved = (event: Konva.KonvaEventObject<PointerEvent>) => {
    if (stroke.length === 0) return
    const at = pointerAt(event)
    const last = stroke[stroke.length - 1]
    if (at && Math.hypot(at[0] - last[0], at[1] - last[1]) * scale >= STROKE_PX) setStroke([...stroke, at])
  }
  const up = () => {
    if (stroke.length === 0) return
    setStroke([])
    onStroke(stroke)
  }
  const bend = (index: number, node: Konva.Node) => {
    const at = snapPoint(ontoPlate([node.x(), node.y()], plate), neighbours, SNAP_PX / scale)
    node.position({ x: at[0], y: at[1] })
    setBent({ id: active!.id, outline: outline!.map((point, i) => (i === index ? at : point)) })
  }
  const shift = (node: Konva.Node) => {
    const box = boundsOf(active!.outline)
    const dx = Math.max(-box.left, Math.min(plate.widthMm - box.right, node.x()))
    const dy = Math.max(-box.top, Math.min(plate.heightMm - box.bottom, node.y()))
    node.position({ x: 0, y: 0 })
    onOutline(
      active!.id,
      active!.outline.map(([x, y]): Point => [x + dx, y + dy]),
    )
  }

  return (
    <div
      ref={frame}
      className="w-full touch-none overflow-hidden"
      style={{ aspectRatio: plate.widthMm / plate.heightMm }}
    >
      {widthPx > 0 && (
        <Stage
          width={widthPx}
          height={(widthPx * plate.heightMm) / plate.widthMm}
          scaleX={isPrintWay ? -scale : scale}
          scaleY={scale}
          x={isPrintWay ? widthPx : 0}
          onPointerDown={down}
          onPointerMove={moved}
          onPointerUp={up}
          onPointerLeave={up}
        >
          <Layer listening={tool === 'choose'}>
            <Rect name="plate" width={plate.widthMm} height={plate.heightMm} fill="#8c8c8c" />
            {image && (
              <KonvaImage
                name="plate"
                image={image}
                width={plate.widthMm}
                height={plate.heightMm}
                opacity={0.75}
              />
            )}
          </Layer>
          <Layer listening={tool === 'choose'}>
            {still.map((zone) => (
              <StillZone
                key={zone.id}
                zone={zone}
                colour={colours[zone.id] ?? '#b0b0b0'}
                onChoose={onChoose}
              />
            ))}
          </Layer>
          <Layer listening={tool === 'choose'}>
            {active && outline && (
              <>
                <Line
                  points={flat(outline)}
                  closed
                  fill={active.isWhite ? '#ffffff' : (colours[active.id] ?? '#b0b0b0')}
                  opacity={0.7}
                  stroke="#141414"
                  strokeWidth={3}
                  strokeScaleEnabled={false}
                  perfectDrawEnabled={false}
                  draggable={tool === 'choose'}
                  onDragEnd={({ target }) => shift(target)}
                />
                {tool === 'choose' &&
                  outline.map(
                    ([x, y], i) =>
                      i % step === 0 && (
                        <Circle
                          key={i}
                          x={x}
                          y={y}
                          radius={6 / scale}
                          hitStrokeWidth={16}
                          fill="#f2f2f2"
                          stroke="#141414"
                          strokeWidth={1.5}
                          strokeScaleEnabled={false}
                          draggable
                          onDragMove={({ target }) => bend(i, target)}
                          onDragEnd={() => {
                            if (bent) onOutline(bent.id, bent.outline)
                            setBent(null)
                          }}
                        />
                      ),
                  )}
              </>
            )}
            {problems.map(
              ({ at, zoneId }) =>
                at && (
                  <Rect
                    key={`${zoneId} ${at.join()}`}
                    x={at[0]}
                    y={at[1]}
                    rotation={45}
                    width={10 / scale}
                    height={10 / scale}
                    offsetX={5 / scale}
                    offsetY={5 / scale}
                    stroke="#9a2b00"
                    strokeWidth={3}
                    strokeScaleEnabled={false}
                    listening={false}
                  />
                ),
            )}
          </Layer>
          <Layer listening={false}>
            {drawing.length > 0 && (
              <Line points={flat(drawing)} stroke="#141414" strokeWidth={2} strokeScaleEnabled={false} />
            )}
            {drawing.map(([x, y], i) => (
              <Circle
                key={i}
                x={x}
                y={y}
                radius={(i === 0 ? 7 : 4) / scale}
                fill="#f2f2f2"
                stroke="#141414"
                strokeWidth={1.5}
                strokeScaleEnabled={false}
              />
            ))}
            {stroke.length > 0 && (
              <Line
                points={flat(stroke.length === 1 ? [stroke[0], stroke[0]] : stroke)}
                stroke="#141414"
                opacity={0.6}
                strokeWidth={2 * brushMm}
                lineCap="round"
                lineJoin="round"
              />
            )}
            {Object.entries(map.spots).map(
              ([spot, at], i) =>
                at && (
                  <Group key={spot} x={at[0]} y={at[1]} scaleX={isPrintWay ? -1 : 1}>
                    <Circle
                      radius={9 / scale}
                      fill="#f2f2f2"
                      stroke="#141414"
                      strokeWidth={2}
                      strokeScaleEnabled={false}
                    />
                    <Text
                      text={TONE_SPOTS[spot as ToneSpot][0]}
                      fontSize={12 / scale}
                      fontStyle="bold"
                      fill="#141414"
                      width={18 / scale}
                      align="center"
                      offsetX={9 / scale}
                      offsetY={5.5 / scale}
                      key={i}
                    />
                  </Group>
                ),
            )}
          </Layer>
        </Stage>
      )}
    </div>
  )
}
