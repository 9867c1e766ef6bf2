'use client'

import { Printer } from 'lucide-react'
import Button from 'react-bootstrap/Button'

/** Prints the page. */
export function PrintButton() {
  return (
    <Button onClick={() => window.print()}>
      <Printer size={16} aria-hidden="true" /> Print
    </Button>
  )
}
