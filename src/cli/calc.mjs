import { pathToFileURL } from 'node:url'
import { bundleCalc } from './bundleCalc.mjs'

await import(pathToFileURL(await bundleCalc()).href)
