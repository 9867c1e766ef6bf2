import { InputError } from '@/core/base/InputError'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { editLine, type LineEdit } from '@/core/hookup/line/editLine'
import type { Line, LinePart } from '@/core/hookup/line/line'
import { readyRooms } from '@/core/heat/room/readyRooms'
import { type PracticeRig, practiceRigSchema } from './practiceRig'

function add(id: string, typeId: string, after: string, port?: string): LineEdit {
  const type = catalogue.find((one) => one.id === typeId)
  if (!type) throw new InputError('typeId', `There is no part of the kind “${typeId}”.`)
  return { do: 'add', type, id, after, ...(port !== undefined && { port }) }
}

const change = (id: string, to: Partial<Omit<LinePart, 'id' | 'typeId'>>): LineEdit => ({ do: 'change', id, to })

function start(id: string, edits: readonly LineEdit[], inside: readonly string[]): Line {
  const found = readyMadeLines.find((one) => one.id === id)
  if (!found) throw new InputError('line', `There is no line “${id}”.`)
  const line = edits.reduce(editLine, found.line)
  const parts = line.parts.map((part): LinePart => ({
    ...part,
    place: inside.includes(part.id) ? 'inside' : 'outside',
  }))
  return { ...line, parts }
}

const room = readyRooms[0]?.shelter.room ?? null

/** Tee with a tube to an appliance, after a tube. */
const branch = (after: string, id: string, typeId: string, name: string): LineEdit[] => [
  add(`${id}-tee`, 'tee-flare-3/8', after),
  add(`${id}-tube`, 'tube-3/8', `${id}-tee`),
  add(id, typeId, `${id}-tube`),
  change(id, { name }),
  add(`${id}-on`, 'tube-3/8', `${id}-tee`),
]

/** The rig that drills use when the owner's own has no line: two cylinders, a panel heater, a cooktop and a fridge. */
const marigold = practiceRigSchema.parse({
  name: 'Marigold',
  line: start(
    'two-cylinders',
    [
      add('panel-tee', 'tee-flare-3/8', 'main'),
      { do: 'unjoin', id: 'panel-tee-out' },
      add('link', 'tube-3/8', 'panel-tee'),
      { do: 'join', id: 'link-out', from: { partId: 'link', portId: 'out' }, to: { partId: 'tee', portId: 'in' } },
      add('panel-tube', 'tube-3/8', 'panel-tee'),
      add('panel', 'panel', 'panel-tube'),
      change('panel', { name: 'Panel heater' }),
    ],
    ['fridge', 'fridge-valve', 'fridge-tube', 'cooktop', 'cook-valve', 'cook-tube', 'panel'],
  ),
  cylinders: [
    { partId: 'left', massKg: 6.2 },
    { partId: 'right', massKg: 8.9 },
  ],
  outsideK: 266.15,
  altitudeM: 2410,
  batteryShare: 0.8,
  room,
})

/** A van with one cylinder: panel heater and stove. */
const van = practiceRigSchema.parse({
  name: 'Van',
  line: start('panel-and-stove', [change('panel', { name: 'Panel heater' })], ['panel', 'stove']),
  cylinders: [{ partId: 'cylinder', massKg: 5 }],
  outsideK: 278.15,
  altitudeM: 300,
  batteryShare: 0.7,
  room,
})

/** A motorhome with a fixed tank: furnace, water heater, fridge, cooktop, and a grill on its port. */
const motorhome = practiceRigSchema.parse({
  name: 'Motorhome',
  line: start(
    'onboard-tank',
    [
      { do: 'remove', id: 'main-valve' },
      { do: 'remove', id: 'house' },
      { do: 'remove', id: 'cooktop' },
      ...branch('main', 'furnace', 'furnace', 'Furnace'),
      ...branch('furnace-on', 'water-heater', 'water-heater', 'Water heater'),
      ...branch('water-heater-on', 'fridge', 'fridge', 'Fridge'),
      add('cooktop', 'cooktop', 'fridge-on'),
      change('cooktop', { name: 'Cooktop' }),
    ],
    ['furnace', 'fridge', 'cooktop'],
  ),
  cylinders: [{ partId: 'tank', massKg: 20, waterCapacityKg: 90, stands: 'lying' }],
  outsideK: 274.15,
  altitudeM: 800,
  batteryShare: 0.8,
  room,
})

/** Rigs to practice on. */
export const sampleRigs: Readonly<Record<'marigold' | 'van' | 'motorhome', PracticeRig>> = { marigold, van, motorhome }
