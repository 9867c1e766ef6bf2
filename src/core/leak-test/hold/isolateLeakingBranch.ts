/** One hold test with some branches open and the others shut off. */
export interface BranchHold {
  /** Identifiers of the branches that were open. */
  open: readonly string[]
  outcome: 'held' | 'fell'
}

export interface BranchAnswer {
  /** Branches that were open in a hold test that held. */
  sound: readonly string[]
  /** Possible causes: open in a test that fell and in none that held. */
  suspect: readonly string[]
  /** The line before the branches leaks: it fell with all of them closed. */
  mainLeaks: boolean
  /** The leaking branch. */
  found: string | null
}

/**
 * Which branch leaks, from hold tests with the appliances isolated in turn.
 *
 * @param branches - identifiers of all
 * @param holds - in any order
 */
export function isolateLeakingBranch(branches: readonly string[], holds: readonly BranchHold[]): BranchAnswer {
  const sound = branches.filter((id) => holds.some(({ open, outcome }) => outcome === 'held' && open.includes(id)))
  const mainLeaks = holds.some(({ open, outcome }) => outcome === 'fell' && open.every((id) => sound.includes(id)))
  const falls = holds.filter(({ outcome }) => outcome === 'fell')
  const suspect = branches.filter((id) => !sound.includes(id) && falls.some(({ open }) => open.includes(id)))
  // A fall with a single uncleared branch, while the main line alone held.
  const mainHeld = holds.some(({ outcome }) => outcome === 'held')
  const [only] = falls.map(({ open }) => open.filter((id) => !sound.includes(id))).filter((left) => left.length === 1)
  return { sound, suspect, mainLeaks, found: mainHeld && !mainLeaks && only ? (only[0] ?? null) : null }
}
