import { BlockList, isIP } from 'node:net'
import { networkInterfaces } from 'node:os'

/** Networks that no router passes on to the world: RFC 1918 and, for IPv6, RFC 4193. */
export const PRIVATE_NETWORKS = [
  { network: '10.0.0.0', bits: 8, family: 'ipv4' },
  { network: '172.16.0.0', bits: 12, family: 'ipv4' },
  { network: '192.168.0.0', bits: 16, family: 'ipv4' },
  { network: 'fc00::', bits: 7, family: 'ipv6' },
] as const

/** This machine speaking to itself: no network at all, for a trial of sharing. */
const LOOPBACK = [
  { network: '127.0.0.0', bits: 8, family: 'ipv4' },
  { network: '::1', bits: 128, family: 'ipv6' },
] as const

const listOf = (networks: typeof PRIVATE_NETWORKS | typeof LOOPBACK): BlockList => {
  const list = new BlockList()
  for (const { network, bits, family } of networks) list.addSubnet(network, bits, family)
  return list
}
const inside = (list: BlockList, address: string): boolean => {
  const family = isIP(address)
  return family !== 0 && list.check(address, family === 6 ? 'ipv6' : 'ipv4')
}
const [OF_PRIVATE, OF_LOOPBACK] = [listOf(PRIVATE_NETWORKS), listOf(LOOPBACK)]

/** Whether an address is one of a private network. */
export const isPrivate = (address: string): boolean => inside(OF_PRIVATE, address)

/** Whether an address is this machine's own, that nobody else can reach. */
export const isLoopback = (address: string): boolean => inside(OF_LOOPBACK, address)

/** The private addresses this machine has, IPv4 first: they are shorter to type. */
export function ownPrivateAddresses(interfaces = networkInterfaces()): string[] {
  const all = Object.values(interfaces).flatMap((list) => list ?? [])
  return all
    .filter(({ address, internal }) => !internal && isPrivate(address))
    .sort((a, b) => a.family.localeCompare(b.family))
    .map(({ address }) => address)
}

/** An address with its port, as an address of a page has it. */
export const hostOf = (address: string, port: number): string =>
  isIP(address) === 6 ? `[${address}]:${port}` : `${address}:${port}`
