'use client'

import Form from 'react-bootstrap/Form'
import type { LineBranch } from '@/core/hookup/line/lineBranches'
import { isolateLeakingBranch, type BranchHold } from '@/core/leak-test/hold/isolateLeakingBranch'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

const namesOf = (branches: readonly LineBranch[], ids: readonly string[]): string =>
  branches
    .filter(({ id }) => ids.includes(id))
    .map(({ name }) => name)
    .join(', ')

/** The appliances isolated in turn: what each hold clears, and where the leak then is. */
export function BranchSearch({
  branches,
  holds,
  open,
  setOpen,
}: {
  branches: readonly LineBranch[]
  holds: readonly BranchHold[]
  /** Branches open in the hold being made; null when none is isolated. */
  open: readonly string[] | null
  setOpen: (open: readonly string[] | null) => void
}) {
  const answer = isolateLeakingBranch(
    branches.map(({ id }) => id),
    holds,
  )
  return (
    <section aria-label={leakTestLabels.whichBranch}>
      <h2>Which branch leaks</h2>
      <p className="hint">
        Shut every branch and hold: what falls now is the main line. Then open one branch after the other and hold each
        time.
      </p>
      <Form.Check
        id="isolated"
        label={leakTestLabels.inThisHoldSomeBranchesAre}
        checked={open !== null}
        onChange={() => setOpen(open === null ? [] : null)}
      />
      {open !== null && (
        <fieldset className="branches">
          <legend>{leakTestLabels.openInThisHold}</legend>
          {branches.map(({ id, name }) => (
            <Form.Check
              key={id}
              id={`branch-${id}`}
              label={name}
              checked={open.includes(id)}
              onChange={() => setOpen(open.includes(id) ? open.filter((other) => other !== id) : [...open, id])}
            />
          ))}
        </fieldset>
      )}
      {holds.length > 0 && (
        <>
          <ul className="plain-list mt-2">
            {holds.map(({ open: stood, outcome }, i) => (
              <li key={i}>
                {stood.length === 0 ? 'All shut' : `Open: ${namesOf(branches, stood)}`}:{' '}
                {outcome === 'held' ? 'held' : 'fell'}
              </li>
            ))}
          </ul>
          <p role="status">
            <strong>
              {answer.mainLeaks
                ? 'The main line itself leaks, before the branches.'
                : answer.found
                  ? `It is the branch to ${namesOf(branches, [answer.found])}.`
                  : answer.suspect.length > 0
                    ? `Still suspect: ${namesOf(branches, answer.suspect)}.`
                    : 'Nothing is suspect by these holds.'}
            </strong>
          </p>
        </>
      )}
    </section>
  )
}
