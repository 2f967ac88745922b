'use client'

import { onShelf } from '@/core/units/onShelf'
import { formatFines } from '@/core/units/quantity'
import { useState } from 'react'
import { learnGrowth, type GrowthMarks } from '@/core/paper/growth'
import {
  LAYING_METHODS,
  MARGIN_SCHEMES,
  REGISTER_MARKS,
  usualRegister,
  type LayingMethod,
  type MarginScheme,
  type RegisterMark,
  type RegisterSetting,
} from '@/core/register/registerSetting'
import { drawingToSvg } from '@/core/sheet/sheetDrawing'
import { PAGES } from '@/core/sheet/tileSheet'
import { formatInches, formatMm } from '@/core/units/length'
import type { StorePaper } from '@/data/shop/store'
import { Button, buttonClass } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { LengthField, NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { useStation } from '../across/bench/useStation'
import { registerAnswer } from './answers'
import { LayingPicture } from './LayingPicture'
import { registrationOf } from './registrationOf'
import { RegisterRooms } from './RegisterRooms'

interface RegisterStationProps {
  marks: GrowthMarks[]
  papers: Pick<StorePaper, 'id' | 'name' | 'sheetWidthMm' | 'sheetHeightMm' | 'grain'>[]
}

/** Where the plate lies on the sheet, the registration sheet at 1:1, and how it is laid. */
export function RegisterStation({ marks, papers }: RegisterStationProps) {
  const bench = useBench()
  const job = useJob()
  const { value, change, ...kept } = useStation('register', usualRegister)
  const [mirrored, setMirrored] = useState(false)
  const [sheet, setSheet] = useState<'dry' | 'damp'>('dry')
  const [otherId, setOther] = useState('')
  const { plate, paper } = bench
  const found =
    plate && paper
      ? registrationOf(
          { plate, paper, register: value as RegisterSetting },
          job.title,
          { sheet, mirrored, otherId: otherId || null },
          marks,
          papers,
        )
      : null
  const drawn = found && 'drawing' in found ? found : null
  const wrong = found && 'reason' in found ? found : null
  const svg = drawn && drawingToSvg(drawn.drawing)
  const growth = learnGrowth(marks.filter(({ paperId }) => paperId === paper?.paperId))
  const file = (form: 'svg' | 'pdf' | 'dxf', pages = '') =>
    `/jobs/${job.slug}/register/sheet.${form}?view=${mirrored ? 'beneath' : 'above'}&sheet=${sheet}${otherId ? `&other=${otherId}` : ''}${pages ? `&pages=${pages}` : ''}`
  const at = (field: string) =>
    problemAt(kept.problems, field) ?? (wrong?.field === field ? wrong.reason : undefined)
  const wanted = value.marks ?? []
  const mark = (key: RegisterMark, on: boolean) =>
    change({
      marks: (Object.keys(REGISTER_MARKS) as RegisterMark[]).filter((one) =>
        one === key ? on : wanted.includes(one),
      ),
    })

  return (
    <Panel
      rooms={<RegisterRooms />}
      title="Register"
      aside={<KeepLine {...kept} />}
      answer={registerAnswer(
        found,
        value.laying ?? 'corner-marks',
        bench.register !== null,
        `/jobs/${job.slug}`,
      )}
      act={
        drawn &&
        bench.register === null && (
          <Button look="main" onClick={() => change({})}>
            Save layout
          </Button>
        )
      }
    >
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_20rem]">
        <figure>
          {svg ? (
            <img
              src={`data:image/svg+xml,${encodeURIComponent(svg)}`}
              alt={
                mirrored
                  ? 'Registration sheet seen from beneath'
                  : 'Registration sheet from the printer’s side'
              }
              className="max-h-[46dvh] w-full bg-white object-contain"
            />
          ) : null}
          {svg && (
            <figcaption className="mt-2 grid gap-3 text-sm">
              <div className="flex flex-wrap items-center gap-3">
                <Choice
                  label="View"
                  value={mirrored ? 'beneath' : 'above'}
                  options={[
                    ['above', 'From the printer’s side'],
                    ['beneath', 'Mirrored, from beneath'],
                  ]}
                  onPick={(side) => setMirrored(side === 'beneath')}
                />
                <Choice
                  label="Size"
                  value={sheet}
                  options={[
                    ['dry', 'The dry sheet'],
                    ['damp', 'The damp sheet, grown'],
                  ]}
                  onPick={setSheet}
                />
              </div>
              {bench.register && (
                <div className="flex flex-wrap items-center gap-3">
                  <span>At 1:1:</span>
                  <a href={file('svg')} download={`${job.slug}-registration.svg`} className={buttonClass()}>
                    SVG
                  </a>
                  <a href={file('pdf')} download={`${job.slug}-registration.pdf`} className={buttonClass()}>
                    PDF, whole
                  </a>
                  {Object.entries(PAGES).map(([key, { label }]) => (
                    <a
                      key={key}
                      href={file('pdf', key)}
                      download={`${job.slug}-registration-${key}.pdf`}
                      className={buttonClass()}
                    >
                      PDF, {label} pages
                    </a>
                  ))}
                  <a href={file('dxf')} download={`${job.slug}-registration.dxf`} className={buttonClass()}>
                    DXF, for a cutter
                  </a>
                </div>
              )}
            </figcaption>
          )}
          <LayingPicture laying={value.laying ?? 'corner-marks'} />
        </figure>
        <div className="grid content-start gap-4">
          <div>
            <p className="mb-0.5 text-sm text-muted">Margins</p>
            <Choice
              label="Margins"
              value={value.scheme}
              options={Object.entries(MARGIN_SCHEMES) as [MarginScheme, string][]}
              onPick={(scheme) => change({ scheme })}
            />
          </div>
          {value.scheme === 'weighted' && (
            <NumberField
              label="Bottom margin as a multiple of the top"
              digits={2}
              value={value.bottomToTop}
              onValue={(bottomToTop) => change({ bottomToTop })}
              problem={at('bottomToTop')}
            />
          )}
          {value.scheme === 'typed' && (
            <div className="grid grid-cols-2 gap-3">
              <LengthField
                label="Left, on the print"
                value={value.leftMm}
                onValue={(leftMm) => change({ leftMm })}
                problem={at('leftMm')}
              />
              <LengthField
                label="Top"
                value={value.topMm}
                onValue={(topMm) => change({ topMm })}
                problem={at('topMm')}
              />
            </div>
          )}
          <SelectField
            label="Registration method"
            value={value.laying ?? ''}
            options={Object.entries(LAYING_METHODS)}
            onPick={(laying) => change({ laying: laying as LayingMethod })}
          />
          {(value.laying === 'trapped-edge' || value.route === 'trapped') && (
            <LengthField
              label="The roller holds"
              value={value.trapMm}
              onValue={(trapMm) => change({ trapMm })}
              problem={at('trapMm')}
              hint={
                drawn && (value.trapMm ?? 0) > drawn.margins.topMm
                  ? '◆ More than the margin there: the plate would lie under the roller.'
                  : undefined
              }
            />
          )}
          <fieldset>
            <legend className="text-sm text-muted">Marks</legend>
            <div className="grid grid-cols-2">
              {(Object.keys(REGISTER_MARKS) as RegisterMark[]).map((key) => (
                <Check
                  key={key}
                  label={REGISTER_MARKS[key]}
                  checked={wanted.includes(key)}
                  onCheck={(on) => mark(key, on)}
                />
              ))}
            </div>
          </fieldset>
          <SelectField
            label="A second paper on the same sheet"
            value={otherId}
            options={[
              ['', 'none'],
              ...onShelf(papers)
                .filter(({ id }) => id !== paper?.paperId)
                .map(({ id, name }) => [id, name] as const),
            ]}
            hint={otherId ? 'Dashed. A proof on other paper than the edition’s proves less.' : undefined}
            onPick={setOther}
          />
          {drawn && (
            <div className="grid grid-cols-2 gap-4 border-t border-line pt-3">
              {(
                [
                  ['leftMm', 'Left'],
                  ['rightMm', 'Right'],
                  ['topMm', 'Top'],
                  ['bottomMm', 'Bottom'],
                ] as const
              ).map(([side, label]) => (
                <Figure
                  name={`margin-${side}`}
                  key={side}
                  value={formatMm(drawn.margins[side])}
                  label={`${label}, ${formatInches(drawn.margins[side])}`}
                />
              ))}
            </div>
          )}
          {sheet === 'damp' && drawn && (
            <p className="text-sm">
              The damp sheet is {formatFines([drawn.lying.widthMm, drawn.lying.heightMm], ' × ', 1)} (
              {growth.alongFrom + growth.acrossFrom > 0 ? 'by its marks' : 'typical growth'}); it shrinks back
              with its plate mark, and the margins keep their proportions.
            </p>
          )}
          <p className="text-sm text-muted">
            Print without scaling, then measure the 100 mm bar. Keep the sheet clean or under film: ink on the
            board prints.
          </p>
        </div>
      </div>
    </Panel>
  )
}
