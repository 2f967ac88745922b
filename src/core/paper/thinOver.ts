import { reflectFilm } from '../ink/kubelkaMunk'

/**
 * How strongly a sheet of beaten fibre without filler scatters, m²/kg [from memory of handbooks on pulp: 20 to 35 for beaten chemical pulps;
 * measured by ISO 9416 on papers that matter].
 */
const SCATTERS_M2_PER_KG = 28

/**
 * Reflectance of a thin paper that lies on another sheet: the sheet shows through the more, the lighter the paper is (Kubelka and Munk as
 * ISO 9416 has it for paper: K/S from the reflectance of a pile, (1 − R∞)²/2R∞, and the scattering from the weight).
 *
 * @param paper its reflectance, read over a pile of itself, and its weight @param sheet reflectance of what it lies on, as long
 * @returns reflectance by wavelength, 0 to 1
 */
export function thinOver(
  paper: { reflectance: readonly number[]; gsm: number },
  sheet: readonly number[],
): number[] {
  const kgPerM2 = paper.gsm / 1000
  return paper.reflectance.map((pile, i) => {
    const inPile = Math.max(pile, 1e-4)
    const k = (SCATTERS_M2_PER_KG * (1 - inPile) ** 2) / (2 * inPile)
    return reflectFilm(k, SCATTERS_M2_PER_KG, kgPerM2, sheet[i])
  })
}
