/** One hold with some branches open, the others shut off. */
export interface BranchHold {
  /** Identifiers of the branches that were open. */
  open: readonly string[]
  outcome: 'held' | 'fell'
}

export interface BranchAnswer {
  /** Branches that stood in a hold without a fall. */
  sound: readonly string[]
  /** Those that can be the cause: open in a fall and in no hold. */
  suspect: readonly string[]
  /** The line before the branches leaks: it fell with all of them shut. */
  mainLeaks: boolean
  /** The one branch it must be. */
  found: string | null
}

/**
 * Which branch leaks, from holds with the appliances isolated in turn.
 *
 * @param branches - identifiers of all
 * @param holds - in any order
 */
export function isolateLeakingBranch(branches: readonly string[], holds: readonly BranchHold[]): BranchAnswer {
  const sound = branches.filter((id) => holds.some(({ open, outcome }) => outcome === 'held' && open.includes(id)))
  const mainLeaks = holds.some(({ open, outcome }) => outcome === 'fell' && open.every((id) => sound.includes(id)))
  const falls = holds.filter(({ outcome }) => outcome === 'fell')
  const suspect = branches.filter((id) => !sound.includes(id) && falls.some(({ open }) => open.includes(id)))
  // A fall with only one branch in it that is not cleared, and a main line that held on its own.
  const mainHeld = holds.some(({ outcome }) => outcome === 'held')
  const [only] = falls.map(({ open }) => open.filter((id) => !sound.includes(id))).filter((left) => left.length === 1)
  return { sound, suspect, mainLeaks, found: mainHeld && !mainLeaks && only ? (only[0] ?? null) : null }
}
