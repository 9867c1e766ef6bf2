'use client'

import { Printer } from 'lucide-react'
import Button from 'react-bootstrap/Button'
import { keepVerdictAction } from '@/actions/trip'

/** Prints the page, and keeps the verdict that is on it. */
export function PrintButton({ tripId }: { tripId: string }) {
  return (
    <Button
      onClick={() => {
        // The paper does not depend on it.
        void keepVerdictAction({ tripId }).catch(() => null)
        window.print()
      }}
    >
      <Printer size={16} aria-hidden="true" /> Print
    </Button>
  )
}
