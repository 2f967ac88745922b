'use client'

import { counted } from '@/core/units/counted'
import { useState } from 'react'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import type { SpectralSample } from '@/core/ink/spectralFile'
import type { Geometry } from '@/core/ink/surface'
import { Button } from '@/ui/Button'
import { Field, SelectField } from '@/ui/Field'
import { Swatch } from '../../ink/Swatch'
import { mapColumns, openSpectralText, type OpenedFile } from './readSpectralText'

interface SpectralFileChoiceProps {
  busy: boolean
  covering: Covering
  onCovering: (covering: Covering) => void
  onTake: (samples: SpectralSample[], geometry: Geometry) => void
}

/** Lines of problems shown at once. */
const SHOWN = 6

/** A file of readings: dropped or chosen, looked at, its columns mapped, faults said by line; then taken whole. */
export function SpectralFileChoice({ busy, covering, onCovering, onTake }: SpectralFileChoiceProps) {
  const [opened, setOpened] = useState<OpenedFile | null>(null)
  const [asked, setAsked] = useState<Geometry>('45:0')
  const open = async (chosen: File | undefined) =>
    chosen && setOpened(await openSpectralText(chosen.name, await chosen.text()))
  const file = opened?.file
  const table = opened?.table
  return (
    <div
      className="grid gap-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        void open(event.dataTransfer.files[0])
      }}
    >
      <Field
        label="A file of readings (CGATS.17 or CSV)"
        hint="Drop it here, or choose it. One film of each ink on white rag, about 7 µm."
      >
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept=".txt,.cgats,.csv,.tsv,text/plain,text/csv"
            onChange={(event) => {
              void open(event.target.files?.[0])
              event.target.value = ''
            }}
          />
        )}
      </Field>
      {table && (
        <SelectField
          label="The names stand in column"
          value={String(table.mapping.name ?? '')}
          options={[
            ['', 'none: number them'],
            ...table.headings.map((heading, i) => [String(i), heading || `column ${i + 1}`] as const),
          ]}
          onPick={(column) =>
            setOpened(
              mapColumns(opened.name, table.headings, table.rows, {
                ...table.mapping,
                name: column === '' ? null : Number(column),
              }),
            )
          }
        />
      )}
      {file && (
        <>
          {file.geometry ? (
            <p className="text-sm">Measured {file.geometry}, as the file says.</p>
          ) : (
            <SelectField
              label="Measured with (the file does not say)"
              value={asked}
              options={[
                ['45:0', '45°:0°, shine left out'],
                ['di:8', 'di:8°, shine included'],
              ]}
              onPick={(value) => setAsked(value as Geometry)}
            />
          )}
          <SelectField
            label="The inks cover"
            value={covering}
            options={Object.entries(COVERINGS).map(([key, { label }]) => [key, label])}
            onPick={(value) => onCovering(value as Covering)}
          />
          {file.percent && <p className="text-sm">The values are percent: they were divided by 100.</p>}
          {file.problems.length > 0 && (
            <div role="alert" className="text-sm font-medium text-signal">
              {file.problems.slice(0, SHOWN).map(({ line, field, message }) => (
                <p key={`${line} ${field}`}>
                  ◆ Line {line}, {field}: {message}
                </p>
              ))}
              {file.problems.length > SHOWN && <p>and {file.problems.length - SHOWN} more.</p>}
            </div>
          )}
          <ul className="max-h-64 overflow-y-auto" aria-label="Readings in the file" tabIndex={0}>
            {file.samples.map(({ name, line, reflectance }) => (
              <li key={line} className="flex items-center gap-3 border-b border-line py-1">
                <Swatch
                  colours={[describeSpectrum(reflectance).srgb]}
                  label={`Reading of ${name}`}
                  className="h-9 w-14"
                />
                {name}
              </li>
            ))}
          </ul>
          <Button
            look="main"
            disabled={busy || file.samples.length === 0}
            onClick={() => onTake(file.samples, file.geometry ?? asked)}
          >
            {file.samples.length === 0
              ? 'Nothing can be read from it'
              : `Put ${counted(file.samples.length, 'ink')} on the shelf`}
          </Button>
        </>
      )}
    </div>
  )
}
