'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import type { InkSource } from '@/core/ink/inkTrust'
import { UNKNOWN_TUBE } from '@/core/ink/shelfInk'
import { absorptionFromFilm } from '@/core/ink/absorptionFromFilm'
import { enterSurface, USUAL_SURFACE, type Geometry } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import type { Lab } from '@/core/colour/convertXyzToLab'
import type { FieldProblem } from '@/data/database/errors'
import type { NewInk as InkToAdd, StoreInk } from '@/data/shop/inks'
import { SAMPLE_TRAY, TRAY_FILM } from '@/devices/sampleTray'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../../across/bench/problemAt'
import { PicturePick } from '../../ink/PicturePick'
import { SpectrumReading } from '../../ink/SpectrumReading'
import { Problems } from '../../across/pull/Problems'
import { bringInInk, type Method, type Readings } from './bringInInk'
import { addInksAction } from './inkActions'
import { InkPreview } from './InkPreview'
import { SpectralFileChoice } from './SpectralFileChoice'
import { sendAct } from '../../across/act/sendAct'

type Way = InkSource
const WAYS: readonly (readonly [Way, string])[] = [
  ['drawdown', 'drawdown'],
  ['tint', 'masstone and tint'],
  ['file', 'spectral file'],
  ['estimated', 'one picked colour'],
]
const DRAWDOWN = [
  ['overWhite', 'Film over white'],
  ['overBlack', 'Film over black'],
  ['white', 'White ground'],
  ['black', 'Black ground'],
] as const
const TINT = [
  ['masstone', 'Ink alone, thick'],
  ['tint', 'Let down with white, thick'],
] as const
const GEOMETRIES = [
  ['45:0', '45°:0°, shine left out'],
  ['di:8', 'di:8°, shine included'],
] as const
/** Film a file's readings are taken for, micrometres, and the scattering then guessed. */
const FILE_FILM = 7

