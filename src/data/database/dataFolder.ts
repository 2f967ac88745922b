import path from 'node:path'

/** The one folder everything of a workshop is kept in: `TYPOTHESIS_DATA`, or `data` where the application was started. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.env.TYPOTHESIS_DATA ?? 'data')
}
