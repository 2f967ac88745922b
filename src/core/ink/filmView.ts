import { convertSpectrumToXyz } from '../colour/convertSpectrumToXyz'
import { convertXyzToLab, type Lab } from '../colour/convertXyzToLab'
import { SPECTRUM_LENGTH } from '../colour/spectrum'
import { reflectFilm } from './kubelkaMunk'
import { enterSurface, leaveSurface, type Geometry, type Surface } from './surface'

/** Where a mix is looked at: what lies under the film, how thick it is, and how it is measured. */
export interface FilmConditions {
  filmMicrometres: number
  paper: readonly number[]
  surface: Surface
  geometry: Geometry
}

/** A forecast made ready for many mixes over one ground: the ground is taken inside once. */
export class FilmView {
  private readonly ground: Float64Array
  private readonly reflectance = new Float64Array(SPECTRUM_LENGTH)

  constructor(private readonly conditions: FilmConditions) {
    const { paper, surface, geometry } = conditions
    this.ground = Float64Array.from(paper, (value) => enterSurface(value, surface, geometry))
  }

  /** Reflectance of a film with these coefficients, 36 values; the array is used again by the next call. */
  reflect(k: ArrayLike<number>, s: ArrayLike<number>): Float64Array {
    const { filmMicrometres, surface, geometry } = this.conditions
    for (let i = 0; i < SPECTRUM_LENGTH; i++)
      this.reflectance[i] = leaveSurface(
        reflectFilm(k[i], s[i], filmMicrometres, this.ground[i]),
        surface,
        geometry,
      )
    return this.reflectance
  }

  /** Colour of a film with these coefficients. */
  colour(k: ArrayLike<number>, s: ArrayLike<number>): Lab {
    return convertXyzToLab(convertSpectrumToXyz(this.reflect(k, s)))
  }
}
