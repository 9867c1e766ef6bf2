import { catalogue } from './catalogue'
import type { Line } from '@/core/hookup/line/line'
import { editLine } from '@/core/hookup/line/editLine'

/** A starting line, part by part in order. */
interface Start {
  id: string
  name: string
  /** Identifier, part type, the part before it, and the outlet used. */
  rows: readonly (readonly [string, string, string | null, string?])[]
  /** Joints that adding after does not make. */
  joins?: readonly (readonly [string, string, string, string])[]
  /** Names of the parts there are several of. */
  names?: Readonly<Record<string, string>>
}

const starts: readonly Start[] = [
  {
    id: 'two-cylinders',
    name: 'Two cylinders with changeover',
    rows: [
      ['left', 'cylinder-both', null],
      ['left-pigtail', 'pigtail-acme', 'left'],
      ['right', 'cylinder-both', null],
      ['right-pigtail', 'pigtail-acme', 'right'],
      ['changeover', 'changeover-auto', 'left-pigtail'],
      ['nipple', 'npt-to-flare-3/8', 'changeover'],
      ['test-port', 'test-port', 'nipple'],
      ['main', 'tube-3/8', 'test-port'],
      ['tee', 'tee-flare-3/8', 'main'],
      ['fridge-valve', 'valve-swivel-3/8', 'tee'],
      ['fridge-tube', 'tube-3/8', 'fridge-valve'],
      ['fridge', 'fridge', 'fridge-tube'],
      ['cook-valve', 'valve-swivel-3/8', 'tee'],
      ['cook-tube', 'tube-3/8', 'cook-valve'],
      ['cooktop', 'cooktop', 'cook-tube'],
    ],
    joins: [['right-pigtail', 'out', 'changeover', 'right']],
    names: {
      left: 'Left cylinder',
      right: 'Right cylinder',
      'left-pigtail': 'Left pigtail',
      'right-pigtail': 'Right pigtail',
      main: 'Main tube',
      'fridge-valve': 'Fridge valve',
      'fridge-tube': 'Fridge tube',
      'cook-valve': 'Cooktop valve',
      'cook-tube': 'Cooktop tube',
    },
  },
  {
    id: 'splitter',
    name: 'One cylinder, splitter, heater and stove',
    rows: [
      ['cylinder', 'cylinder-both', null],
      ['splitter', 'splitter-bottle', 'cylinder'],
      ['heater-hose', 'hose-bottle', 'splitter'],
      ['filter', 'filter-bottle', 'heater-hose'],
      ['heater', 'portable', 'filter'],
      ['stove-hose', 'hose-bottle', 'splitter'],
      ['stove', 'stove', 'stove-hose'],
    ],
    names: { 'heater-hose': 'Heater hose', 'stove-hose': 'Stove hose' },
  },
  {
    id: 'panel-and-stove',
    name: 'One cylinder, regulator outside, panel and stove',
    rows: [
      ['cylinder', 'cylinder-both', null],
      ['pigtail', 'pigtail-acme', 'cylinder'],
      ['regulator', 'two-stage', 'pigtail'],
      ['nipple', 'npt-to-flare-3/8', 'regulator'],
      ['splitter', 'splitter-flare', 'nipple'],
      ['panel-valve', 'valve-swivel-3/8', 'splitter'],
      ['panel-hose', 'hose-low-flare', 'panel-valve'],
      ['panel', 'panel', 'panel-hose'],
      ['stove-valve', 'valve-swivel-3/8', 'splitter'],
      ['stove-hose', 'hose-low-flare', 'stove-valve'],
      ['stove', 'cooktop', 'stove-hose'],
    ],
    names: {
      'panel-valve': 'Panel valve',
      'panel-hose': 'Panel hose',
      'stove-valve': 'Stove valve',
      'stove-hose': 'Stove hose',
    },
  },
  {
    id: 'onboard-tank',
    name: 'Onboard tank with outside-supply tee and grill',
    rows: [
      ['tank', 'tank', null],
      ['supply-tee', 'supply-tee', 'tank'],
      ['regulator', 'single-stage', 'supply-tee'],
      ['main', 'tube-3/8', 'regulator'],
      ['main-valve', 'valve-flare-3/8', 'main'],
      ['house', 'hose-low-flare', 'main-valve'],
      ['cooktop', 'cooktop', 'house'],
      ['supply-cap', 'cap-acme', 'supply-tee', 'supply'],
      ['grill-hose', 'hose-bottle', 'supply-tee', 'port'],
      ['grill', 'grill', 'grill-hose'],
    ],
  },
  {
    id: 'keg',
    name: 'CO2 for a keg',
    rows: [
      ['cylinder', 'co2-cylinder', null],
      ['regulator', 'co2-drinks', 'cylinder'],
      ['hose', 'hose-co2', 'regulator'],
      ['keg', 'keg', 'hose'],
    ],
  },
  {
    id: 'tyres',
    name: 'CO2 for tires',
    rows: [
      ['cylinder', 'co2-cylinder', null],
      ['regulator', 'co2-tyres', 'cylinder'],
      ['hose', 'hose-air', 'regulator'],
      ['chuck', 'chuck', 'hose'],
    ],
  },
]

function draw({ rows, joins = [], names = {} }: Start): Line {
  const type = (typeId: string) => {
    const found = catalogue.find((one) => one.id === typeId)
    if (!found) throw new RangeError(`no part ${typeId}`)
    return found
  }
  let line: Line = { parts: [], joints: [], types: [] }
  for (const [id, typeId, after, port] of rows) {
    line = editLine(line, { do: 'add', type: type(typeId), id, after, ...(port && { port }) })
  }
  for (const [from, out, to, into] of joins) {
    line = editLine(line, {
      do: 'join',
      id: `${from}-${to}`,
      from: { partId: from, portId: out },
      to: { partId: to, portId: into },
    })
  }
  return Object.entries(names).reduce((named, [id, name]) => editLine(named, { do: 'change', id, to: { name } }), line)
}

/** Starting lines; their joints are unknown until someone inspects them. */
export const readyMadeLines: readonly { id: string; name: string; line: Line }[] = starts.map((start) => ({
  id: start.id,
  name: start.name,
  line: draw(start),
}))
