import { sampleDay } from './sampleDay.test.fixture'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { chanceBy, endOf, playDays } from './chanceOfFinishing'
import {
  daySettingSchema,
  latestStart,
  planDay,
  pullsThatFit,
  whatToRelax,
  type DaySetting,
  type SheetFacts,
} from './dayPlan'
import { blotToRoller, dayFacts } from './keptDay'
import { learnCycle } from './learnedCycle'
import { ACT_WORDS, actsToCome, nextAtTheTub } from './nextActs'

const setting = sampleDay
const START = 9.5 * 60

const anySetting = fc.record({
  pulls: fc.integer({ min: 1, max: 16 }),
  setUpMinutes: fc.integer({ min: 0, max: 60 }),
  inkWipeMinutes: fc.integer({ min: 3, max: 40 }),
  pullMinutes: fc.integer({ min: 1, max: 15 }),
  cleanUpMinutes: fc.integer({ min: 0, max: 40 }),
  soakMinutes: fc.integer({ min: 0, max: 90 }),
  drainMinutes: fc.integer({ min: 0, max: 10 }),
  windowMinutes: fc.integer({ min: 5, max: 60 }),
  tubSheets: fc.integer({ min: 1, max: 6 }),
  dryingPlaces: fc.constant(null),
})
const anyBreaks = fc
  .array(fc.integer({ min: 0, max: 400 }), { maxLength: 2 })
  .map((starts) => starts.map((from) => ({ from: START + from, to: START + from + 30 })))

describe('a day, planned', () => {
  it('worked by hand: set up 30, ink 14: first pull after 44; then every 20; 12 are done after 44 + 11 · 20 + 6 = 270', () => {
    const plan = planDay(setting, START)
    expect(plan.sheets[0]).toMatchObject({ pullAt: START + 44, inAt: START + 10, liftAt: START + 40 })
    expect(plan.sheets[11].pullAt).toBe(START + 264)
    expect([plan.printedAt, plan.endAt, plan.cycleMinutes, plan.bottleneck]).toEqual([
      START + 270,
      START + 295,
      20,
      'wiping',
    ])
  })
  it('a tub for one sheet is the bottleneck: every 30 minutes', () => {
    const plan = planDay({ ...setting, tubSheets: 1 }, START)
    expect([plan.cycleMinutes, plan.bottleneck]).toEqual([30, 'tub'])
    expect(plan.sheets[2].pullAt - plan.sheets[1].pullAt).toBe(30)
  })
  it('every sheet soaks equally long, the tub is never fuller than it may be, and pulls never overlap (property)', () => {
    fc.assert(
      fc.property(anySetting, anyBreaks, (one, breaks) => {
        const { sheets } = planDay(one, START, breaks)
        for (const { inAt, liftAt, pullAt, inkAt, readyAt } of sheets) {
          expect(liftAt - inAt).toBeCloseTo(one.soakMinutes, 9)
          expect(inAt).toBeGreaterThanOrEqual(START - 1e-9)
          expect(pullAt).toBeGreaterThanOrEqual(readyAt - 1e-9)
          expect(pullAt - inkAt).toBeCloseTo(one.inkWipeMinutes, 9)
          for (const { from, to } of breaks) {
            expect(inkAt >= to - 1e-9 || pullAt + one.pullMinutes <= from + 1e-9).toBe(true)
            for (const act of [inAt, liftAt]) expect(act > from + 1e-9 && act < to - 1e-9).toBe(false)
          }
        }
        sheets
          .slice(1)
          .forEach(({ inkAt }, i) =>
            expect(inkAt).toBeGreaterThanOrEqual(sheets[i].pullAt + one.pullMinutes - 1e-9),
          )
        for (const { inAt } of sheets)
          expect(
            sheets.filter((other) => other.inAt <= inAt + 1e-9 && other.liftAt > inAt + 1e-9).length,
          ).toBeLessThanOrEqual(one.tubSheets)
      }),
      { numRuns: 150 },
    )
  })
  it('backward: the latest start ends by the wish, and a minute later does not (property)', () => {
    fc.assert(
      fc.property(anySetting, (one) => {
        const finish = 18 * 60
        const start = latestStart(one, finish)!
        expect(planDay(one, start).endAt).toBeLessThanOrEqual(finish)
        expect(planDay(one, start + 1).endAt).toBeGreaterThan(finish)
      }),
      { numRuns: 60 },
    )
  })
  it('how many fit: as many as end in time, and one more does not', () => {
    const fit = pullsThatFit(setting, START, 16 * 60)
    expect(planDay({ ...setting, pulls: fit }, START).endAt).toBeLessThanOrEqual(16 * 60)
    expect(planDay({ ...setting, pulls: fit + 1 }, START).endAt).toBeGreaterThan(16 * 60)
    expect(pullsThatFit(setting, START, START + 10)).toBe(0)
  })
  it('that does not fit says what to relax, the most helpful first', () => {
    const ways = whatToRelax({ ...setting, tubSheets: 1 }, START, [{ from: START + 100, to: START + 145 }])
    expect(ways.map(({ winsMinutes }) => winsMinutes)).toEqual(
      ways.map(({ winsMinutes }) => winsMinutes).sort((a, b) => b - a),
    )
    expect(ways.some(({ words }) => words === 'a tub for 2 sheets')).toBe(true)
  })
  it('a break costs its length and what the clock makes of it, not a second soak', () => {
    const rest = { from: START + 180, to: START + 210 }
    const usual = { ...setting, tubSheets: 4 }
    const lost = planDay(usual, START, [rest]).endAt - planDay(usual, START).endAt
    expect(lost).toBeGreaterThanOrEqual(30)
    // What was begun cannot be finished before it: at the most an inking and a pull more.
    expect(lost).toBeLessThanOrEqual(30 + setting.inkWipeMinutes + setting.pullMinutes)
    const through = whatToRelax(usual, START, [rest]).find(({ words }) => words === 'work through the breaks')
    expect(through!.winsMinutes).toBeCloseTo(lost, 9)
    for (const { pullAt, readyAt, inAt, liftAt } of planDay(usual, START, [rest]).sheets) {
      expect(pullAt - readyAt).toBeLessThanOrEqual(setting.windowMinutes + 1e-9)
      expect(liftAt - inAt).toBeCloseTo(setting.soakMinutes, 9)
    }
  })
  it('names what it cannot take', () =>
    expect(
      daySettingSchema
        .safeParse({ ...setting, pulls: 0, inkWipeMinutes: -1 })
        .error!.issues.map(({ path }) => path[0]),
    ).toEqual(['pulls', 'inkWipeMinutes']))
})

