/** Which sides of a sheet a picture shows that cuts the rest off; null: neither of the two. */
export interface SeenSides {
  x: 'left' | 'right' | null
  y: 'top' | 'bottom' | null
}

const ASIDE = { right: 'top', left: 'bottom' } as const
const UPRIGHT = { bottom: 'right', top: 'left' } as const

/** The sides that are seen, named as those of the sheet once it is turned upright by so many quarters. */
export function sidesTurned({ x, y }: SeenSides, quarters: number): SeenSides {
  return quarters === 0 ? { x, y } : sidesTurned({ x: y && UPRIGHT[y], y: x && ASIDE[x] }, quarters - 1)
}
