/** The parts of the JTS port that the checks use; it comes without types. */
declare module 'jsts/org/locationtech/jts/io/GeoJSONReader.js' {
  export interface Geometry {
    getArea: () => number
  }
  export default class GeoJSONReader {
    read(json: unknown): Geometry
  }
}
declare module 'jsts/org/locationtech/jts/operation/buffer/BufferOp.js' {
  const BufferOp: {
    bufferOp: (geometry: unknown, distance: number, quadrantSegments: number) => { getArea: () => number }
  }
  export default BufferOp
}
declare module 'jsts/org/locationtech/jts/operation/overlay/OverlayOp.js' {
  const OverlayOp: {
    overlayOp: (a: unknown, b: unknown, operation: number) => { getArea: () => number }
    UNION: number
    DIFFERENCE: number
    INTERSECTION: number
  }
  export default OverlayOp
}
