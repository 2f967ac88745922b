import { expect, it } from 'vitest'
import type { ColleSetting } from '@/core/register/chineColle'
import type { LaidPiece } from '@/core/register/laidPiece'
import { papersTried } from '@/core/edition/papersTried'
import { compareSettings } from '@/core/prove/compareSettings'
import { outsideBat } from '@/core/prove/outsideBat'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { usualTolerances } from '@/core/prove/tolerance'
import { batOfRun } from '@/core/record/batOnBench'
import { documentJob } from '@/core/record/documentation'
import { addEvents } from '../across/pulls'
import { approveBat } from '../prove/bats'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob, saveStation } from '../shop/jobs'
import { at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { loadCollagePrints } from './collagePrints'
import { keepCollePiece, loadCollePieces } from './collePieces'

openWorkshop()

const moon = (name: string): LaidPiece => ({
  name: 'Moon',
  material: { from: 'paper', paperId: null, name },
  outline: [
    [20, 10],
    [60, 10],
    [60, 40],
    [20, 40],
  ],
  fitting: 'template',
  paste: 'dusted',
  face: 'smooth',
  uninked: 'beneath the piece',
})
const lay = async (slug: string, ...colle: LaidPiece[]) => {
  const { id, revision } = await loadJob(slug)
  await saveStation(id, revision, 'register', { ...sampleSettings.register, colle }, at())
}

it('chine collé with dusted paste on three papers, one chosen: in proof, BAT, prints and documents', async () => {
  let job = await benchedJob(3)
  for (const [i, paper] of ['Ochre tissue', 'Grey tissue', 'Straw tissue'].entries()) {
    await lay(job.slug, moon(paper))
    job = await pull(job, `proof${i}`)
  }
  // Another paper is one change; a piece that is taken off is one too.
  expect(
    compareSettings(job.pulls[0].settings, job.pulls[1].settings).map(({ key, words }) => [key, words]),
  ).toEqual([['register.colle.Moon', 'Piece Moon: Ochre tissue → Grey tissue']])
  expect(compareSettings(job.pulls[0].settings, sampleSettings).map(({ words }) => words)).toEqual([
    'Piece Moon left out (was Ochre tissue)',
  ])
  expect(papersTried(job.pulls).map(({ pull: { number } }) => number)).toEqual([3, 2, 1])

  // The first is chosen: "too dark, the ochre one is better".
  await lay(job.slug, moon('Ochre tissue'))
  job = await pull(job, 'proof3')
  await approveBat(
    job.id,
    job.revision,
    {
      proofPullId: 'proof3',
      tolerances: usualTolerances(job.pulls[0].settings),
      approvedBy: 'Bryn Ash',
      reason: '',
    },
    at(9),
  )
  job = await loadJob(job.slug)
  const held = batOfRun(job.bats, 0)!
  expect(outsideBat(job.runs[0].bench, held)).toEqual([])
  await lay(job.slug, moon('Grey tissue'))
  const other = await loadJob(job.slug)
  expect(outsideBat(other.runs[0].bench, held).map(({ key }) => key)).toEqual(['register.colle.Moon'])
  await lay(job.slug, moon('Ochre tissue'))

  // A print that lost its piece says so, and where.
  job = await pull(job, 'print1', 'edition', 'accepted')
  await lay(job.slug, moon('Straw tissue'))
  job = await pull(job, 'print2', 'edition')
  await addEvents(
    job.id,
    job.revision,
    {
      pullId: 'print2',
      events: [
        { kind: 'fault', where: 5, what: 'piece', cause: 'piece-missing' },
        { kind: 'decision', decision: 'rejected', reason: 'piece', fate: 'template' },
      ],
      by: 'Ida Quill',
      why: '',
    },
    at(12),
  )
  job = await loadJob(job.slug)
  const documents = documentJob({ ...job, bench: job.runs[0].bench }, 'Etc/UTC')
  const printed = documents.sections.find(({ heading }) => heading === 'Printed as the BAT')!
  expect(printed.rows.map(({ value }) => value).join()).toContain('Ochre tissue')
  expect(printed.rows.map(({ value }) => value).join()).toContain('without ink: beneath the piece')
  expect(documents.impressions.map(({ note }) => note)).toEqual([
    'Moon: Ochre tissue',
    'Moon: Straw tissue; rejected: piece',
  ])

  // What is given up for collage can be cut up for another print, and its artist is named there.
  expect(await loadCollagePrints()).toEqual([{ title: job.title, artist: job.artist, number: 2 }])
  await lay(job.slug, {
    ...moon(''),
    name: 'Sail',
    material: { from: 'print', name: job.title, artist: job.artist },
  })
  const cut = await loadJob(job.slug)
  const unapproved = documentJob({ ...cut, bats: [], bench: cut.runs[0].bench }, 'Etc/UTC')
  expect(unapproved.sections.find(({ heading }) => heading === 'Credits')!.rows).toContainEqual({
    label: 'Piece of a print',
    value: 'Sail, cut from “Mooring posts” by Ida Quill',
  })

  // The job file carries it all.
  const copy = await loadJob(await importJob(await exportJob(job.slug, at(20))))
  expect(copy.pulls.map(({ settings }) => settings.register.colle[0].material)).toEqual(
    cut.pulls.map(({ settings }) => settings.register.colle[0].material),
  )
})

it('a piece kept before it was asked what it is cut from comes back without', async () => {
  const { id } = await benchedJob()
  const { material: _, face: __, uninked: ___, ...before } = moon('')
  const cutting: Omit<ColleSetting, 'material' | 'face' | 'uninked'> = {
    ...before,
    allowanceMm: 0.5,
    cutFrom: 'face',
    grain: 'up',
    growthAlongPercent: 0.3,
    growthAcrossPercent: 1.5,
    sheetWidthMm: 300,
    sheetHeightMm: 400,
    pieces: 4,
  }
  await keepCollePiece(id, cutting, at())
  expect((await loadCollePieces(id))[0]).toMatchObject({ material: null, face: 'either', uninked: '' })
})
