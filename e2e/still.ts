import type { Page } from '@playwright/test'

/** What a hand goes for. */
const CONTROLS = 'button, a[href], input, select, textarea, summary'
/** A hand that goes for a button still hits it, px. */
const ALLOWED_PX = 3

declare global {
  interface Window {
    stoodAt?: Map<Element, number>
  }
}

/** From now on every page loaded notes, once it answers, how high each of its controls stands. */
export const noteControls = (page: Page): Promise<unknown> =>
  page.addInitScript((controls) => {
    new MutationObserver((_, observer) => {
      if (!document.documentElement.dataset.answers) return
      observer.disconnect()
      window.stoodAt = new Map(
        [...document.querySelectorAll(controls)]
          .filter((control) => control.getClientRects().length > 0)
          .map((control) => [control, control.getBoundingClientRect().top + scrollY]),
      )
    }).observe(document, { subtree: true, attributeFilter: ['data-answers'] })
  }, CONTROLS)

/** Controls that were pushed up or down since the page answers, as "Save: 15 px": whoever pressed one meanwhile hit something else. */
export const movedControls = (page: Page): Promise<string[]> =>
  page.evaluate(
    (allowed) =>
      [...(window.stoodAt ?? [])].flatMap(([control, before]) => {
        if (control.getClientRects().length === 0) return []
        const by = Math.round(control.getBoundingClientRect().top + scrollY - before)
        const name = control.getAttribute('aria-label') ?? (control.textContent?.trim() || control.id)
        return Math.abs(by) > allowed ? [`${name.slice(0, 40)}: ${by} px`] : []
      }),
    ALLOWED_PX,
  )
