'use client'

import { useState } from 'react'
import type { Zone } from '@/core/plate/zoneMap'
import type { ColleSetting } from '@/core/register/chineColle'
import { Button, buttonClass } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { sendAct } from '../across/act/sendAct'
import { StarchCaution } from '../across/bench/cautions'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { Problems } from '../across/pull/Problems'
import { keepCollePieceAction } from './colleActions'
import { colleAnswer } from './answers'
import { colleFiles, freshColle, openColle, viewColle, type ThinPaper } from './collePiece'
import { ColleFields } from './ColleFields'
import { ColleFigures } from './ColleFigures'
import { PasteSide } from './PasteSide'
import { RegisterRooms } from './RegisterRooms'

/** A piece of thin paper for chine collé: its template with allowance and growth, laid out on a sheet, its paste and which side gets it. */
export default function ColleBench({
  plate,
  pieces,
  zones,
  editionSize,
  papers,
}: {
  plate: { widthMm: number; heightMm: number }
  pieces: ColleSetting[]
  zones: Zone[]
  editionSize: number
  papers: ThinPaper[]
}) {
  const job = useJob()
  const fresh = freshColle(plate, zones, editionSize)
  const [bench, setBench] = useState(() => openColle(pieces, pieces[0]?.name ?? '', fresh))
  const { busy, problems, act } = useAct()
  const { setting, keptName } = bench
  const view = viewColle(bench)
  const keep = async (piece: ColleSetting) => {
    const isKept = await act(() => sendAct(keepCollePieceAction, { jobId: job.id, setting: piece }))
    setBench({ ...bench, keptName: isKept ? piece.name : null })
  }
  return (
    <Panel
      rooms={<RegisterRooms />}
      title="Register"
      answer={colleAnswer(view.setting?.pieces ?? 0, view.template, view.nest)}
    >
      <StarchCaution />
      <div className="grid gap-6 xl:grid-cols-2">
        <div className="grid content-start gap-4">
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
            at={(field) => view.wrong[field] ?? problemAt(problems, field)}
            plate={plate}
            zones={zones}
            papers={papers}
            onChange={(patch) => setBench({ setting: { ...setting, ...patch }, keptName: null })}
          />
          <Problems problems={problems} except={['name', 'allowanceMm']} />
          <div className="flex flex-wrap gap-3">
            <MainAct>
              <Button
                look="main"
                disabled={busy || !view.template || view.isKept}
                onClick={() => view.setting && void keep(view.setting)}
              >
                {view.isKept ? 'Saved' : 'Save this piece'}
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
          <PasteSide />
          {view.setting && view.template && view.nest && (
            <ColleFigures setting={view.setting} template={view.template} nest={view.nest} />
          )}
        </div>
      </div>
    </Panel>
  )
}
