'use client'

import { useState } from 'react'
import { colleSteps } from '@/core/register/colleSteps'
import { materialWords } from '@/core/register/laidPiece'
import type { Zone } from '@/core/plate/zoneMap'
import type { ColleSetting } from '@/core/register/chineColle'
import { findByName } from '@/core/units/byName'
import type { StoreInk } from '@/data/shop/inks'
import type { CollagePrint } from '@/data/register/collagePrints'
import { Button, buttonClass } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { BladesCaution, StarchCaution } from '../across/bench/cautions'
import { useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { colleAnswer } from './answers'
import { colleFiles, freshColle, openColle, takenFrom, viewColle, type ThinPaper } from './collePiece'
import { ColleFields } from './ColleFields'
import { ColleFigures } from './ColleFigures'
import { InkOnPapers } from './InkOnPapers'
import { PasteSide } from './PasteSide'
import { RegisterRooms } from './RegisterRooms'
import { usePieces } from './usePieces'

/** Fields that show what is wrong with them themselves. */
const FIELDS = ['name', 'material', 'material.name', 'material.artist', 'allowanceMm']

/** A piece of thin paper for chine collé, as part of the print: what it is cut from, its template laid out on a sheet, its paste, and the acts of laying it. */
export default function ColleBench({
  plate,
  pieces,
  zones,
  piecesWanted,
  papers,
  prints,
  inks,
}: {
  plate: { widthMm: number; heightMm: number }
  pieces: ColleSetting[]
  zones: Zone[]
  piecesWanted: number
  papers: ThinPaper[]
  prints: CollagePrint[]
  inks: StoreInk[]
}) {
  const job = useJob()
  const fresh = freshColle(plate, zones, piecesWanted)
  const onPrint = usePieces()
  const [bench, setBench] = useState(() => openColle(pieces, pieces[0]?.name ?? '', fresh))
  const { setting, keptName } = bench
  const view = viewColle(bench)
  const isLaid = view.setting !== null && onPrint.isLaid(view.setting)
  const isDone = view.isKept && isLaid
  const layWords = findByName(onPrint.laid, setting.name)
    ? 'Lay it so from now on'
    : 'Make it part of the print'
  const change = (patch: Partial<typeof setting>) =>
    setBench({ setting: { ...setting, ...patch }, keptName: null })
  const lay = async (piece: ColleSetting) => {
    const isKept = await onPrint.lay(piece)
    setBench({ ...bench, keptName: isKept ? piece.name : null })
  }
  return (
    <Panel
      rooms={<RegisterRooms />}
      title="Register"
      aside={<KeepLine {...onPrint.kept} />}
      answer={colleAnswer(view.setting, view.template, view.nest)}
    >
      <StarchCaution />
      <BladesCaution />
      <div className="grid gap-6 xl:grid-cols-2">
        <div className="grid content-start gap-4">
          <ul aria-label="On the print">
            {onPrint.laid.map(({ name, material }) => (
              <li key={name} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
                <span className="min-w-0 flex-1">
                  <b>{name}</b>: {materialWords(material)}
                </span>
                <Button aria-label={`Take ${name} off the print`} onClick={() => onPrint.takeOff(name)}>
                  Take off
                </Button>
              </li>
            ))}
          </ul>
          {pieces.length > 0 && (
            <SelectField
              label="Saved pieces"
              value={keptName ?? ''}
              options={[['', 'a new one'], ...pieces.map(({ name }) => [name, name] as const)]}
              onPick={(name) => setBench(openColle(pieces, name, fresh))}
            />
          )}
          <ColleFields
            setting={setting}
            at={(field) => view.wrong[field] ?? problemAt(onPrint.problems, field)}
            plate={plate}
            zones={zones}
            papers={papers}
            prints={prints}
            onChange={change}
          />
          <Problems problems={onPrint.problems} except={FIELDS} />
          <div className="flex flex-wrap gap-3">
            <MainAct>
              <Button
                look="main"
                disabled={onPrint.busy || !view.template || isDone}
                onClick={() => view.setting && void lay(view.setting)}
              >
                {isDone ? 'It is part of the print' : layWords}
              </Button>
            </MainAct>
            {view.isKept &&
              colleFiles(job.slug, view, keptName!).map(({ label, href }) => (
                <a key={label} className={buttonClass()} href={href}>
                  {label}
                </a>
              ))}
          </div>
        </div>
        <div className="grid content-start gap-5">
          <InkOnPapers
            inks={inks}
            papers={papers}
            chosenId={setting.material?.from === 'paper' ? setting.material.paperId : null}
            onChoose={(paper) => change(takenFrom(paper))}
          />
          <PasteSide />
          {view.setting && view.template && view.nest && (
            <ColleFigures setting={view.setting} template={view.template} nest={view.nest} />
          )}
          {view.setting && view.template && (
            <ol className="list-inside list-decimal" aria-label="How it is laid">
              {colleSteps(view.setting, view.template).map(({ says }) => (
                <li key={says} className="border-b border-line py-1">
                  {says}
                </li>
              ))}
            </ol>
          )}
        </div>
      </div>
    </Panel>
  )
}
