import { correctInk, type Correction, type CorrectInkInput } from '@/core/ink/correctInk'
import { matchInk, type MatchedRecipe, type MatchInkInput } from '@/core/ink/matchInk'

/** What a page asks for. */
export type InkSearchTask =
  { kind: 'match'; input: MatchInkInput } | { kind: 'correct'; input: CorrectInkInput }
/** What it hears, in the end or on the way. */
export type InkSearchReport =
  { done: number } | { kind: 'match'; recipes: MatchedRecipe[] } | { kind: 'correct'; correction: Correction }

const report = (message: InkSearchReport) => self.postMessage(message)
const progress = (done: number) => {
  report({ done })
  return true
}

self.onmessage = ({ data: task }: MessageEvent<InkSearchTask>) => {
  if (task.kind === 'match') report({ kind: 'match', recipes: matchInk(task.input, progress)!.recipes })
  else report({ kind: 'correct', correction: correctInk(task.input, progress)! })
}
