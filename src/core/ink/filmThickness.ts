/**
 * Film thicknesses at which a mix is forecast, in micrometres of dry film: what an etched line, a middle tone and
 * wiped plate tone carry. From memory; they only set where on the curve the three swatches stand.
 */
export const FILM_THICKNESSES = [
  { key: 'deepLine', label: 'Deep line', micrometres: 24 },
  { key: 'mid', label: 'Mid', micrometres: 7 },
  { key: 'plateTone', label: 'Plate tone', micrometres: 0.8 },
] as const
