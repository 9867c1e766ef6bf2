import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { lineParts } from './catalogueLines'
import { btuh, female, inWC, into, male, psi } from './catalogueShapes'
import { sourceParts } from './catalogueSources'
import type { Fit, PartType } from './partType'

function plug(id: string, name: string, fit: Fit, rated: PartType['rated'] = 'cylinder'): PartType {
  return { id, name, role: 'plug', gas: 'any', ports: [into('in', fit)], rated }
}

function appliance(
  id: string,
  name: string,
  entry: Fit,
  facts: { inputW: number; ownRegulator?: boolean; wantsFilter?: boolean; portable?: boolean },
): PartType {
  const ownRegulator = facts.ownRegulator ?? false
  return {
    id,
    name,
    role: 'appliance',
    gas: 'propane',
    ports: [into('in', entry)],
    rated: ownRegulator ? 'cylinder' : 'low',
    appliance: {
      inputW: facts.inputW,
      ownRegulator,
      minGaugePa: ownRegulator ? psi(5) : inWC(10),
      wantsFilter: facts.wantsFilter ?? false,
      portable: facts.portable ?? false,
    },
  }
}

/** Input with all burners at full, of a kind that has a part here. */
const rated = (kind: ApplianceKind): number => applianceTraits[kind].ratedInputW

/** What closes a line, and what it ends in. */
const endParts: readonly PartType[] = [
  ...(['1/4', '3/8', '1/2'] as const).flatMap((size) => [
    plug(`plug-npt-${size}`, `Plug, ${size} pipe thread`, male(`npt-${size}`)),
    plug(`cap-flare-${size}`, `Cap, ${size} flare`, female(`flare-${size}`)),
  ]),
  plug('plug-pol', 'Plug for a POL outlet', male('pol')),
  plug('cap-acme', 'Cap for a hand-wheel outlet', female('type1-acme')),
  plug('cap-bottle', 'Cap for a bottle thread', female('bottle-1-20')),
  plug('cap-inverted', 'Plug for an unused changeover inlet', male('inverted-flare-1/4')),
  plug('cap-quick', 'Cap for a low-pressure quick connect', male('quick-low-1/4')),
  plug('cap-quick-mid', 'Cap for a 15 psi quick connect', male('quick-mid-1/4')),
  plug('cap-co2', 'Cap for a CO2 valve', female('cga-320'), 'co2-cylinder'),

  appliance('cooktop', 'Cooktop', male('flare-3/8'), { inputW: rated('cooktop') }),
  appliance('oven', 'Oven and cooktop', male('flare-3/8'), { inputW: btuh(25_000) }),
  appliance('fridge', 'Absorption fridge', male('flare-3/8'), { inputW: rated('fridge') }),
  appliance('water-heater', 'Water heater', male('flare-3/8'), { inputW: rated('water-heater') }),
  appliance('furnace', 'Ducted furnace', male('flare-3/8'), { inputW: rated('furnace') }),
  appliance('panel', 'Catalytic panel heater, low pressure', male('flare-3/8'), { inputW: rated('panel-heater') }),
  appliance('panel-compression', 'Panel heater, 1/4 compression', male('compression-1/4'), {
    inputW: rated('panel-heater'),
  }),
  appliance('radiant-low', 'Wall radiant, low pressure', male('flare-3/8'), { inputW: btuh(10_000) }),
  appliance('grill-low', 'Grill, regulator taken off', male('flare-3/8'), { inputW: btuh(12_000) }),
  appliance('grill', 'Grill with its own regulator', female('bottle-1-20'), {
    inputW: btuh(12_000),
    ownRegulator: true,
  }),
  appliance('grill-flare', 'Grill with its own regulator, 3/8 flare', male('flare-3/8'), {
    inputW: btuh(12_000),
    ownRegulator: true,
  }),
  appliance('stove', 'Camp stove with its own regulator', female('bottle-1-20'), {
    inputW: btuh(20_000),
    ownRegulator: true,
  }),
  appliance('portable', 'Portable radiant heater', female('bottle-1-20'), {
    inputW: btuh(9_000),
    ownRegulator: true,
    wantsFilter: true,
    portable: true,
  }),
  { id: 'keg', name: 'Soda keg', role: 'keg', gas: 'co2', ports: [into('in', male('barb'))], rated: 'co2-low' },
  {
    id: 'chuck',
    name: 'Tire chuck with gauge',
    role: 'chuck',
    gas: 'co2',
    ports: [into('in', female('npt-1/4'))],
    rated: 'co2-low',
  },
]

/** Catalogue of parts for portable propane and CO2 gear, in the order of the gas. Names are generic. */
export const catalogue: readonly PartType[] = [...sourceParts, ...lineParts, ...endParts]
