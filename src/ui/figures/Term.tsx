'use client'

import { useId, type ReactNode } from 'react'
import OverlayTrigger from 'react-bootstrap/OverlayTrigger'
import Popover from 'react-bootstrap/Popover'
import { terms, type TermId } from '@/ui/terms/terms'

/** A technical term, explained on hover, focus or tap. */
export function Term({ id: term, children }: { id: TermId; children: ReactNode }) {
  const id = useId()
  const sheet = (
    <Popover id={id}>
      <Popover.Body>{terms[term]}</Popover.Body>
    </Popover>
  )
  return (
    <OverlayTrigger trigger={['hover', 'focus', 'click']} placement="auto" overlay={sheet}>
      <button type="button" className="term">
        {children}
      </button>
    </OverlayTrigger>
  )
}
