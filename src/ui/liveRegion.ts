/** The page’s one live region: the root layout lays it down, and only this writes into it. */
export const LIVE_REGION = 'heard'
/** Words that come and change by themselves are marked so, where they are seen. */
const SAID = '[data-said]'
/** What a place says within this long is heard with its latest words only, ms. */
const GATHER_MS = 200
/** Lines that stay to be read again. */
const KEPT_LINES = 5

/** What each place said last: its words, or the occasion it gave for them. */
const last = new WeakMap<Element, string>()
const waiting = new Map<Element, string>()
let timer: ReturnType<typeof setTimeout> | undefined
/** Whether a hand has done anything on this page: what comes before belongs to the page, and is read with it. */
let isTouched = false
let isListening = false

/** What stands in an element, without its buttons and bars. */
function wordsOf(element: Element): string {
  const copy = element.cloneNode(true) as Element
  for (const one of copy.querySelectorAll('button, progress, svg, [aria-hidden]')) one.remove()
  return (copy.textContent ?? '').replace(/\s+/g, ' ').trim()
}

function read(): void {
  const region = document.getElementById(LIVE_REGION)
  for (const text of new Set(waiting.values())) {
    const line = document.createElement('p')
    line.textContent = text
    region?.append(line)
  }
  waiting.clear()
  timer = undefined
  while (region && region.childElementCount > KEPT_LINES) region.firstElementChild!.remove()
}

/** A place may have news: its words, or its occasion where it gives one, as a clock does that is not read every second. */
function look(place: Element): void {
  const words = wordsOf(place)
  const occasion = place.getAttribute('data-occasion') ?? words
  const before = last.get(place)
  if (occasion === before) return
  last.set(place, occasion)
  if (!words || (before === undefined && !isTouched)) return
  waiting.set(place, words)
  timer ??= setTimeout(read, GATHER_MS)
}

/** The places that a change of the page touches. */
function placesIn({ target, addedNodes }: MutationRecord): Element[] {
  const at = (target instanceof Element ? target : target.parentElement)?.closest(SAID)
  const added = [...addedNodes].flatMap((node) =>
    node instanceof Element ? [...(node.matches(SAID) ? [node] : []), ...node.querySelectorAll(SAID)] : [],
  )
  return at ? [at, ...added] : added
}

/** Reads aloud what is said on the page from now on, politely, each time as a line of the live region. A new page is before its reader: nothing of the one before is heard on it. */
export function readAloud(): void {
  clearTimeout(timer)
  timer = undefined
  waiting.clear()
  isTouched = false
  document.getElementById(LIVE_REGION)?.replaceChildren()
  for (const place of document.querySelectorAll(SAID)) look(place)
  if (isListening) return
  isListening = true
  for (const kind of ['pointerdown', 'keydown'])
    addEventListener(kind, () => void (isTouched = true), { capture: true, passive: true })
  new MutationObserver((records) => {
    for (const place of new Set(records.flatMap(placesIn))) if (place.isConnected) look(place)
  }).observe(document.body, {
    subtree: true,
    childList: true,
    characterData: true,
    attributeFilter: ['data-occasion'],
  })
}