/** Brings an ink in: by drawdown, tint, file or a picked colour; seen before it is kept. */
export function NewInk({ inks }: { inks: StoreInk[] }) {
  const router = useRouter()
  const [way, setWay] = useState<Way>('drawdown')
  const [geometry, setGeometry] = useState<Geometry>('45:0')
  const [readings, setReadings] = useState<Readings>({})
  const [film, setFilm] = useState<number | null>(TRAY_FILM)
  const [share, setShare] = useState<number | null>(10)
  const [whiteId, setWhiteId] = useState(inks.find(({ s }) => Math.max(...s) > 0.2)?.id ?? '')
  const [lab, setLab] = useState<Lab | null>(null)
  const [covering, setCovering] = useState<Covering>('transparent')
  const [about, setAbout] = useState({
    name: '',
    kind: 'oil' as StoreInk['kind'],
    note: '',
    forecastable: true,
  })
  const [viscosityPas, setViscosity] = useState<number | null>(50)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const white = inks.find(({ id }) => id === whiteId)

  const outcome = useMemo(() => {
    const method: Method | null =
      way === 'drawdown'
        ? { way, readings, filmMicrometres: film }
        : way === 'tint'
          ? {
              way,
              readings,
              share: share === null ? null : share / 100,
              whiteInk: white ? { k: white.k, s: white.s } : null,
            }
          : way === 'estimated'
            ? { way, lab, covering }
            : null
    return method && bringInInk(method, geometry)
  }, [way, readings, film, share, white, lab, covering, geometry])
  const said = [...problems, ...(outcome && !outcome.ok ? outcome.problems : [])]
  const coefficients = outcome?.ok ? outcome.coefficients : null
  const read = (key: keyof Readings) => (reflectance: number[]) =>
    setReadings({ ...readings, [key]: reflectance })

  const add = async (act: () => Promise<{ ok: true } | { ok: false; problems: FieldProblem[] }>) => {
    setBusy(true)
    const answer = await act()
    setBusy(false)
    setProblems(
      answer.ok
        ? []
        : answer.problems.map(({ field, message }) => ({ field: field.replace(/^0\./, ''), message })),
    )
    if (answer.ok) router.push('/store')
  }
  const toInk = (name: string, { k, s }: { k: number[]; s: number[] }, source: Way): InkToAdd => ({
    ...about,
    name,
    k,
    s,
    source,
    viscosityPas: viscosityPas ?? Number.NaN,
    ...UNKNOWN_TUBE,
  })

  return (
    <Panel
      title="Bring in an ink"
      aside={
        <Link href="/store" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Back to the store
        </Link>
      }
    >
      <Choice<Way> label="It is known by" value={way} options={WAYS} onPick={setWay} />
      <div className="mt-4 grid gap-8 xl:grid-cols-2">
        <section aria-label="Readings" className="grid content-start gap-4">
          {way !== 'estimated' && way !== 'file' && (
            <SelectField
              label="The instrument measures"
              value={geometry}
              options={GEOMETRIES}
              onPick={(value) => setGeometry(value as Geometry)}
              className="max-w-72"
            />
          )}
          {way === 'drawdown' && (
            <>
              {DRAWDOWN.map(([key, label]) => (
                <SpectrumReading
                  key={key}
                  label={label}
                  tray={SAMPLE_TRAY}
                  value={readings[key] ?? null}
                  onValue={read(key)}
                  problem={problemAt(said, key)}
                />
              ))}
              <NumberField
                label="Thickness of the film"
                unit="µm"
                value={film}
                onValue={setFilm}
                problem={problemAt(said, 'filmMicrometres')}
                className="max-w-56"
              />
            </>
          )}
          {way === 'tint' && (
            <>
              {TINT.map(([key, label]) => (
                <SpectrumReading
                  key={key}
                  label={label}
                  tray={SAMPLE_TRAY}
                  value={readings[key] ?? null}
                  onValue={read(key)}
                  problem={problemAt(said, key)}
                />
              ))}
              <NumberField
                label="Ink in the tint"
                unit="% by volume"
                value={share}
                onValue={setShare}
                problem={problemAt(said, 'share')}
                className="max-w-56"
              />
              <SelectField
                label="The white"
                value={whiteId}
                options={[['', 'choose…'], ...inks.map(({ id, name }) => [id, name] as const)]}
                onPick={setWhiteId}
                className="max-w-56"
                hint="Its own scattering makes the result absolute."
              />
            </>
          )}
          {way === 'estimated' && (
            <>
              <PicturePick onPick={setLab} />
              <SelectField
                label="It covers"
                value={covering}
                options={Object.entries(COVERINGS).map(([key, { label }]) => [key, label])}
                onPick={(value) => setCovering(value as Covering)}
                className="max-w-56"
              />
              {problemAt(said, 'lab') && (
                <p role="alert" className="text-sm font-medium text-signal">
                  ◆ {problemAt(said, 'lab')}
                </p>
              )}
              <p className="text-sm text-muted">
                The smoothest spectrum of that colour is taken (least slope squared). The weakest way an ink
                can be known: it is marked estimated wherever it is shown.
              </p>
            </>
          )}
          {way === 'file' && (
            <SpectralFileChoice
              busy={busy}
              onTake={(samples, measured) =>
                void add(() =>
                  sendAct(addInksAction, {
                    inks: samples.map(({ name, reflectance }) =>
                      toInk(name, fromFilm(reflectance, covering, measured), 'file'),
                    ),
                  }),
                )
              }
              covering={covering}
              onCovering={setCovering}
            />
          )}
        </section>
        <section aria-label="About the ink" className="grid content-start gap-3 sm:grid-cols-2">
          {way !== 'file' && (
            <TextField
              label="Name of the ink"
              value={about.name}
              onText={(name) => setAbout({ ...about, name })}
              problem={problemAt(said, 'name')}
              className="sm:col-span-2"
            />
          )}
          <SelectField
            label="Kind of ink"
            value={about.kind}
            options={[
              ['oil', 'oil'],
              ['water-washable', 'water-washable'],
            ]}
            onPick={(kind) => setAbout({ ...about, kind: kind as StoreInk['kind'] })}
          />
          <NumberField
            label="Viscosity at 20 °C"
            unit="Pa·s"
            value={viscosityPas}
            onValue={setViscosity}
            problem={problemAt(said, 'viscosityPas')}
          />
          <SelectField
            label="Pigment"
            value={about.forecastable ? 'plain' : 'metallic'}
            options={[
              ['plain', 'ordinary'],
              ['metallic', 'metallic or interference'],
            ]}
            onPick={(value) => setAbout({ ...about, forecastable: value === 'plain' })}
          />
          <TextField
            label="Note"
            value={about.note}
            onText={(note) => setAbout({ ...about, note })}
            problem={problemAt(said, 'note')}
          />
          {coefficients && (
            <div className="sm:col-span-2">
              <InkPreview
                ink={{ name: about.name, ...coefficients, source: way, forecastable: about.forecastable }}
              />
            </div>
          )}
          <div className="sm:col-span-2">
            <Problems
              problems={said}
              except={[
                'name',
                'viscosityPas',
                'note',
                'lab',
                'share',
                'filmMicrometres',
                ...DRAWDOWN.map(([key]) => key),
                ...TINT.map(([key]) => key),
              ]}
            />
            {way !== 'file' && (
              <Button
                look="main"
                disabled={!coefficients || busy}
                onClick={() =>
                  void add(() => sendAct(addInksAction, { inks: [toInk(about.name, coefficients!, way)] }))
                }
              >
                {coefficients ? 'Put it on the shelf' : 'Take the readings first'}
              </Button>
            )}
          </div>
        </section>
      </div>
    </Panel>
  )
}

/** k and s of a single film over ordinary rag: scattering by how it covers, absorption from the reading. */
function fromFilm(
  reflectance: readonly number[],
  covering: Covering,
  geometry: Geometry,
): { k: number[]; s: number[] } {
  const { scattering } = COVERINGS[covering]
  const inside = (value: number) => enterSurface(value, USUAL_SURFACE, geometry)
  const k = reflectance.map((value, i) =>
    absorptionFromFilm(inside(value), scattering, FILE_FILM, inside(RAG_WHITE[i])),
  )
  return { k, s: k.map(() => scattering) }
}
