import { expect, it } from 'vitest'
import { paperAsks } from '@/core/paper/paperAsks'
import { planDamping } from '@/core/paper/dampingPlan'
import { sheetGrams } from '@/core/paper/dampPaper'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { laidWarnings, layerOfThing } from '@/core/press/laidStack'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { documentJob } from '@/core/record/documentation'
import { addPaper, loadStore } from '../shop/store'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, openWorkshop, pull } from '../shop/workshop.test.fixture'

openWorkshop()

it('tissue of 12 g/m² between damp blotters, a blotter above it in the press, printed and documented', async () => {
  await addPaper(
    {
      name: 'Moth tissue',
      gsm: 12,
      caliperMm: 0.03,
      sheetWidthMm: 300,
      sheetHeightMm: 250,
      grain: 'long',
      sheetsReceived: 20,
      sizing: 'soft',
      sides: 'the smoother side',
      note: '',
    },
    [...RAG_WHITE],
  )
  const tissue = (await loadStore()).papers.find(({ name }) => name === 'Moth tissue')!
  const asks = paperAsks(tissue)
  expect(asks.map(({ ask }) => ask)).toEqual(['tissue', 'sides'])
  const { name, gsm, caliperMm, sheetWidthMm, sheetHeightMm, grain } = tissue
  const paper = {
    ...{ paperId: tissue.id, name, gsm, caliperMm, sheetWidthMm, sheetHeightMm, grain },
    ...asks[0].treatment!,
  }
  const { id, slug } = await createJob({ title: 'Moth', artist: 'Bryn Ash', purpose: 'unique' }, at())
  let revision = 0
  for (const station of ['plate', 'ink'] as const)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  revision = await saveStation(id, revision, 'paper', paper, at())
  const bare = sampleSettings.press
  const felts = bare.pack.map((layer) => ({ ...layer, of: 'single-felt' as const }))
  expect(laidWarnings({ ...bare, pack: felts }, gsm)).not.toEqual([])
  const press = { ...bare, pack: [layerOfThing('blotter'), ...felts] }
  expect(laidWarnings(press, gsm)).toEqual([])
  await saveStation(id, revision, 'press', press, at())

  // Six blotters hold far more water than five tissues.
  const plan = planDamping({
    method: paper.method,
    sheets: 5,
    standardGrams: sheetGrams(gsm, sheetWidthMm, sheetHeightMm),
    targetUptakePercent: paper.targetUptakePercent,
    gsm,
    at: at(),
  })
  expect(plan.waterMl).toBeCloseTo(2.25, 6)
  expect(plan.interleaved!.waterMl).toBeCloseTo(90, 6)

  const job = await pull(await loadJob(slug), 'first', 'edition', 'accepted')
  const { sections } = documentJob({ ...job, bench: job.runs[0].bench }, 'Etc/UTC')
  const rows = sections.flatMap((section) => section.rows)
  expect(rows.find(({ label }) => label === 'Paper: damping')!.value).toContain('Between damp blotters')
  expect(rows.find(({ label }) => label === 'Paper: paper')!.value).toContain('Moth tissue')
})
