import { describe, expect, it } from 'vitest'
import { hostOf, isLoopback, isPrivate, ownPrivateAddresses } from './privateAddresses'

describe('private addresses (RFC 1918, RFC 4193)', () => {
  it('end where the standards say', () => {
    for (const address of [
      '10.0.0.0',
      '10.255.255.255',
      '172.16.0.0',
      '172.31.255.255',
      '192.168.0.0',
      '192.168.255.255',
      'fc00::',
      'fdff:ffff:ffff:ffff:ffff:ffff:ffff:ffff',
    ])
      expect(isPrivate(address), address).toBe(true)
    for (const address of [
      '9.255.255.255',
      '11.0.0.0',
      '172.15.255.255',
      '172.32.0.0',
      '192.167.255.255',
      '192.169.0.0',
      'fbff::1',
      'fe00::1',
      '203.0.113.5',
      '127.0.0.1',
      '0.0.0.0',
      '::',
      'bench',
      '',
    ])
      expect(isPrivate(address), address).toBe(false)
  })
  it('tell this machine’s own voice apart', () => {
    expect(['127.0.0.1', '127.9.9.9', '::1'].every(isLoopback)).toBe(true)
    expect(['10.0.0.1', '::2', 'localhost'].some(isLoopback)).toBe(false)
  })
  it('are found among a machine’s own, without those of the world', () => {
    const one = (address: string, family: 'IPv4' | 'IPv6', internal = false) =>
      ({ address, family, internal, netmask: '', mac: '', cidr: null, scopeid: 0 }) as never
    expect(
      ownPrivateAddresses({
        lo: [one('127.0.0.1', 'IPv4', true)],
        wire: [
          one('fd00::2', 'IPv6'),
          one('203.0.113.9', 'IPv4'),
          one('192.168.1.20', 'IPv4'),
          one('fe80::1', 'IPv6'),
        ],
      }),
    ).toEqual(['192.168.1.20', 'fd00::2'])
    expect([hostOf('192.168.1.20', 3443), hostOf('fd00::2', 3443)]).toEqual([
      '192.168.1.20:3443',
      '[fd00::2]:3443',
    ])
  })
})
