import type { PartRole } from './partType'

/** The shelves of the parts tray, in the order of the gas. */
export const partGroups: readonly { name: string; roles: readonly PartRole[] }[] = [
  { name: 'Cylinders and tanks', roles: ['cylinder', 'bottle', 'tank'] },
  { name: 'At the valve', roles: ['shut-off', 'adapter'] },
  { name: 'Hoses', roles: ['hose'] },
  { name: 'Regulators', roles: ['regulator', 'changeover'] },
  { name: 'Tubes and pipes', roles: ['tube'] },
  { name: 'Tees and branches', roles: ['tee', 'supply-tee'] },
  { name: 'Valves, filters, test port', roles: ['valve', 'quick', 'filter', 'test-port'] },
  { name: 'Plugs and caps', roles: ['plug'] },
  { name: 'What it ends in', roles: ['appliance', 'keg', 'chuck'] },
]
