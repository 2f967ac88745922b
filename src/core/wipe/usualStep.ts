import type { WipeMaterial, WipeStep } from './wipingOrder'

/** A step of wiping as it is usually done with a material. */
export const usualStep = (
  material: WipeMaterial,
  cleanliness: WipeStep['cleanliness'],
  seconds: number,
  strokes = 0,
): WipeStep => ({
  material,
  cleanliness,
  seconds,
  strokes,
  bundle: material === 'rag' || material === 'bud' ? 'finger' : 'smooth',
  direction: 'across',
  pressure: material === 'tarlatan' && cleanliness === 'clean' ? 'skim' : 'even',
  zone: '',
})
