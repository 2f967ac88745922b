'use client'

import { formatFine } from '@/core/units/quantity'
import { useState } from 'react'
import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import { sheetGauge, sheetGaugeInput } from '@/core/plate/sheetGauge'
import { NumberField } from '@/ui/NumberField'

/** Metals that are sold by other gauges: the same number is another thickness. */
const OTHER_GAUGES: ReadonlySet<string | null> = new Set(['zinc', 'steel'])

/** The plate's thickness by the gauge its sheet was sold by, where that gauge is one of its metal. */
export function GaugeField({
  kind,
  onThickness,
}: {
  kind: PlateKind | null
  onThickness: (mm: number) => void
}) {
  const [gauge, setGauge] = useState<number | null>(null)
  const read = sheetGaugeInput.safeParse({ gauge, system: 'awg' })
  const metal = kind && PLATE_KINDS[kind].metal
  const isOther = OTHER_GAUGES.has(metal)
  const refused = isOther
    ? `AWG is not for ${metal}, which has gauges of its own: measure it.`
    : read.error?.issues[0].message
  return (
    <NumberField
      label="Gauge, AWG"
      value={gauge}
      digits={0}
      onValue={(next) => {
        setGauge(next)
        const typed = sheetGaugeInput.safeParse({ gauge: next, system: 'awg' })
        if (typed.success && !isOther) onThickness(Number(sheetGauge(typed.data).mm.toFixed(3)))
      }}
      problem={gauge === null ? undefined : refused}
      hint={
        read.success && !isOther
          ? `AWG ${gauge}: ${formatFine(sheetGauge(read.data).mm, 3)}`
          : 'copper, brass, aluminium'
      }
    />
  )
}
