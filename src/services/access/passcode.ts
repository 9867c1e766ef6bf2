import { randomBytes, scrypt, timingSafeEqual, createHash } from 'node:crypto'
import { InputError } from '@/core/base/InputError'
import { type Access, readAccess, writeAccess } from './accessFile'

export const MIN_PASSCODE = 8
const MAX_PASSCODE = 200

/** Parameters of scrypt: 64 MiB and about a quarter of a second for each try. Common practice for passwords. */
const COST = 2 ** 16
const BLOCK_SIZE = 8
const PARALLELIZATION = 1
const KEY_BYTES = 32

/** Wrong tries before the first pause. */
const FREE_TRIES = 5
const FIRST_PAUSE_S = 30
const LONGEST_PAUSE_S = 3600

const SESSION_DAYS = 30
const SESSION_BYTES = 32
const MAX_SESSIONS = 20

type Parameters = Pick<Access['passcode'], 'salt' | 'cost' | 'blockSize' | 'parallelization'>

function derive(passcode: string, { salt, cost, blockSize, parallelization }: Parameters): Promise<Buffer> {
  const options = { N: cost, r: blockSize, p: parallelization, maxmem: 256 * cost * blockSize }
  return new Promise((resolve, reject) => {
    scrypt(passcode.normalize('NFKC'), Buffer.from(salt, 'base64'), KEY_BYTES, options, (error, key) =>
      error ? reject(error) : resolve(key),
    )
  })
}

/**
 * Sets the passcode for use from the network. All browsers are signed out.
 *
 * @throws InputError when it is too short or too long
 */
export async function setPasscode(passcode: string): Promise<void> {
  if (passcode.length < MIN_PASSCODE || passcode.length > MAX_PASSCODE) {
    throw new InputError('passcode', `A passcode has ${MIN_PASSCODE} to ${MAX_PASSCODE} characters.`)
  }
  const salt = randomBytes(16).toString('base64')
  const parameters = { salt, cost: COST, blockSize: BLOCK_SIZE, parallelization: PARALLELIZATION }
  const hash = (await derive(passcode, parameters)).toString('base64')
  writeAccess({ passcode: { ...parameters, hash }, sessions: [], failures: 0, lockedUntil: null })
}

/** Seconds to wait after this many wrong tries: twice as long each time. */
export function pauseS(failures: number): number {
  return failures < FREE_TRIES ? 0 : Math.min(FIRST_PAUSE_S * 2 ** (failures - FREE_TRIES), LONGEST_PAUSE_S)
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** What came of a try to sign in. */
export type SignIn =
  { outcome: 'in'; token: string; maxAgeS: number } | { outcome: 'wrong' } | { outcome: 'paused'; seconds: number }

/** Tries are looked at one after another, so that a thousand at once are no thousand tries. */
let turn: Promise<unknown> = Promise.resolve()

async function tryPasscode(passcode: string, now: Date): Promise<SignIn> {
  const access = readAccess()
  if (!access) return { outcome: 'wrong' }
  const lockedMs = access.lockedUntil === null ? 0 : Date.parse(access.lockedUntil) - now.getTime()
  if (lockedMs > 0) return { outcome: 'paused', seconds: Math.ceil(lockedMs / 1000) }
  const known = Buffer.from(access.passcode.hash, 'base64')
  const isRight = passcode.length <= MAX_PASSCODE && timingSafeEqual(await derive(passcode, access.passcode), known)
  if (!isRight) {
    const failures = access.failures + 1
    const pause = pauseS(failures)
    const lockedUntil = pause > 0 ? new Date(now.getTime() + pause * 1000).toISOString() : null
    writeAccess({ ...access, failures, lockedUntil })
    return { outcome: 'wrong' }
  }
  const token = randomBytes(SESSION_BYTES).toString('base64url')
  const maxAgeS = SESSION_DAYS * 24 * 3600
  const session = { hash: hashOf(token), expiresAt: new Date(now.getTime() + maxAgeS * 1000).toISOString() }
  const standing = access.sessions.filter(({ expiresAt }) => Date.parse(expiresAt) > now.getTime())
  const sessions = [session, ...standing].slice(0, MAX_SESSIONS)
  writeAccess({ ...access, sessions, failures: 0, lockedUntil: null })
  return { outcome: 'in', token, maxAgeS }
}

/**
 * Tries a passcode. After five wrong ones each further try has to wait, longer each time.
 *
 * @returns the random number for the browser's cookie when it is right
 */
export function signIn(passcode: string, now: Date): Promise<SignIn> {
  const mine = turn.then(() => tryPasscode(passcode, now))
  turn = mine.catch(() => undefined)
  return mine
}

/** Whether a cookie belongs to a session that is still valid. */
export function isSignedIn(token: string | undefined, now: Date): boolean {
  if (!token) return false
  const hash = hashOf(token)
  const sessions = readAccess()?.sessions ?? []
  return sessions.some((one) => one.hash === hash && Date.parse(one.expiresAt) > now.getTime())
}

/** Ends all sessions, in every browser. */
export function signOutEverywhere(): void {
  const access = readAccess()
  if (access) writeAccess({ ...access, sessions: [] })
}
