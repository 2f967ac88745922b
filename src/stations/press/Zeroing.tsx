import { useState } from 'react'
import { Button } from '@/ui/Button'

/** How both sides are brought to the bare bed, one act after the other. */
const ZEROING = [
  'Blankets and plate off. Wipe roller and bed: a crumb of ink is a tenth of a millimetre.',
  'Lay a strip of thin paper under the roller at the left, another at the right.',
  'Tighten the left, slowly, until its strip just holds. Then the right, likewise.',
  'Go to and fro until both strips hold alike: turning one side moves the other a little.',
  'Back both off by half a turn, and come back by tightening: the strips must hold at the same mark.',
] as const

/** Leads both screws to the bare bed, a step at a time; the last one is kept. On paper all of them, for whoever gets the press. */
export function Zeroing({ busy, onZero }: { busy: boolean; onZero: () => Promise<boolean> }) {
  const [step, setStep] = useState(0)
  const isLast = step === ZEROING.length - 1
  return (
    <section aria-label="Zeroing">
      <h2 className="station-title">Zero both sides</h2>
      <ol className="hidden list-decimal pl-6 print:block">
        {ZEROING.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ol>
      <p className="text-sm text-muted print:hidden">
        Step {step + 1} of {ZEROING.length}
      </p>
      <p data-said className="text-xl print:hidden">
        {ZEROING[step]}
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button className="min-h-14" disabled={step === 0} onClick={() => setStep(step - 1)}>
          Step back
        </Button>
        {isLast ? (
          <Button
            className="min-h-14"
            look="main"
            disabled={busy}
            onClick={() => void onZero().then((kept) => kept && setStep(0))}
          >
            Both sides touch: this is zero
          </Button>
        ) : (
          <Button className="min-h-14" look="main" onClick={() => setStep(step + 1)}>
            Done, next step
          </Button>
        )}
      </div>
    </section>
  )
}