describe('a day, lived', () => {
  it('two delays: the rest moves, sheets in the water are lifted on time, every soak is the same to under a minute', () => {
    const facts = new Map<number, SheetFacts>()
    const note = (sheet: number, patch: Partial<SheetFacts>) =>
      facts.set(sheet, {
        ...(facts.get(sheet) ?? { sheet, inAt: null, liftedAt: null, pulledAt: null }),
        ...patch,
      })
    for (let now = START; now < START + 600; now += 0.5) {
      const plan = planDay(setting, START, [], [...facts.values()], now)
      for (const { sheet, inAt, liftAt, pullAt, standing } of plan.sheets) {
        if (standing === 'to-come' && inAt <= now) note(sheet, { inAt: now })
        if (standing === 'soaking' && liftAt <= now) note(sheet, { liftedAt: now })
        // Pulls 4 and 9 come 17 and 25 minutes late.
        const late = { 4: 17, 9: 25 }[sheet] ?? 0
        const due = Math.max(
          pullAt,
          (facts.get(sheet - 1)?.pulledAt ?? START + 24) +
            setting.pullMinutes +
            setting.inkWipeMinutes +
            late,
        )
        if (standing === 'waiting' && due <= now) note(sheet, { pulledAt: now })
      }
      if ([...facts.values()].filter(({ pulledAt }) => pulledAt !== null).length === 12) break
    }
    const all = [...facts.values()]
    expect(all.filter(({ pulledAt }) => pulledAt !== null)).toHaveLength(12)
    for (const { inAt, liftedAt } of all)
      expect(Math.abs(liftedAt! - inAt! - setting.soakMinutes)).toBeLessThan(1)
  })
  it('a sheet that waits longer than it stays good is said', () => {
    const plan = planDay(
      setting,
      START,
      [],
      [{ sheet: 1, inAt: START, liftedAt: START + 30, pulledAt: null }],
      START + 120,
    )
    expect(plan.sheets[0]).toMatchObject({ isStale: true, standing: 'waiting', pullAt: START + 120 })
  })
})

