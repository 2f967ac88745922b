import fc from 'fast-check'

/**
 * Property tests draw the same examples at every run, so that a red run says something of the change and not of the draw.
 * Other draws are made by hand: `TYPOTHESIS_SEED=… npm run test:unit`.
 */
fc.configureGlobal({ seed: Number(process.env.TYPOTHESIS_SEED ?? 20_261_126) })
