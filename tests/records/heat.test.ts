import { heaterGear, panel, roomGear } from '@tests/heat'
import { NOW } from '@tests/gear'
import { temporaryDatabase } from './temporary'
import { warmUpLog } from './warmedRoom'
import type { Database } from '@/records/databaseType'
import { voidEvent } from '@/records/repositories/events'
import { addHeater, findHeater, listHeat, listHeaters, saveHeater } from '@/records/repositories/heat/heaters'
import { addManualPage, listManualPages, readPhoto } from '@/records/repositories/photos'
import { ConflictError } from '@/records/RecordsError'
import { addRig, findRig, saveRig } from '@/records/repositories/rigs/rigs'
import { addRoom, addWarmUp, findRoom, listRooms, listWarmUps, saveRoom } from '@/records/repositories/heat/rooms'

let records: Database

const { shelter } = roomGear()
const entry = { name: 'Panel', applianceId: null, heater: panel, price: 240, lastsNights: null }
beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
})
afterEach(() => records.$client.close())

describe('rooms', () => {
  test('are returned as drawn, in the owner’s order, without archived ones', () => {
    addRoom(records, 'rig', { name: 'Saloon', shelter }, 'saloon')
    addRoom(records, 'rig', { name: 'Annex', shelter }, 'annex')
    expect(listRooms(records, 'rig').map(({ name }) => name)).toEqual(['Saloon', 'Annex'])
    expect(findRoom(records, 'saloon')?.shelter).toEqual(shelter)
    saveRoom(records, 'saloon', 1, { archivedAt: NOW })
    expect(listRooms(records, 'rig').map(({ id }) => id)).toEqual(['annex'])
  })
  test('saving over a newer one is refused, with the newer one shown', () => {
    addRoom(records, 'rig', { name: 'Saloon', shelter }, 'saloon')
    saveRoom(records, 'saloon', 1, { name: 'Parlour' })
    expect(() => saveRoom(records, 'saloon', 1, { name: 'Den' })).toThrow(ConflictError)
    expect(findRoom(records, 'saloon')).toMatchObject({ name: 'Parlour', version: 2 })
  })
})

describe('heaters', () => {
  test('keep their numbers; a newer version is not overwritten', () => {
    addHeater(records, 'rig', entry, 'panel')
    expect(findHeater(records, 'panel')).toMatchObject({ name: 'Panel', heater: panel, price: 240, version: 1 })
    saveHeater(records, 'panel', 1, { heater: { ...panel, highestM: 1000 } })
    expect(() => saveHeater(records, 'panel', 1, { name: 'Other' })).toThrow(ConflictError)
    saveHeater(records, 'panel', 2, { archivedAt: NOW })
    expect(listHeaters(records, 'rig')).toEqual([])
  })
  test('core judges rooms, heaters and the owner’s statement', () => {
    addHeater(records, 'rig', entry, 'panel')
    addRoom(records, 'rig', { name: 'Saloon', shelter }, 'saloon')
    const heat = listHeat(records, 'rig')
    expect(heat.heaters).toEqual([{ ...heaterGear(), name: 'Panel', applianceId: null }])
    expect(heat.rooms).toEqual([{ id: 'saloon', name: 'Saloon', shelter }])
    expect(heat.heatless).toBe(false)
    saveRig(records, 'rig', findRig(records, 'rig')?.version ?? 0, { heatless: true })
    expect(listHeat(records, 'rig').heatless).toBe(true)
  })
  test('a photo of the manual is stored in the records, recognized by its content', () => {
    addHeater(records, 'rig', entry, 'panel')
    const picture = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(40)])
    const { id } = addManualPage(records, 'panel', picture, NOW)
    expect(listManualPages(records, 'panel').map((page) => page.id)).toEqual([id])
    expect(readPhoto(records, id)?.bytes.equals(picture)).toBe(true)
    expect(readPhoto(records, id)?.row.type).toBe('image/jpeg')
    expect(() => addManualPage(records, 'panel', Buffer.from('no picture'), NOW)).toThrow(/no picture/)
    expect(() => addManualPage(records, 'panel', Buffer.alloc(800 * 1024), NOW)).toThrow(/too large/)
  })
})

describe('warm-ups', () => {
  beforeEach(() => {
    addRoom(records, 'rig', { name: 'Saloon', shelter }, 'saloon')
  })
  test('are newest first; a voided one stays visible', () => {
    addWarmUp(
      records,
      { roomId: 'saloon', loggedAt: '2026-11-01T08:00:00Z', log: warmUpLog, settingKnown: true },
      'first',
    )
    addWarmUp(
      records,
      { roomId: 'saloon', loggedAt: '2026-11-20T08:00:00Z', log: warmUpLog, settingKnown: false },
      'second',
    )
    voidEvent(records, 'warm-up', 'second', NOW, 'the door stood open')
    expect(listWarmUps(records, 'saloon').map(({ id, voidReason }) => [id, voidReason])).toEqual([
      ['second', 'the door stood open'],
      ['first', null],
    ])
    expect(listWarmUps(records, 'saloon')[1]?.log).toEqual(warmUpLog)
  })
  test('are never changed and never erased', () => {
    addWarmUp(records, { roomId: 'saloon', loggedAt: NOW, log: warmUpLog, settingKnown: true }, 'first')
    const run = (statement: string) => () => records.$client.exec(statement)
    expect(run(`DELETE FROM warm_ups WHERE id = 'first'`)).toThrow('A warm-up is voided, never erased.')
    expect(run(`UPDATE warm_ups SET setting_known = 0 WHERE id = 'first'`)).toThrow(
      'A warm-up is voided, never changed.',
    )
    const voided = `voided_at = '${NOW}', void_reason = 'x'`
    expect(run(`UPDATE warm_ups SET log = '{}', ${voided} WHERE id = 'first'`)).toThrow(/never changed/)
    expect(run(`UPDATE warm_ups SET ${voided} WHERE id = 'first'`)).not.toThrow()
    expect(run(`UPDATE warm_ups SET void_reason = 'y' WHERE id = 'first'`)).toThrow(/never changed/)
  })
})
