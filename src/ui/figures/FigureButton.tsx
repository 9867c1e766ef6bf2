'use client'

import { useId, type ReactNode } from 'react'
import OverlayTrigger from 'react-bootstrap/OverlayTrigger'
import Popover from 'react-bootstrap/Popover'
import { basis } from '@/core/rules/basis/basis'
import type { Figure } from '@/core/rules/figure'
import { FigureText } from './FigureText'
import { Basis } from './Basis'

/** A number on a screen that opens to what it is based on. */
export function FigureButton({
  figure,
  className = '',
  children,
}: {
  figure: Figure
  className?: string
  children?: ReactNode
}) {
  const id = useId()
  const sheet = (
    <Popover id={id}>
      <Popover.Header as="h3">{basis[figure.basis].title}</Popover.Header>
      <Popover.Body>
        <Basis figure={figure} />
      </Popover.Body>
    </Popover>
  )
  return (
    <OverlayTrigger trigger="click" rootClose placement="auto" overlay={sheet}>
      <button type="button" className={`figure ${className}`} title="What this rests on">
        {children ?? <FigureText figure={figure} />}
      </button>
    </OverlayTrigger>
  )
}
