import { RAG_WHITE } from '../paper/ragWhite'
import { usualScaleOf } from '../press/pressCard'
import type { BeginWith } from './beginBench'

/** A small drypoint on a press with two screws, as somebody begins it with the least that can be said. */
export const BEGUN: BeginWith = {
  title: 'Reeds',
  plate: { kind: 'plastic-drypoint', size: { widthMm: 120, heightMm: 90 } },
  ink: { id: 'harbour-black', name: 'Harbour black' },
  paper: {
    id: 'heron',
    name: 'Heron',
    gsm: 300,
    caliperMm: 0.5,
    widthMm: 560,
    heightMm: 760,
    grain: 'unknown',
    sizing: 'unknown',
    sides: '',
    reflectance: RAG_WHITE,
    sheet: null,
  },
  press: {
    id: 'mine',
    name: 'Mine',
    kind: 'two-screw',
    rollerRadiusMm: 45,
    scale: usualScaleOf('two-screw'),
    frameNPerMm: null,
    reading: null,
  },
  shelf: [],
}
