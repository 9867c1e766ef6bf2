import { subDays, subHours } from 'date-fns'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import type { Line, LinePart } from '@/core/hookup/line/line'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { fromUnit } from '@/core/units/convert'
import { editLine, type LineEdit } from '@/core/hookup/line/editLine'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import type { Database } from '@/records/databaseType'
import { addLeakClosing, addLeakReading, addLeakTest } from '@/records/repositories/lines/leakTests'
import { addLine, saveLine } from '@/records/repositories/lines/lines'

const feet = (number: number): number => fromUnit(number, 'length', 'ft')

function start(id: string): Line {
  const found = readyMadeLines.find((one) => one.id === id)
  if (!found) throw new RangeError(id)
  return found.line
}

function add(id: string, typeId: string, after: string): LineEdit {
  const type = catalogue.find((one) => one.id === typeId)
  if (!type) throw new RangeError(typeId)
  return { do: 'add', type, id, after }
}

const change = (id: string, to: Partial<Omit<LinePart, 'id' | 'typeId'>>): LineEdit => ({ do: 'change', id, to })

/** What is not said to be inside or under the floor stands outside on the tongue. */
const outside = (line: Line): Line => ({
  ...line,
  parts: line.parts.map((part) => (part.place === 'not-known' ? { ...part, place: 'outside' } : part)),
})

const allMade = (line: Line): Line =>
  editLine(line, { do: 'made', ids: line.joints.map(({ id }) => id), made: 'as-it-should' })

/** Name of the equipment whose dates apply to a part. */
export interface DemoLinks {
  equipment: (name: string) => string
}

/** Marigold's house line as tested: without the panel heater. */
function testedLine({ equipment }: DemoLinks): Line {
  const edits: LineEdit[] = [
    change('left', { name: 'Left cylinder', cylinderId: 'left' }),
    change('right', { name: 'Right cylinder', cylinderId: 'right' }),
    change('left-pigtail', { name: 'Left pigtail', equipmentId: equipment('Left pigtail'), condition: 'sound' }),
    change('right-pigtail', { name: 'Right pigtail', equipmentId: equipment('Right pigtail'), condition: 'sound' }),
    change('changeover', { name: 'Changeover', equipmentId: equipment('Changeover regulator'), ventDown: 'yes' }),
    change('main', { name: 'Main line', lengthM: feet(14), place: 'road', supported: 'yes' }),
    change('fridge-tube', { name: 'Fridge tube', lengthM: feet(5), place: 'inside' }),
    change('fridge', {
      name: 'Fridge',
      applianceId: 'fridge',
      inputW: fromUnit(1400, 'power', 'btuh'),
      place: 'inside',
    }),
    change('fridge-valve', { place: 'inside' }),
    change('cook-valve', { place: 'inside' }),
    change('cook-tube', { name: 'Cooktop tube', lengthM: feet(7), place: 'inside' }),
    change('cooktop', {
      name: 'Cooktop',
      applianceId: 'cooktop',
      inputW: fromUnit(8000, 'power', 'btuh'),
      place: 'inside',
    }),
  ]
  return allMade(outside(edits.reduce(editLine, start('two-cylinders'))))
}

/** As it is now: the panel added behind the fridge's valve, one flare taped, its tube not yet clipped. */
function presentLine(tested: Line): Line {
  const edits: LineEdit[] = [
    add('panel-tee', 'tee-flare-3/8', 'main'),
    // A tube connects two tees.
    { do: 'unjoin', id: 'panel-tee-out' },
    add('link', 'tube-3/8', 'panel-tee'),
    { do: 'join', id: 'link-out', from: { partId: 'link', portId: 'out' }, to: { partId: 'tee', portId: 'in' } },
    add('panel-tube', 'tube-3/8', 'panel-tee'),
    add('panel', 'panel', 'panel-tube'),
    change('panel-tee', { place: 'road' }),
    change('link', { place: 'road', supported: 'yes' }),
    change('panel-tube', { name: 'Panel tube', lengthM: feet(9), place: 'road' }),
    change('panel', {
      name: 'Panel heater',
      applianceId: 'panel',
      inputW: fromUnit(3000, 'power', 'btuh'),
      place: 'inside',
    }),
  ]
  const grown = outside(edits.reduce(editLine, tested))
  return editLine(allMade(grown), { do: 'made', ids: ['panel-in'], made: 'taped' })
}

/**
 * The lines of the demo rig: the house line, changed after its last test and with a taped flare, and the soda line.
 *
 * @param records - with the rig, its cylinders, appliances and equipment
 * @param now - the tests are earlier
 */
export function loadDemoLines(records: Database, rigId: string, now: Date, links: DemoLinks): void {
  const ago = (days: number): string => subHours(subDays(now, days), 3).toISOString()
  const tested = testedLine(links)
  addLine(records, rigId, { name: 'House line', line: tested }, ago(90), 'house')
  const sheet = leakSheet(lineGraph(tested))
  addLeakTest(
    records,
    { lineId: 'house', startedAt: ago(60), fingerprint: lineFingerprint(tested), sheet },
    'house-test',
  )
  const leaky = sheet.find(({ kind }) => kind === 'joint')?.id
  sheet.forEach(({ id: itemId }) => {
    const read = (grade: 'none' | 'slow') =>
      addLeakReading(records, { testId: 'house-test', itemId, grade, leftForTechnician: false, readAt: ago(60) })
    // One joint bubbled, was tightened and soaped again.
    if (itemId === leaky) read('slow')
    read('none')
  })
  addLeakClosing(records, { testId: 'house-test', closedAt: ago(60), burned: 'Cooktop' })
  saveLine(records, 'house', 1, { line: presentLine(tested) }, ago(12))

  const soda = [
    change('cylinder', { name: 'Soda cylinder', cylinderId: 'soda', place: 'locker' }),
    change('regulator', { madeMonth: '2022-09', place: 'locker' }),
    change('hose', { madeMonth: '2022-09', condition: 'sound' }),
  ].reduce(editLine, start('keg'))
  addLine(records, rigId, { name: 'Soda line', line: allMade(outside(soda)) }, ago(40), 'soda-line')
}
