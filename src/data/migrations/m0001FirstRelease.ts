import { json, jobKey, key, numberKey, ofJob, optionalJson, optionalReal, optionalText, optionalWhole, real, serial, text, whole, yesNo } from './columns'
import type { Migration } from './migration'

/** The tables of the first release, and what the database itself forbids. */
export const m0001FirstRelease: Migration = {
  name: '0001-first-release',
  columns: {
    workshops: { id: numberKey, name: text, namedAt: text },
    mornings: { id: serial, at: text, readings: json },
    inks: { id: key, name: text, kind: text, k: json, s: json, viscosityPas: real, source: text, forecastable: yesNo, note: text, tubeGrams: optionalReal, gramsLeft: optionalReal, weighedAt: optionalText, openedOn: optionalText, keepsOpenDays: optionalReal, pricePerKg: optionalReal },
    cards: { id: key, name: text, createdAt: text },
    card_versions: { cardId: { ...key, references: { model: 'cards', key: 'id' } }, version: numberKey, mix: json, why: text, by: text, at: text },
    batches: { id: key, cardId: { ...text, references: { model: 'cards', key: 'id' } }, version: whole, weighed: json, additions: json, measured: optionalJson, madeAt: text, by: text, usableUntil: text },
    baths: { id: key, name: text, recipe: text, volumeMl: real, madeAt: text, by: text, note: text, endedAt: optionalText },
    bath_uses: { id: serial, bathId: { ...text, references: { model: 'baths', key: 'id' } }, plate: text, openAreaCm2: real, minutes: real, depthMicrometres: optionalReal, lossGrams: optionalReal, at: text, by: text },
    bite_strips: { id: key, name: text, strip: json, at: text },
    calibrations: { id: serial, at: text, calibration: json },
    papers: { id: key, name: text, gsm: real, caliperMm: real, sheetWidthMm: real, sheetHeightMm: real, grain: text, reflectance: json, sheetsReceived: whole, note: text },
    weigh_ins: { id: serial, paperId: { ...text, references: { model: 'papers', key: 'id' } }, seconds: real, uptakePercent: real, at: text },
    presses: { id: key, name: text, rollerRadiusMm: real, bedWidthMm: real, thread: text, mmPerTurn: real, zeroedAt: optionalText, note: text },
    packs: { id: key, name: text, layers: json },
    images: { id: key, name: text, format: text, widthPx: whole, heightPx: whole, bytes: whole, keptAt: text },
    jobs: { id: key, slug: { ...text, unique: true }, title: text, artist: text, editionSize: whole, revision: whole, createdAt: text },
    runs: { jobId: jobKey, position: numberKey, name: text, bench: json },
    plate_states: { jobId: jobKey, state: numberKey, note: text, openedAt: text, imageId: { ...optionalText, references: { model: 'images', key: 'id' } } },
    pulls: {
      jobId: jobKey, id: key, place: whole, runPosition: whole, kind: text, number: whole, sheet: whole, paperId: text, pulledAt: text, zone: text,
      estimated: yesNo, settings: json, hands: json, expected: optionalText, expectation: text, batVersion: optionalWhole,
    },
    pull_events: { id: serial, jobId: ofJob, pullId: text, subject: text, event: json, at: text, by: text, why: optionalText },
    bats: { jobId: jobKey, version: numberKey, proofPullId: text, runs: json, approvedBy: text, approvedAt: text, reason: text },
    prints: { jobId: jobKey, pullId: key, place: whole, kind: text, number: whole, mark: text, numberedAt: text },
    dryings: { id: serial, jobId: ofJob, method: text, laidAt: text, readyAt: text, by: text },
    bite_plans: { jobId: jobKey, stripId: { ...text, references: { model: 'bite_strips', key: 'id' } }, plan: json, at: text },
    ink_weighings: { id: serial, jobId: ofJob, grams: real, pulls: whole, at: text, by: text },
  },
  indexes: [
    ['pulls', ['jobId', 'runPosition', 'kind', 'number'], true],
    ['pulls', ['jobId', 'place'], true],
    ['pulls', ['paperId'], false],
    ['pull_events', ['jobId', 'pullId', 'subject'], false],
    ['prints', ['jobId', 'mark'], true],
    ['dryings', ['jobId'], false],
    ['batches', ['cardId'], false],
    ['bath_uses', ['bathId'], false],
    ['weigh_ins', ['paperId'], false],
    ['ink_weighings', ['jobId'], false],
  ],
}
