import { spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import path from 'node:path'

/** The project's folder; every command works from here, wherever it was called. */
export const ROOT = path.resolve(import.meta.dirname, '../..')

/** Settings every child gets: no telemetry, and Node's own headers where they lie beside it, for the one addon that compiles. */
export const ENVIRONMENT = {
  ...process.env,
  NEXT_TELEMETRY_DISABLED: '1',
  ...(existsSync(path.join(process.execPath, '../../include/node/node.h'))
    ? { npm_config_nodedir: path.resolve(process.execPath, '../..') }
    : {}),
}

/** Runs a command to its end with its output shown; answers whether it succeeded. */
export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: ROOT, env: ENVIRONMENT, stdio: 'inherit', ...options }).status === 0
}

/** As `run`, but a failure ends the whole command with a reason. */
export function must(what, command, args, options) {
  if (run(command, args, options)) return
  console.error(`\n${what} failed; what it said stands above.`)
  process.exit(1)
}

const has = (command) => spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0
const isRoot = () => process.getuid?.() === 0

/** Installs Debian packages when that is possible here; answers whether it tried. */
export function installWithApt(packages) {
  if (!isRoot() || !has('apt-get')) return false
  const env = { ...ENVIRONMENT, DEBIAN_FRONTEND: 'noninteractive' }
  run('apt-get', ['update', '-qq'], { env })
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { env })
}

const changedAt = (file) => (existsSync(file) ? statSync(file).mtimeMs : 0)

/** Newest change of any file below the given places, ms. */
export function newest(places) {
  return Math.max(
    0,
    ...places.map((place) => {
      if (!existsSync(place)) return 0
      if (!statSync(place).isDirectory()) return changedAt(place)
      return newest(readdirSync(place).map((name) => path.join(place, name)))
    }),
  )
}

/** The one addon that compiles, and how that is done. */
export const DRIVER = path.join(ROOT, 'node_modules/sqlite3/build/Release/node_sqlite3.node')
export const REBUILD_DRIVER = ['npm', ['rebuild', 'sqlite3', 'esbuild']]
/** Compiled here and not fetched; optimised no further than anybody notices, which takes half the time. */
export const DRIVER_ENVIRONMENT = {
  ...ENVIRONMENT,
  npm_config_build_from_source: 'true',
  CFLAGS: '-O1',
  CXXFLAGS: '-O1',
}

/**
 * Installs the packages when they are missing or older than the lock file.
 *
 * @param scripts false leaves the driver uncompiled, for whoever compiles it beside other work
 */
export function installPackages({ scripts = true } = {}) {
  const lock = path.join(ROOT, 'package-lock.json')
  const isInstalled = changedAt(path.join(ROOT, 'node_modules/.package-lock.json')) >= changedAt(lock)
  if (isInstalled && (existsSync(DRIVER) || !scripts)) return
  // The driver's build needs these two beside the compiler.
  const missing = [
    ['python3', 'python3'],
    ['make', 'make'],
  ]
    .filter(([command]) => !has(command))
    .map(([, name]) => name)
  if (missing.length > 0) installWithApt(missing)
  if (!isInstalled) {
    console.log('Installing the packages…')
    must('Installing the packages', 'npm', ['ci', '--no-audit', '--no-fund', '--ignore-scripts'])
  }
  if (!scripts) return
  console.log('The database driver compiles, which takes about a minute…')
  must('The database driver', ...REBUILD_DRIVER, { env: DRIVER_ENVIRONMENT })
}

/** Builds the application when it was never built or its sources are newer. */
export function buildApplication() {
  const sources = [
    'src',
    'demo',
    'next.config.ts',
    'postcss.config.mjs',
    'tsconfig.json',
    'package-lock.json',
  ].map((name) => path.join(ROOT, name))
  if (changedAt(path.join(ROOT, '.next/BUILD_ID')) >= newest(sources)) return
  console.log('Building…')
  must('The build', process.execPath, ['node_modules/next/dist/bin/next', 'build'])
}
