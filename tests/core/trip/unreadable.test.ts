import { cylinderGear, NOW, rigGear, tripPlan } from '@tests/gear'
import { soundStart } from '@tests/lines'
import type { Line } from '@/core/hookup/line/line'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import fc from 'fast-check'

const untested = { fingerprint: '', lastTest: null, lastHold: null, refilledAt: null }
const sound = soundStart('two-cylinders')

function judged(line: Line) {
  const gear = { id: 'house', name: 'House line', line }
  const lines = [{ gear, tightness: { lineId: 'house', name: 'House line', ...untested } }]
  return judgeTrip(rigGear([cylinderGear()], { lines }), tripPlan(), NOW)
}

test('a part of an unknown type is one finding, and the rest of the rig is judged as before', () => {
  const broken = { ...sound, parts: sound.parts.map((part, i) => (i === 3 ? { ...part, typeId: 'unheard-of' } : part)) }
  const { findings, verdict } = judged(broken)
  expect(findings.filter(({ code }) => code === 'line-not-readable')).toMatchObject([
    { station: 'hookup', severity: 'stop', remedy: { subjectId: 'house' } },
  ])
  expect(verdict).toBe('stop')
  const ofOthers = (all: typeof findings) =>
    all.filter(({ station }) => station === 'cylinders' || station === 'leak-test')
  expect(ofOthers(findings)).toEqual(ofOthers(judged(sound).findings))
})

test('whatever is wrong with the parts and joints of a line, the rig is judged', () => {
  const damage = fc.record({
    part: fc.nat(sound.parts.length - 1),
    joint: fc.nat(sound.joints.length - 1),
    typeId: fc.constantFrom('unheard-of', '', '__proto__', 'cooktop'),
    end: fc.constantFrom('nowhere', '', 'left'),
  })
  fc.assert(
    fc.property(damage, ({ part, joint, typeId, end }) => {
      const parts = sound.parts.map((one, i) => (i === part ? { ...one, typeId } : one))
      const joints = sound.joints.map((one, i) => (i === joint ? { ...one, to: { partId: end, portId: 'in' } } : one))
      expect(judged({ ...sound, parts, joints }).findings.length).toBeGreaterThan(0)
    }),
    { numRuns: 40 },
  )
})
