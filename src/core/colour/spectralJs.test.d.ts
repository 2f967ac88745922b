/** The part of the reference library that tests use. */
declare module 'spectral.js' {
  export class Color {
    constructor(source: string)
    /** reflectance, 380–750 nm by 10 */
    R: number[]
    XYZ: [number, number, number]
    sRGB: [number, number, number]
  }
  export function mix(...colours: [Color, number][]): Color
}
