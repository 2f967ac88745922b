import type { PaperColourFrom } from '@/core/paper/paperColour'
import { textOf } from './columns'
import type { Migration } from './migration'

/** How a paper's colour is known: until then every paper a person added was taken as ordinary rag. */
export const m0020PaperColour = {
  name: '0020-paper-colour',
  columns: { papers: { colourFrom: { ...textOf<PaperColourFrom>(), defaultValue: 'taken' } } },
} satisfies Migration
