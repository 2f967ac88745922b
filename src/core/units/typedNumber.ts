const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
}

/** A number as it is typed, and what stands after it. */
export interface TypedNumber {
  value: number
  isFraction: boolean
  /** lower case, without spaces at its ends; '' where nothing follows */
  unit: string
}

const SPELLED =
  /^([-−])?\s*(?:(\d+(?:[.,]\d+)?))?(?:(?<=\d)(?:\s+|\s*-\s*)|\s*)(?:(?<!\d)(\d+)\s*\/\s*(\d+))?\s*([^\d\s/.,+-].*)?$/

/**
 * Reads a number as a person types it, with whatever unit follows.
 *
 * @param text `"12"`, `"12,5"`, `"−3"`, `"1 1/2"`, `"5-1/2"`, `"7½ in"`, `"1/16\""`, `"60 °F"`
 * @returns null where it is no number: `"1 1/0"`, `"7 9/4"`, `"1.5 1/2"`, `"wide"`
 */
export function readTypedNumber(text: string): TypedNumber | null {
  const spelled = text
    .trim()
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${VULGAR[glyph]}`)
    .trim()
  const parts = SPELLED.exec(spelled)
  if (!parts) return null
  const [, minus, whole, top, bottom, unit = ''] = parts
  if (whole === undefined && top === undefined) return null
  let value = whole === undefined ? 0 : Number(whole.replace(',', '.'))
  if (top !== undefined) {
    const fraction = Number(top) / Number(bottom)
    const mixes = whole === undefined || (fraction < 1 && Number.isInteger(value))
    if (!Number.isFinite(fraction) || !mixes) return null
    value += fraction
  }
  return { value: minus ? -value : value, isFraction: top !== undefined, unit: unit.trim() }
}

/** Units that are turned into one another: how many of the first of its family one of them is; temperatures also begin elsewhere. */
const FAMILIES: Record<string, { times: number; from?: number }>[] = [
  {
    mm: { times: 1 },
    cm: { times: 10 },
    m: { times: 1000 },
    µm: { times: 0.001 },
    in: { times: 25.4 },
    ft: { times: 304.8 },
  },
  {
    g: { times: 1 },
    mg: { times: 0.001 },
    kg: { times: 1000 },
    oz: { times: 28.349523125 },
    lb: { times: 453.59237 },
  },
  { '°c': { times: 1 }, '°f': { times: 5 / 9, from: 32 } },
  { s: { times: 1 }, min: { times: 60 }, h: { times: 3600 }, d: { times: 86_400 } },
  { ml: { times: 1 }, cl: { times: 10 }, l: { times: 1000 }, 'fl oz': { times: 29.5735295625 } },
  { 'cm²': { times: 1 }, 'mm²': { times: 0.01 }, 'dm²': { times: 100 }, 'in²': { times: 6.4516 } },
]

/** Other ways in which units are written. */
const ALIASES: Record<string, string> = {
  '"': 'in',
  '″': 'in',
  inch: 'in',
  inches: 'in',
  "'": 'ft',
  feet: 'ft',
  foot: 'ft',
  um: 'µm',
  μm: 'µm',
  gram: 'g',
  grams: 'g',
  gr: 'g',
  ounce: 'oz',
  ounces: 'oz',
  lbs: 'lb',
  c: '°c',
  f: '°f',
  celsius: '°c',
  fahrenheit: '°f',
  sec: 's',
  second: 's',
  seconds: 's',
  mins: 'min',
  minute: 'min',
  minutes: 'min',
  hr: 'h',
  hour: 'h',
  hours: 'h',
  day: 'd',
  days: 'd',
  litre: 'l',
  litres: 'l',
  cm2: 'cm²',
  'sq in': 'in²',
  in2: 'in²',
  degree: '°',
  degrees: '°',
  percent: '%',
  drop: 'drops',
  turn: 'turns',
}

const named = (unit: string) => ALIASES[unit] ?? unit

/** A field’s unit is its first word, "% of dry weight", unless all of it is one. */
const fieldUnit = (shown: string) =>
  named(FAMILIES.some((family) => shown in family) ? shown : shown.split(' ')[0])

/**
 * Turns a quantity into another unit of its kind.
 *
 * @param isDifference of two quantities: 4 °C are then 7.2 °F, since a difference has no zero of its own
 * @returns null where the two are not of one kind
 * @example convertQuantity(60, '°F', '°C') // 15.555…
 */
export function convertQuantity(
  value: number,
  fromUnit: string,
  toUnit: string,
  isDifference = false,
): number | null {
  const [from, to] = [fromUnit, toUnit].map((unit) => named(unit.toLowerCase()))
  const family = FAMILIES.find((one) => from in one && to in one)
  if (!family) return null
  const zero = (unit: string) => (isDifference ? 0 : (family[unit].from ?? 0))
  return ((value - zero(from)) * family[from].times) / family[to].times + zero(to)
}

/**
 * Reads what is typed into a field of some unit: a bare number is in that unit, another unit of its kind is turned into it.
 *
 * @param unit of the field, as it is shown: its first word is the unit ("% of dry weight"); '' or undefined: none
 * @returns in the field's unit; null where it is no number, or a unit of another kind
 * @example readQuantity('60 °F', '°C') // 15.555…
 * @example readQuantity('1 1/2 h', 'minutes') // 90
 */
export function readQuantity(text: string, unit = '', isDifference = false): number | null {
  const typed = readTypedNumber(text)
  if (!typed) return null
  const [from, to] = [named(typed.unit), fieldUnit(unit.trim().toLowerCase())]
  if (from === '' || from === to) return typed.value
  return convertQuantity(typed.value, from, to, isDifference)
}
