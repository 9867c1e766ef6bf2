import { hangingField, idField, massField, nameField, reasonField, versionField } from '@/services/shared/fields'
import { act } from '@/actions/shared/act'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { ConflictError, NotFoundError } from '@/records/RecordsError'

const sent = new Headers({ host: 'localhost:4680', origin: 'http://localhost:4680' })
jest.mock('next/cache', () => ({ revalidatePath: () => undefined }))
jest.mock('next/headers', () => ({ headers: () => Promise.resolve(sent) }))

const schema = z.strictObject({ name: nameField, massKg: massField })
const good = { name: ' Left ', massKg: 14.2 }

test('valid input reaches the action trimmed, and the answer comes back', async () => {
  expect(await act(schema, good, ({ name, massKg }) => `${name} ${massKg}`)).toEqual({ ok: true, value: 'Left 14.2' })
})

test.each<[string, unknown, string]>([
  ['nothing', undefined, ''],
  ['a text', 'Left', ''],
  ['a list', [good], ''],
  ['a name of blanks', { ...good, name: '   ' }, 'name'],
  ['a name too long', { ...good, name: 'x'.repeat(61) }, 'name'],
  ['a mass in words', { ...good, massKg: '14' }, 'massKg'],
  ['no mass at all', { ...good, massKg: NaN }, 'massKg'],
  ['a mass of nothing', { ...good, massKg: 0 }, 'massKg'],
  ['a mass without end', { ...good, massKg: Infinity }, 'massKg'],
  ['a mass of two tons', { ...good, massKg: 2000 }, 'massKg'],
  ['a field too many', { ...good, version: 1 }, 'version'],
])('%s is refused at its field and the action does not run', async (_, input, path) => {
  let ran = false
  const answer = await act(schema, input, () => (ran = true))
  expect(ran).toBe(false)
  expect(answer).toMatchObject({ ok: false })
  if (!answer.ok) {
    expect(answer.issues.map((issue) => issue.path)).toContain(path)
    for (const { message } of answer.issues) expect(message).toMatch(/\.$/)
  }
})

test('an action does not run for another site, whatever let the request through', async () => {
  sent.set('origin', 'http://evil.example')
  let ran = false
  expect(await act(schema, good, () => (ran = true))).toMatchObject({ ok: false, issues: [{ path: '' }] })
  sent.set('origin', 'http://localhost:4680')
  sent.set('host', 'evil.example')
  expect(await act(schema, good, () => (ran = true))).toMatchObject({ ok: false })
  sent.set('host', 'localhost:4680')
  expect(ran).toBe(false)
})

test('an InputError of core is reported at its field', async () => {
  const answer = await act(schema, good, () => {
    throw new InputError('massKg', 'Too light.')
  })
  expect(answer).toEqual({ ok: false, issues: [{ path: 'massKg', message: 'Too light.' }] })
})

test('a conflict carries the newer version', async () => {
  const saveOver = () => {
    throw new ConflictError()
  }
  const current = ({ name }: { name: string }) => ({ name: `Theirs, not ${name}`, version: 2 })
  const answer = await act(schema, good, saveOver, current)
  expect(answer).toMatchObject({ ok: false, conflict: { name: 'Theirs, not Left', version: 2 } })
  expect(await act(schema, good, saveOver)).not.toHaveProperty('conflict')
})

test('a missing row is reported; a bug is not reported as bad input', async () => {
  const missing = await act(schema, good, () => {
    throw new NotFoundError('cylinder')
  })
  expect(missing).toEqual({ ok: false, issues: [{ path: '', message: 'This cylinder is not in the records.' }] })
  await expect(
    act(schema, good, () => {
      throw new TypeError('our fault')
    }),
  ).rejects.toThrow('our fault')
})

test('fields know their bounds', () => {
  expect(idField.safeParse('x'.repeat(65)).success).toBe(false)
  expect(versionField.safeParse(0).success).toBe(false)
  expect(versionField.safeParse(1.5).success).toBe(false)
  expect(hangingField.safeParse(0).success).toBe(true)
  expect(hangingField.safeParse(-0.1).success).toBe(false)
  expect(reasonField.safeParse(' ').success).toBe(false)
})
