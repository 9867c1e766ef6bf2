import fc from 'fast-check'
import { heaterGear, pose, roomGear } from '@tests/heat'
import { change, edited, soundStart } from '@tests/lines'
import { temporaryFile } from '@tests/records/temporary'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { stopWeightKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { assumed, type QuantitySources } from '@/core/base/provenance'
import { database } from '@/records/database'
import { addCylinder, findCylinder, listCylinders, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { addHeater } from '@/records/repositories/heat/heaters'
import { addRoom } from '@/records/repositories/heat/rooms'
import { addLine } from '@/records/repositories/lines/lines'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { addRig } from '@/records/repositories/rigs/rigs'
import { addAppliance, listAppliances } from '@/records/repositories/trips/appliances'
import { addTrip, findTrip } from '@/records/repositories/trips/trips'
import { heatersOf } from '@/services/heat/heaters'
import { linesOf } from '@/services/hookup/lines'

process.env.GOLD_KETTLE_DB = temporaryFile()
const records = database()
const NOW = '2026-11-24T12:00:00.000Z'

const watts = fc.integer({ min: 500, max: 15_000 })

/** What several stations were told about one heater, often not the same. */
const anyRig = fc.record({
  supply: fc.constantFrom('line', 'bottles'),
  inputW: watts,
  ratedInputW: fc.option(watts, { nil: null }),
  heaterHighW: watts,
  bottleOn: fc.boolean(),
  partInputW: fc.option(watts, { nil: undefined }),
  drawn: fc.constantFrom('on-the-line', 'not-drawn'),
  partPlace: fc.constantFrom('outside', 'inside'),
  use: fc.constantFrom('evening', 'not-used'),
  tareRead: fc.boolean(),
})

test('property: every loader gives the same fitness, stop weight, place, supply and input', () => {
  let count = 0
  fc.assert(
    fc.property(anyRig, (told) => {
      count += 1
      const rig = addRig(records, `Rig ${count}`, `rig-${count}`)
      const id = (name: string): string => `${name}-${count}`
      const { inputW, ratedInputW, supply } = told
      addAppliance(
        records,
        rig.id,
        { name: 'Radiant', kind: 'portable-heater', inputW, ratedInputW, supply },
        id('radiant'),
      )
      const heater = { ...heaterGear().heater, highW: told.heaterHighW, lowW: 400, bottleOn: told.bottleOn }
      const entry = { name: 'Radiant', applianceId: id('radiant'), heater, price: null, lastsNights: null }
      addHeater(records, rig.id, entry, id('heater'))
      const placed = [{ heaterId: id('heater'), pose: pose({ xM: 5.5, yM: 1, turnDeg: 180 }), use: told.use }]
      addRoom(records, rig.id, { name: 'Saloon', shelter: roomGear({ placed }).shelter }, id('room'))
      const sources: QuantitySources = told.tareRead ? {} : { tareKg: assumed(5, 9) }
      addCylinder(
        records,
        rig.id,
        { ...plainCylinder, name: 'Left', kind: 'removable', tareKg: 8, waterCapacityKg: 21.6, sources },
        id('left'),
      )
      if (told.drawn === 'on-the-line') {
        const line = edited(
          soundStart('two-cylinders'),
          change('left', { cylinderId: id('left') }),
          change('cooktop', { applianceId: id('radiant'), place: told.partPlace, inputW: told.partInputW }),
        )
        addLine(records, rig.id, { name: 'House', line }, NOW, id('house'))
      }
      const uses = [{ applianceId: id('radiant'), burnPerDayS: 3600 }]
      const place = { startDay: '2026-12-04', nights: 2, altitudeM: 0, coldestK: null, reserveShare: 0.2 }
      const trip = addTrip(records, rig.id, { name: 'Trip', ...place, uses })

      const { gear, facts } = loadRig(records, rig)
      const heaters = [gear.heat.heaters[0]?.heater, heatersOf(rig.id)[0]?.heater]
      const use = findTrip(records, trip.id)?.plan.uses[0]
      const parts = [gear.lines.map((line) => line.gear), linesOf(rig.id)].map((lines) =>
        lines.flatMap(({ line }) => line.parts).find(({ applianceId }) => applianceId === id('radiant')),
      )
      // Input: one number for air, line and heater, never under what anyone entered.
      const ratedW = facts.ratedW(id('radiant'))
      for (const one of heaters) expect(one?.highW).toBe(ratedW)
      if (ratedInputW !== null) expect(ratedW).toBe(ratedInputW)
      else expect(ratedW).toBeGreaterThanOrEqual(Math.max(inputW, told.heaterHighW))
      // Supply: as drawn, for the balance, the list and the bottle on the heater.
      const fed = told.drawn === 'on-the-line' ? 'line' : supply
      expect([use?.supply, listAppliances(records, rig.id)[0]?.supply]).toEqual([fed, fed])
      if (told.drawn === 'on-the-line') {
        for (const one of heaters) expect(one?.bottleOn).toBe(false)
        for (const part of parts) {
          expect(part?.inputW).toBe(ratedW)
          expect(part?.place).toBe(told.use === 'evening' ? 'inside' : told.partPlace)
        }
      }
      // Vessel: the shelf, its own page and the verdict.
      const vessels = [
        gear.cylinders[0],
        findCylinder(records, id('left'))?.gear,
        listCylinders(records, rig.id)[0]?.gear,
      ]
      for (const vessel of vessels) {
        if (!vessel) throw new Error('the cylinder is gone')
        expect(vessel).toEqual(vessels[0])
        expect(stopWeightKg(vessel, 9)).toBe(told.tareRead ? 17 : null)
        expect(vesselFitness(vessel, '2026-11-24').fill.answer).toBe('ask')
      }
    }),
    { numRuns: 60 },
  )
})
