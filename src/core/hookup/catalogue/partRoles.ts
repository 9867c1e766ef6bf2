/** What may be true of a role; its checks follow from it. */
export interface RoleTraits {
  label: string
  /** Holds gas and feeds the line. */
  isSource: boolean
  /** A line may end in it. */
  isEnd: boolean
  /** Gas is used there. */
  usesGas: boolean
  /** Its inside is part of the volume of a hold test. */
  countsAsVolume: boolean
  /** Shuts off what comes after it. */
  shutsOff: boolean
  /** Has a stem that is soaped and can stand between open and shut. */
  hasStem: boolean
  /** Has a length. */
  isRun: boolean
  /** Feeds more than one branch. */
  divides: boolean
  /** The drawing shows its locked-up pressure. */
  showsPressure: boolean
}

const roles = {
  cylinder: {
    label: 'cylinder',
    isSource: true,
    isEnd: false,
    usesGas: false,
    countsAsVolume: false,
    shutsOff: false,
    hasStem: true,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  bottle: {
    label: 'one-pound bottle',
    isSource: true,
    isEnd: false,
    usesGas: false,
    countsAsVolume: false,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  tank: {
    label: 'fixed tank',
    isSource: true,
    isEnd: false,
    usesGas: false,
    countsAsVolume: false,
    shutsOff: false,
    hasStem: true,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  adapter: {
    label: 'adapter',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  'shut-off': {
    label: 'automatic shut-off',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  hose: {
    label: 'hose or pigtail',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: true,
    divides: false,
    showsPressure: false,
  },
  tube: {
    label: 'tube or pipe',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: true,
    divides: false,
    showsPressure: false,
  },
  regulator: {
    label: 'regulator',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  changeover: {
    label: 'changeover',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  tee: {
    label: 'tee or splitter',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: true,
    showsPressure: false,
  },
  'supply-tee': {
    label: 'outside-supply tee',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: true,
    showsPressure: false,
  },
  valve: {
    label: 'valve',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: true,
    hasStem: true,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  quick: {
    label: 'quick connect',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: true,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  filter: {
    label: 'fuel filter',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  'test-port': {
    label: 'test port',
    isSource: false,
    isEnd: false,
    usesGas: false,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: true,
  },
  plug: {
    label: 'plug or cap',
    isSource: false,
    isEnd: true,
    usesGas: false,
    countsAsVolume: false,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  appliance: {
    label: 'appliance',
    isSource: false,
    isEnd: true,
    usesGas: true,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: true,
  },
  keg: {
    label: 'keg',
    isSource: false,
    isEnd: true,
    usesGas: true,
    countsAsVolume: false,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
  chuck: {
    label: 'tire chuck',
    isSource: false,
    isEnd: true,
    usesGas: true,
    countsAsVolume: true,
    shutsOff: false,
    hasStem: false,
    isRun: false,
    divides: false,
    showsPressure: false,
  },
} as const satisfies Readonly<Record<string, RoleTraits>>

/** Role of a part in a line. */
export type PartRole = keyof typeof roles

/** Every role with its traits: a new role is one entry here, and its drawing. */
export const roleTraits: Readonly<Record<PartRole, RoleTraits>> = roles

/** All roles. */
export const partRoles = Object.keys(roles) as [PartRole, ...PartRole[]]
