/** Asks the desk's worker to keep the page and all it was put together from. */
export interface KeepShell {
  kind: 'keep-shell'
  /** paths below this origin */
  parts: string[]
}

/** Its answer when all of it is on the device; anything else says why it is not. */
export const SHELL_KEPT = 'kept'
