import { readFile } from 'node:fs/promises'
import { text } from 'node:stream/consumers'
import { runCalc } from './runCalc'

const { exitCode, stdout, stderr } = await runCalc(process.argv.slice(2), (file) =>
  file === undefined ? text(process.stdin) : readFile(file, 'utf8'),
)
process.stdout.write(stdout)
process.stderr.write(stderr)
process.exitCode = exitCode
