import { z } from 'zod'
import { ENTRIES } from './entries'
import { Refusal } from './entry'

/** What the command would print and exit with; nothing is printed here, so that it can be tested. */
export interface CalcResult {
  exitCode: 0 | 2
  stdout: string
  stderr: string
}

const refuse = (line: string): CalcResult => ({ exitCode: 2, stdout: '', stderr: `${line}\n` })
const print = (value: unknown): CalcResult => ({
  exitCode: 0,
  stdout: `${JSON.stringify(value)}\n`,
  stderr: '',
})

/** A field as one writes it: `inks[0].k`. */
function fieldName(path: readonly PropertyKey[]): string {
  return path.reduce<string>((name, key) => {
    if (typeof key === 'number') return `${name}[${key}]`
    if (name) return `${name}.${String(key)}`
    return String(key)
  }, '')
}

/** The first problem on one line that names the field and what is allowed. */
export function describeProblem({ issues }: z.ZodError): string {
  const [issue] = issues
  if (issue.code === 'unrecognized_keys')
    return `${fieldName([...issue.path, issue.keys[0]])}: is not a field of this computation`
  return `${fieldName(issue.path) || 'input'}: ${issue.message.replace(/^Invalid input: /, '').replace(/\s*\n\s*/g, ' ')}`
}

/**
 * Runs one computation on the text of a JSON object.
 *
 * @param args the words after `calc`; @param readText reads the file named there, or standard input
 */
export async function runCalc(
  args: readonly string[],
  readText: (file: string | undefined) => Promise<string>,
): Promise<CalcResult> {
  const [name, second] = args
  if (name === '--list')
    return { exitCode: 0, stdout: ENTRIES.map((one) => `${one.name}: ${one.about}\n`).join(''), stderr: '' }
  const found = ENTRIES.find((one) => one.name === name)
  if (!found) return refuse(`${name ?? 'name'}: is not a computation; --list shows them`)
  if (second === '--schema') {
    const schema = (type: z.ZodType, io: 'input' | 'output') =>
      z.toJSONSchema(type, { io, unrepresentable: 'any' })
    return print({ input: schema(found.input, 'input'), output: schema(found.output, 'output') })
  }
  let document: unknown
  try {
    document = JSON.parse(await readText(second))
  } catch (error) {
    return refuse(
      error instanceof SyntaxError
        ? 'input: expected one JSON object'
        : `${second ?? 'input'}: cannot be read`,
    )
  }
  const input = found.input.safeParse(document)
  if (!input.success) return refuse(describeProblem(input.error))
  let result: unknown
  try {
    result = await found.run(input.data as never)
  } catch (error) {
    if (error instanceof Refusal) return refuse(`${error.field}: ${error.message}`)
    throw error
  }
  const output = found.output.safeParse(result)
  if (!output.success)
    return refuse(`input: leads to a result that is no finite number (${describeProblem(output.error)})`)
  return print(output.data)
}
