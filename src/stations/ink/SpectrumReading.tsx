'use client'

import { useState } from 'react'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { reflectanceSpectrum } from '@/core/colour/spectrum'
import { formatNumber } from '@/core/units/length'
import type { TraySample } from '@/devices/sampleTray'
import { simulateSpectrophotometer } from '@/devices/spectrophotometer'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { Field, SelectField } from '@/ui/Field'
import { Swatch } from './Swatch'

/** The one instrument of the bench: once its tile was read, it is set for every reading of the session. */
const device = simulateSpectrophotometer(417)

interface SpectrumReadingProps {
  label: string
  value: number[] | null
  onValue: (reflectance: number[], name: string) => void
  /** what can be laid under the simulated instrument */
  tray: readonly TraySample[]
  problem?: string
}

/** Reads 36 numbers out of typed text; answers what is wrong in words. */
function readTyped(text: string): { values: number[] } | { message: string; percent: number[] | null } {
  const numbers = text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((word) => Number(word.replace(',', '.')))
  const wrong = numbers.findIndex((value) => !Number.isFinite(value))
  if (wrong >= 0) return { message: `The ${wrong + 1}. entry is not a number.`, percent: null }
  const parsed = reflectanceSpectrum.safeParse(numbers)
  if (parsed.success) return { values: parsed.data }
  const shares = reflectanceSpectrum.safeParse(numbers.map((value) => value / 100))
  return {
    message:
      numbers.length === 36 && shares.success
        ? 'These look like percent.'
        : `${parsed.error.issues[0].message}, 380 to 730 nm by 10.`,
    percent: shares.success ? shares.data : null,
  }
}

/** One spectral reading: by the simulated spectrophotometer, which wants its tile first, or typed. */
export function SpectrumReading({ label, value, onValue, tray, problem }: SpectrumReadingProps) {
  const [open, setOpen] = useState(false)
  const [under, setUnder] = useState(tray[0]?.key ?? '')
  const [isSet, setSet] = useState(false)
  const [typed, setTyped] = useState('')
  const seen = value && describeSpectrum(value)
  const readTyping = typed.trim() ? readTyped(typed) : null
  const take = (reflectance: number[], name: string) => {
    onValue(reflectance, name)
    setOpen(false)
  }
  return (
    <div>
      <p className="mb-0.5 text-sm text-muted">{label}</p>
      <div className="flex flex-wrap items-center gap-3">
        {seen && (
          <Swatch
            colours={[seen.srgb]}
            label={`${label}: L* ${seen.lab.L.toFixed(1)}, a* ${seen.lab.a.toFixed(1)}, b* ${seen.lab.b.toFixed(1)}`}
            className="h-11 w-16"
          />
        )}
        {seen && (
          <span className="condensed text-sm">
            L* {formatNumber(seen.lab.L, 1)}, a* {formatNumber(seen.lab.a, 1)}, b*{' '}
            {formatNumber(seen.lab.b, 1)}
          </span>
        )}
        <Dialog
          title={`Read: ${label}`}
          open={open}
          onOpenChange={(next) => {
            setSet(device.isSet)
            setOpen(next)
          }}
          trigger={<Button>{seen ? 'Read again' : `Read: ${label}`}</Button>}
        >
          <div className="grid gap-3">
            <p className="text-sm">
              A simulated spectrophotometer. Its lamp drifts: read the white tile first.
            </p>
            <div className="flex flex-wrap items-center gap-3">
              <Button
                onClick={() => {
                  device.readTile()
                  setSet(true)
                }}
              >
                Read the tile
              </Button>
              <span data-said className="text-sm">
                {isSet ? 'Tile read: the instrument is set.' : 'Tile not read yet.'}
              </span>
            </div>
            <SelectField
              label="Under the instrument lies"
              value={under}
              options={tray.map(({ key, name }) => [key, name])}
              onPick={setUnder}
            />
            <Button
              look="main"
              disabled={!isSet || !under}
              onClick={() => {
                const sample = tray.find(({ key }) => key === under)!
                take(device.read(sample.reflectance), sample.name)
              }}
            >
              Take the reading
            </Button>
            <details className="border-t border-line">
              <summary className="min-h-11 py-2">Or type a reading</summary>
              <Field
                label="36 reflectances, 380 to 730 nm by 10"
                problem={readTyping && 'message' in readTyping ? readTyping.message : undefined}
              >
                {(ids) => (
                  <textarea
                    {...ids}
                    rows={3}
                    value={typed}
                    onChange={(event) => setTyped(event.target.value)}
                  />
                )}
              </Field>
              <div className="mt-2 flex gap-2">
                <Button
                  disabled={!readTyping || !('values' in readTyping)}
                  onClick={() =>
                    readTyping && 'values' in readTyping && take(readTyping.values, 'Typed reading')
                  }
                >
                  Take these
                </Button>
                {readTyping && 'percent' in readTyping && readTyping.percent && (
                  <Button onClick={() => take(readTyping.percent!, 'Typed reading')}>
                    Divide by 100 and take
                  </Button>
                )}
              </div>
            </details>
          </div>
        </Dialog>
      </div>
      {problem && (
        <p role="alert" className="mt-0.5 text-sm font-medium text-signal">
          ◆ {problem}
        </p>
      )}
    </div>
  )
}
