'use client'

import { memo, useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Finding } from '@/core/findings/Finding'
import { FindingList } from '@/ui/figures/FindingList'

/** A line being drawn has many: most severe first, the rest on demand. */
const FIRST = 8

/** Findings about the line, most severe first. */
export const LineFindings = memo(function LineFindings({ findings }: { findings: readonly Finding[] }) {
  const [all, setAll] = useState(false)
  if (findings.length === 0) {
    return <p>Nothing, by what is drawn and noted. It is soaped before it is used all the same.</p>
  }
  return (
    <>
      <FindingList findings={all ? findings : findings.slice(0, FIRST)} />
      {findings.length > FIRST && (
        <Button variant="quiet" size="sm" className="mt-2" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Only the gravest' : `All ${findings.length}`}
        </Button>
      )}
    </>
  )
})