describe('the chance of finishing', () => {
  it('without any straying every day ends as planned', () => {
    const ends = playDays(setting, START, [], { inkWipe: 0, pull: 0 }, 50, 1)!
    expect(new Set(ends)).toEqual(new Set([planDay(setting, START).endAt]))
  })
  it('is the plan itself when nothing strays, whatever the breaks (property)', () => {
    fc.assert(
      fc.property(anySetting, anyBreaks, (one, breaks) => {
        const ends = playDays(one, START, breaks, { inkWipe: 0, pull: 0 }, 3, 1)!
        expect(ends[2]).toBeCloseTo(planDay(one, START, breaks).endAt, 9)
      }),
      { numRuns: 60 },
    )
  })
  it('is known in closed form where nothing waits: the mean of a sum of log-normals', () => {
    const easy: DaySetting = { ...setting, soakMinutes: 0, drainMinutes: 0, tubSheets: 50 }
    const spread = { inkWipe: 0.2, pull: 0.15 }
    const ends = playDays(easy, 0, [], spread, 20_000, 7)!
    const mean = ends.reduce((sum, end) => sum + end, 0) / ends.length
    const wanted =
      easy.setUpMinutes + 12 * (14 * Math.exp(0.02) + 6 * Math.exp(0.15 ** 2 / 2)) + easy.cleanUpMinutes
    expect(mean).toBeCloseTo(wanted, 0)
    // Deviation of the sum: √(12 · (14² e^{s²}(e^{s²}−1) + …)); the normal's 10th and 90th in a hundred lie 1.2816 of it away.
    const sd = Math.sqrt(
      12 *
        (14 ** 2 * Math.exp(0.04) * (Math.exp(0.04) - 1) +
          6 ** 2 * Math.exp(0.0225) * (Math.exp(0.0225) - 1)),
    )
    expect((endOf(ends, 0.9) - endOf(ends, 0.1)) / 2).toBeCloseTo(1.2816 * sd, 0)
  })
  it('rises with the time given, and is the same for the same seed', () => {
    const play = () => playDays(setting, START, [], { inkWipe: 0.2, pull: 0.2 }, 2000, 3)!
    const chances = [280, 290, 300, 310, 330].map((minutes) => chanceBy(play(), START + minutes))
    expect([...chances].sort((a, b) => a - b)).toEqual(chances)
    expect(play()).toEqual(play())
  })
  it('can be ended early', () =>
    expect(
      playDays(setting, START, [], { inkWipe: 0.1, pull: 0.1 }, 5000, 3, (done) => done < 0.3),
    ).toBeNull())
})

describe('the cycle learned from pulls', () => {
  const pulls = (gaps: number[], wipeSeconds: number | null = null, day = '2031-05-02') => {
    let minute = 0
    return [0, ...gaps].map((gap) => ({
      pulledAt: new Date(Date.parse(`${day}T08:00:00Z`) + (minute += gap) * 60_000).toISOString(),
      zone: 'Etc/UTC',
      wipeSeconds,
    }))
  }
  it('is the median gap, a lunch left out', () =>
    expect(learnCycle(pulls([22, 20, 75, 24, 21, 22]))).toMatchObject({ cycleMinutes: 22, from: 5 }))
  it('gaps over night are none', () =>
    expect(learnCycle([...pulls([20]), ...pulls([20], null, '2031-05-03')])).toMatchObject({
      cycleMinutes: 20,
      from: 2,
    }))
  it('seven tenths of it are inking and wiping; a timed wipe is a part of that, and as much at least', () => {
    // Five minutes of wiping do not make fifteen of pulling.
    expect(learnCycle(pulls([20, 20], 300))).toMatchObject({ inkWipeMinutes: 14, pullMinutes: 6 })
    expect(learnCycle(pulls([20, 20], 960))).toMatchObject({ inkWipeMinutes: 16, pullMinutes: 4 })
    expect(learnCycle(pulls([20, 20]))!.inkWipeMinutes).toBeCloseTo(14, 9)
  })
  it('its parts stray so that the cycle strays as it did', () => {
    const gaps = [18, 22, 20, 25, 16, 20, 21, 19, 23, 17]
    const { spread, cycleMinutes, inkWipeMinutes, pullMinutes } = learnCycle(pulls(gaps))!
    const logs = gaps.map((gap) => Math.log(gap / cycleMinutes))
    const sd = Math.sqrt(logs.reduce((sum, one) => sum + one * one, 0) / (logs.length - 1))
    // Of a sum of two parts that stray by little: the deviations add as squares, in minutes.
    const together = Math.hypot(inkWipeMinutes * spread.inkWipe, pullMinutes * spread.pull) / cycleMinutes
    expect(together).toBeCloseTo(sd, 9)
  })
  it('few pulls have the usual spread; equal ones none; one pull says nothing', () => {
    expect(learnCycle(pulls([20, 21]))!.spread.inkWipe).toBe(0.18)
    expect(learnCycle(pulls([20, 20, 20, 20, 20, 20]))!.spread.inkWipe).toBeCloseTo(0, 9)
    expect(learnCycle(pulls([]))).toBeNull()
  })
})

