import os from 'node:os'

export const HOME_NAMES = ['localhost', '127.0.0.1', '[::1]']

/** Where this server listens, from its settings. */
export interface Binding {
  /** Address it is bound to. */
  bind: string
  port: string
  /** Whether other machines reach it. */
  isOpen: boolean
}

/** The binding as server.mjs sets it; `next dev` serves this machine only. */
export function binding(): Binding {
  const bind = process.env.GOLD_KETTLE_BIND || '127.0.0.1'
  return { bind, port: process.env.GOLD_KETTLE_PORT || '', isOpen: !isLoopback(bind) }
}

/** Whether an address is of this machine only. */
export function isLoopback(address: string): boolean {
  return address === 'localhost' || address === '::1' || address === '[::1]' || /^(::ffff:)?127\./.test(address)
}

const bracketed = (address: string): string => (address.includes(':') ? `[${address}]` : address)

/** Addresses and names by which other machines reach this one. */
export function networkNames(): string[] {
  const addresses = Object.values(os.networkInterfaces())
    .flatMap((one) => one ?? [])
    .filter(({ internal, address }) => !internal && !address.startsWith('fe80'))
    .map(({ address }) => bracketed(address))
  const host = os.hostname().toLowerCase()
  return [...new Set([...addresses, host, ...(host.includes('.') ? [] : [`${host}.local`])])]
}

/** Host headers that are answered, each with its port; names from `GOLD_KETTLE_HOSTS` too. */
export function servedHosts(): string[] {
  const { port, isOpen } = binding()
  const further = (process.env.GOLD_KETTLE_HOSTS ?? '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean)
  const names = [...HOME_NAMES, ...(isOpen ? networkNames() : []), ...further]
  if (port === '') return names
  return names.flatMap((name) => (/\]?:\d+$/.test(name) && !name.endsWith(']') ? [name] : [`${name}:${port}`]))
}
