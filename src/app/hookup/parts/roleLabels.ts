import type { PartRole } from '@/core/hookup/catalogue/partType'

/** Labels of part roles. */
export const roleLabels: Readonly<Record<PartRole, string>> = {
  cylinder: 'cylinder',
  bottle: 'one-pound bottle',
  tank: 'fixed tank',
  adapter: 'adapter',
  'shut-off': 'automatic shut-off',
  hose: 'hose or pigtail',
  tube: 'tube or pipe',
  regulator: 'regulator',
  changeover: 'changeover',
  tee: 'tee or splitter',
  'supply-tee': 'outside-supply tee',
  valve: 'valve',
  quick: 'quick connect',
  filter: 'fuel filter',
  'test-port': 'test port',
  plug: 'plug or cap',
  appliance: 'appliance',
  keg: 'keg',
  chuck: 'tyre chuck',
}
