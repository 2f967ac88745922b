'use client'

import { onShelf } from '@/core/units/onShelf'
import { useMemo, useState } from 'react'
import { SPECTRUM_START_NM, SPECTRUM_STEP_NM } from '@/core/colour/spectrum'
import type { MixSetting } from '@/core/ink/mix'
import type { MixCard } from '@/core/ink/mixCard'
import { mixCoefficients } from '@/core/ink/predictInk'
import { formatNumber } from '@/core/units/length'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { SelectField } from '@/ui/Field'
import { useBench } from '../across/bench/BenchContext'
import { forecastMix } from './forecastMix'
import { inkConditions } from './inkConditions'
import { mixFilm, nearestCard } from './nearestCard'
import { OnEachPaper } from './OnEachPaper'
import { Overprint } from './Overprint'
import { Swatches } from './Swatches'
import { whiteOf } from './whiteOf'
import { SpectrumChart } from '@/ui/SpectrumChart'

/** ΔE00 within which an earlier card is worth a look. */
const NEAR = 6

/** What the mix will look like: in line, middle and tone on a paper, over another ink, and which card comes near. */
export function InkForecast({
  parts,
  inks,
  papers,
  cards,
  cardId,
}: {
  parts: MixSetting['parts']
  inks: StoreInk[]
  papers: StorePaper[]
  cards: MixCard[]
  /** the card the mix is on; null: none */
  cardId: string | null
}) {
  const bench = useBench()
  const [overId, setOverId] = useState('')
  const [paperId, setPaperId] = useState(bench.paper?.paperId ?? papers[0]?.id ?? '')
  const paper = papers.find(({ id }) => id === paperId) ?? papers[0]
  const forecast = useMemo(() => forecastMix(parts, inks, paper?.reflectance ?? null), [parts, inks, paper])
  const film = useMemo(() => mixFilm(parts, inks), [parts, inks])
  const conditions = useMemo(() => inkConditions(paper?.reflectance, 'mid'), [paper])
  const mid = forecast?.films.find(({ key }) => key === 'mid')?.forecast
  const near = mid
    ? nearestCard(
        mid.lab,
        cards.filter(({ id }) => id !== cardId),
        inks,
        conditions,
      )
    : null
  const under = inks.find(({ id }) => id === overId)
  return (
    <div>
      <Swatches forecast={forecast} paperName={paper?.name ?? 'no paper'} />
      {film && (
        <div className="mt-3 grid gap-3 sm:grid-cols-2">
          <SelectField
            label="Paper"
            value={paper?.id ?? ''}
            options={papers.map(({ id, name }) => [id, name])}
            onPick={setPaperId}
          />
          <SelectField
            label="Printed over"
            value={overId}
            options={[
              ['', 'the bare paper'],
              ...onShelf(inks, overId).map(({ id, name }) => [id, `a dry layer of ${name}`] as const),
            ]}
            onPick={setOverId}
          />
        </div>
      )}
      <OnEachPaper parts={parts} inks={inks} papers={papers} meantFor={paperId} />
      {film && under && <Overprints film={film} under={under} inks={inks} conditions={conditions} />}
      {near && near.deltaE00 < NEAR && (
        <p className="mt-2 text-sm">
          Nearest card: <b>{near.card.name}</b>, ΔE {formatNumber(near.deltaE00, 1)}.
        </p>
      )}
      {forecast && forecast.films.length > 0 && (
        <SpectrumChart
          title="Reflectance of the three films"
          startNm={SPECTRUM_START_NM}
          stepNm={SPECTRUM_STEP_NM}
          series={forecast.films.map(({ label, forecast: { reflectance } }) => ({
            name: label,
            values: reflectance,
          }))}
        />
      )}
    </div>
  )
}

/** The mix over another ink, and the same with a little covering white in it. */
function Overprints({
  film,
  under,
  inks,
  conditions,
}: {
  film: NonNullable<ReturnType<typeof mixFilm>>
  under: StoreInk
  inks: readonly StoreInk[]
  conditions: ReturnType<typeof inkConditions>
}) {
  const white = whiteOf(inks)
  return (
    <>
      <Overprint title="This mix" upper={film} lower={under} conditions={conditions} />
      {white && (
        <Overprint
          title={`With one part in ten of ${white.name}, this mix`}
          upper={mixCoefficients([{ name: 'mix', ...film }, white], [9, 1])}
          lower={under}
          conditions={conditions}
        />
      )}
    </>
  )
}
