import { parentPort, workerData } from 'node:worker_threads'
import libheif from 'libheif-js/wasm-bundle.js'

/** Opens a HEIC file in a thread of its own, since it takes seconds: tells its main picture's pixels, upright, four bytes each, or that there is none. */
const pictures = new libheif.HeifDecoder().decode(workerData)
const main = pictures.find((one) => one.is_primary()) ?? pictures[0]
if (!main) parentPort.postMessage(null)
else {
  const size = { width: main.get_width(), height: main.get_height() }
  const data = new Uint8ClampedArray(4 * size.width * size.height)
  main.display({ data, ...size }, (shown) =>
    parentPort.postMessage(shown && { ...size, data }, shown ? [data.buffer] : []),
  )
}
