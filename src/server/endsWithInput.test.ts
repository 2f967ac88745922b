import { existsSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { FLEETING, removeFleeting } from './endsWithInput'

describe('a folder that is thrown away at its end', () => {
  it('is removed, and nobody else’s folder is, whatever it is called', () => {
    const fleeting = mkdtempSync(path.join(tmpdir(), FLEETING))
    removeFleeting(fleeting)
    expect(existsSync(fleeting)).toBe(false)
    const own = mkdtempSync(path.join(tmpdir(), 'typothesis-own-'))
    const deeper = path.join(own, `${FLEETING}x`)
    mkdirSync(deeper)
    removeFleeting(own)
    removeFleeting(deeper)
    expect(existsSync(deeper)).toBe(true)
    rmSync(own, { recursive: true })
  })
})
