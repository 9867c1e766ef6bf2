import { sampleRigs } from '@/core/practice/rig/sampleRigs'
import { call } from './call'

const { line, cylinders, outsideK } = sampleRigs.van
const rig = { line, cylinders, outsideK }

test('diagnose: ranks the faults of the rig, names the next check, and ends in a sheet', async () => {
  const { status, json } = await call('diagnose', { rig, symptoms: ['no-gas'] })
  expect(status).toBe(200)
  expect(json.ranked[0]).toMatchObject({ faults: [{ kind: 'empty' }] })
  expect(json.next).toMatchObject({ id: expect.any(String), outcomes: expect.any(Array) })
  const answered = await call('diagnose', {
    rig,
    symptoms: ['no-gas'],
    answers: [{ check: 'valve cylinder', outcome: 'shut' }],
  })
  expect(answered.json.ranked[0].faults[0]).toMatchObject({ kind: 'valve-shut', repair: { by: 'owner' } })
  const danger = await call('diagnose', { rig, dangers: ['smell-inside'] })
  expect(danger.json).toMatchObject({ emergency: 'gas', next: null, isDone: true })
})

test('simulate: readings of a faulted rig after some actions', async () => {
  const light = { do: 'knob', partId: 'stove', to: 'high' }
  const sound = (await call('simulate', { rig, actions: [light] })).json
  expect(sound.appliances.find(({ partId }: { partId: string }) => partId === 'stove')).toMatchObject({ lit: true })
  const { status, json } = await call('simulate', { rig, faults: [{ kind: 'limiter' }], actions: [light] })
  expect(status).toBe(200)
  const burned = (from: typeof json): number =>
    from.appliances.find(({ partId }: { partId: string }) => partId === 'stove').burnedW
  expect(burned(json)).toBeLessThan(burned(sound) * 0.85)
  expect(json.symptoms).toContain('weak')
  expect(json.burnedKg).toBeGreaterThan(0)
})

test('simulate: flag, frost line, hiss and smell say what anybody would see', async () => {
  const two = sampleRigs.marigold
  const run = async (kind: string | null) =>
    (await call('simulate', { rig: two, faults: kind === null ? [] : [{ kind }] })).json
  expect((await run(null)).flags).toEqual({ changeover: 'green' })
  expect((await run('empty')).flags).toEqual({ changeover: 'red' })
  const loose = await run('loose-pigtail')
  expect(loose).toMatchObject({ smell: { inside: 'none', outside: 'faint' }, leaks: [{ inside: false }] })
  expect(loose.hissesAt).toEqual([loose.leaks[0].at])
  expect((await run('tipped')).frost).toBe('past-valve')
  for (const { massKg, liquidFraction } of (await run(null)).cylinders) {
    // 42 % of the water capacity by weight is about four fifths of the volume.
    expect(liquidFraction / (massKg / 9.07)).toBeCloseTo(0.8, 0)
  }
})

test('a fault that cannot be on this rig, and other wrong input, is refused at its field', async () => {
  const issues = async (body: object, name = 'simulate') => {
    const { status, json } = await call(name, { rig, ...body })
    expect(status).toBe(400)
    return json.issues as { path: string; message: string }[]
  }
  expect(await issues({ faults: [{ kind: 'auto-shutoff' }] })).toEqual([
    { path: 'faults.0', message: 'This rig cannot have this fault: automatic shut-off not primed.' },
  ])
  expect((await issues({ faults: [{ kind: 'branch', at: 'nowhere' }] }))[0]?.message).toMatch(
    /^This fault is possible only at/,
  )
  expect((await issues({ faults: [{ kind: 'teapot' }] }))[0]?.path).toBe('faults.0.kind')
  expect((await issues({ actions: [{ do: 'lift', partId: 'nowhere' }] }))[0]?.message).toMatch(/no part/)
  expect((await issues({ actions: Array.from({ length: 7 }, () => ({ do: 'sleep' })) }))[0]?.path).toBe('actions')
  expect((await issues({ rig: { line: { parts: [], joints: [] }, outsideK: 280 } }))[0]?.path).toBe('line')
  expect((await issues({ answers: [{ check: 'teapot', outcome: 'x' }] }, 'diagnose'))[0]?.path).toBe('answers.0.check')
  expect((await issues({ color: 'red' }))[0]?.path).toBe('color')
  expect((await issues({ rig: { ...rig, outsideK: 900 } }))[0]?.path).toBe('rig.outsideK')
})
