import path from 'node:path'
import { build } from 'esbuild'

/** Put together once, with the rest of the application. */
export const dynamic = 'force-static'

/** The worker that opens the pull desk without the server: one script, at the root, so that it may answer for all of the desk. */
export async function GET(): Promise<Response> {
  const { outputFiles } = await build({
    entryPoints: [path.join(process.cwd(), 'src/workers/desk.worker.ts')],
    bundle: true,
    minify: true,
    write: false,
    format: 'iife',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
  })
  return new Response(outputFiles[0].text, {
    headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
  })
}
