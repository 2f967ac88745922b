import type { ShelfInk } from '@/core/ink/shelfInk'
import type { Settings } from '@/core/prove/settings'
import { reliefOf, type Picture, type PlateRelief } from '@/devices/plateRelief'
import { printConditions } from '@/devices/printConditions'
import { NO_FAULTS } from '@/devices/printFaults'
import { scanPrint, USUAL_SCAN } from '@/devices/scanner'

/** What a print is modelled from: the plate's picture, the inks and the paper's white. */
export interface PrintGround {
  plateUrl: string
  inks: ShelfInk[]
  paper: number[]
}
export type PrintTask = { ground: PrintGround } | { id: string; settings: Settings; held: Settings }
export type PrintReport = { id: string; picture: Picture } | { problem: string }

/** Coarse: it is looked at small, and must follow the hand. */
const DPI = 50
let laid: { relief: PlateRelief; ground: PrintGround } | null = null
let waiting: Exclude<PrintTask, { ground: PrintGround }>[] = []

function print({ id, settings, held }: Exclude<PrintTask, { ground: PrintGround }>): void {
  if (!laid) return
  const picture = scanPrint(
    laid.relief,
    printConditions(settings, held, laid.ground.inks, laid.ground.paper),
    NO_FAULTS,
    { ...USUAL_SCAN, dpi: DPI, bedMm: 0, lampFall: 0 },
    7,
  )
  ;(self as unknown as { postMessage: (report: PrintReport, transfer: Transferable[]) => void }).postMessage(
    { id, picture },
    [picture.data.buffer] as ArrayBuffer[],
  )
}

async function lay(ground: PrintGround): Promise<void> {
  const reply = await fetch(ground.plateUrl)
  if (!reply.ok)
    return self.postMessage({ problem: 'The picture of the plate cannot be read.' } satisfies PrintReport)
  const picture = {
    width: Number(reply.headers.get('x-width')),
    height: Number(reply.headers.get('x-height')),
    data: new Uint8Array(await reply.arrayBuffer()),
  }
  laid = { relief: reliefOf(picture), ground }
  waiting.forEach(print)
  waiting = []
}

self.onmessage = ({ data }: MessageEvent<PrintTask>) => {
  if ('ground' in data)
    void lay(data.ground).catch(() =>
      self.postMessage({ problem: 'The picture of the plate cannot be read.' } satisfies PrintReport),
    )
  else if (laid) print(data)
  else waiting = [...waiting.filter(({ id }) => id !== data.id), data]
}
