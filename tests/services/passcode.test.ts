import fs from 'node:fs'
import { InputError } from '@/core/base/InputError'
import { readAccess, writeAccess } from '@/services/access/accessFile'
import { isSignedIn, pauseS, setPasscode, signIn, signOutEverywhere } from '@/services/access/passcode'
import { temporaryFile } from '@tests/records/temporary'

const PASSCODE = 'kettle on the stove'
const now = new Date('2026-11-24T12:00:00Z')
const after = (seconds: number): Date => new Date(now.getTime() + seconds * 1000)

beforeEach(async () => {
  process.env.GOLD_KETTLE_DB = temporaryFile()
  await setPasscode(PASSCODE)
})
afterAll(() => {
  delete process.env.GOLD_KETTLE_DB
})

async function token(): Promise<string> {
  const result = await signIn(PASSCODE, now)
  if (result.outcome !== 'in') throw new Error(result.outcome)
  return result.token
}

test('a passcode has 8 characters or more', async () => {
  await expect(setPasscode('1234567')).rejects.toBeInstanceOf(InputError)
  await expect(setPasscode('x'.repeat(201))).rejects.toBeInstanceOf(InputError)
})

test('neither the passcode nor a session can be read from the file', async () => {
  const secret = await token()
  const file = `${process.env.GOLD_KETTLE_DB}.access.json`
  const stored = fs.readFileSync(file, 'utf8')
  expect(stored).not.toContain(PASSCODE)
  expect(stored).not.toContain(secret)
  expect(Buffer.from(secret, 'base64url')).toHaveLength(32)
  expect(fs.statSync(file).mode & 0o077).toBe(0)
})

test('the right passcode gives a session, which ends by its time, by signing out, and by a new passcode', async () => {
  const first = await token()
  expect(isSignedIn(first, now)).toBe(true)
  expect(isSignedIn(`${first}x`, now)).toBe(false)
  expect(isSignedIn('', now)).toBe(false)
  expect(isSignedIn(undefined, now)).toBe(false)
  expect(isSignedIn(first, after(31 * 86_400))).toBe(false)
  signOutEverywhere()
  expect(isSignedIn(first, now)).toBe(false)
  const second = await token()
  await setPasscode('another passcode')
  expect(isSignedIn(second, now)).toBe(false)
  expect((await signIn(PASSCODE, now)).outcome).toBe('wrong')
})

test('a thousand guesses at once get nowhere: five are looked at', async () => {
  const outcomes = await Promise.all(
    Array.from({ length: 1000 }, (_, i) => signIn(i === 999 ? PASSCODE : `guess number ${i}`, now)),
  )
  expect(outcomes.filter(({ outcome }) => outcome === 'wrong')).toHaveLength(5)
  expect(outcomes.filter(({ outcome }) => outcome === 'paused')).toHaveLength(995)
  expect(readAccess()?.failures).toBe(5)
}, 60_000)

test('each further wrong try waits longer; the right one after the pause starts anew', async () => {
  for (let i = 0; i < 5; i += 1) await signIn('a wrong one', now)
  expect(await signIn(PASSCODE, after(29))).toEqual({ outcome: 'paused', seconds: 1 })
  expect((await signIn('a wrong one', after(31))).outcome).toBe('wrong')
  expect((await signIn(PASSCODE, after(31 + 59))).outcome).toBe('paused')
  expect((await signIn(PASSCODE, after(31 + 61))).outcome).toBe('in')
  expect(readAccess()).toMatchObject({ failures: 0, lockedUntil: null })
  expect([0, 4, 5, 6, 12, 50].map(pauseS)).toEqual([0, 0, 30, 60, 3600, 3600])
})

test('without a passcode, or with a file that cannot be read, nobody gets in', async () => {
  const access = readAccess()
  if (!access) throw new Error('no access')
  writeAccess({ ...access, passcode: { ...access.passcode, hash: Buffer.alloc(32).toString('base64') } })
  expect((await signIn(PASSCODE, now)).outcome).toBe('wrong')
  fs.writeFileSync(`${process.env.GOLD_KETTLE_DB}.access.json`, '{')
  expect((await signIn(PASSCODE, now)).outcome).toBe('wrong')
})