describe('what is done next', () => {
  it('a sheet that is printed dry has nothing to do at the tub', () => {
    const acts = actsToCome(planDay({ ...setting, pulls: 2, soakMinutes: 0 }, 0))
    expect(acts.map(({ kind }) => kind)).toEqual(['ink', 'pull', 'ink', 'pull'])
  })
  it('goes by the clock, and at the same minute the water comes first', () => {
    const acts = actsToCome(planDay({ ...setting, pulls: 2, soakMinutes: 30, drainMinutes: 0 }, 0))
    expect(acts.map(({ kind, sheet, at }) => [kind, sheet, at])).toEqual([
      ['in', 1, 14],
      ['ink', 1, 30],
      ['in', 2, 34],
      ['lift', 1, 44],
      ['pull', 1, 44],
      ['ink', 2, 50],
      ['lift', 2, 64],
      ['pull', 2, 64],
    ])
    expect(nextAtTheTub(acts)).toMatchObject({ kind: 'in', sheet: 1 })
    expect(ACT_WORDS.lift(4)).toBe('Lift sheet 4')
  })
  it('what was done is not to come', () => {
    const plan = planDay(
      { ...setting, pulls: 1 },
      0,
      [],
      [{ sheet: 1, inAt: 10, liftedAt: 40, pulledAt: null }],
      41,
    )
    expect(actsToCome(plan).map(({ kind }) => kind)).toEqual(['ink', 'pull'])
    expect(nextAtTheTub(actsToCome(plan))).toBeNull()
  })
})

describe('what happened on a day', () => {
  const start = '2031-03-30T00:30:00.000Z'
  const at = (minutes: number) => new Date(Date.parse(start) + minutes * 60_000).toISOString()
  it('is told in minutes from its beginning, across midnight and a change of the clocks', () => {
    // In Lisbon the clocks go forward at 01:00 UTC on this day: minutes are counted on the instants, so nothing jumps.
    expect(
      dayFacts(start, [
        { sheet: 1, kind: 'in', at: at(20) },
        { sheet: 1, kind: 'lift', at: at(50) },
      ]),
    ).toEqual([{ sheet: 1, inAt: 20, liftedAt: 50, pulledAt: null }])
  })
  it('said twice, the first word holds', () =>
    expect(
      dayFacts(start, [
        { sheet: 1, kind: 'in', at: at(20) },
        { sheet: 1, kind: 'in', at: at(31) },
      ])[0].inAt,
    ).toBe(20))
  it('pulls of the job fill the sheets in order, and earlier ones do not count', () => {
    const facts = dayFacts(start, [{ sheet: 1, kind: 'pull', at: at(60) }], [at(-100), at(95), at(80)])
    expect(facts.map(({ sheet, pulledAt }) => [sheet, pulledAt])).toEqual([
      [1, 60],
      [2, 80],
      [3, 95],
    ])
  })
})

describe('from blotted to the roller', () => {
  it('is counted for every sheet of which both are known, and moves no fact', () => {
    const [startAt, day] = [
      '2031-05-02T08:00:00.000Z',
      (minute: number) => new Date(Date.parse('2031-05-02T08:00:00.000Z') + minute * 60_000).toISOString(),
    ]
    const events = [
      { sheet: 1, kind: 'in' as const, at: day(0) },
      { sheet: 1, kind: 'lift' as const, at: day(30) },
      { sheet: 1, kind: 'blot' as const, at: day(34) },
      { sheet: 2, kind: 'blot' as const, at: day(50) },
    ]
    const facts = dayFacts(startAt, events, [day(41.5)])
    expect(facts).toEqual([{ sheet: 1, inAt: 0, liftedAt: 30, pulledAt: 41.5 }])
    expect(blotToRoller(startAt, events, facts)).toEqual([{ sheet: 1, minutes: 7.5 }])
  })
})
