import { heaterGear } from '@tests/heat'
import { applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { addHeater } from '@/records/repositories/heat/heaters'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { addRig } from '@/records/repositories/rigs/rigs'
import { addAppliance, listAppliances } from '@/records/repositories/trips/appliances'
import { addTrip, findTrip } from '@/records/repositories/trips/trips'
import { temporaryDatabase } from './temporary'

const NOW = '2026-11-24T12:00:00.000Z'

const records = temporaryDatabase()
afterAll(() => records.$client.close())

const cases = applianceKinds.flatMap((entered) =>
  heaterKinds.flatMap((kind) => [true, false].map((vented) => ({ entered, kind, vented }))),
)

test.each(cases)(
  'an appliance entered as $entered that is a $kind, vented: $vented, is that heater on every page',
  ({ entered, kind, vented }) => {
    const rigId = `${entered} ${kind} ${vented}`
    const applianceId = `appliance of ${rigId}`
    addRig(records, rigId, rigId)
    addAppliance(records, rigId, { name: 'Warm', kind: entered, inputW: 2000, supply: 'line' }, applianceId)
    const heater = { ...heaterGear().heater, kind, vented }
    addHeater(records, rigId, { name: 'Warm', applianceId, heater, price: null, lastsNights: null })
    // 14 hours from six in the evening burn while people sleep.
    const habit = { way: 'hours' as const, burnPerDayS: 14 * 3600, fromH: 18 }
    const uses = [{ applianceId, burnPerDayS: habit.burnPerDayS, habit }]
    const place = { name: 'The lake', startDay: '2026-12-04', nights: 2, altitudeM: 300, coldestK: 275 }
    const { id: tripId } = addTrip(records, rigId, { ...place, reserveShare: 0.2, uses })

    const plan = findTrip(records, tripId)?.plan
    const [listed] = listAppliances(records, rigId)
    if (!plan || !listed) throw new Error('no trip')
    const kinds = [listed.kind, plan.uses[0]?.kind ?? 'other']
    expect(new Set(kinds).size).toBe(1)
    const { isHeater, exhaust } = applianceTraits[listed.kind]
    expect({ isHeater, exhaust }).toEqual({ isHeater: true, exhaust: vented ? 'outside' : 'room' })
    const { findings } = judgeTrip(loadRig(records, { id: rigId, battery: null }).gear, plan, NOW)
    expect(findings.some(({ code }) => code === 'heater-lit-asleep')).toBe(!vented)
  },
)
