'use client'

import type { Figure } from '@/core/rules/figure'
import { figureParts, formatFigure } from '@/core/rules/formatFigure'
import { useUnits } from '@/ui/state/UnitsProvider'

/** A figure as running text, an estimate with “about”. */
export function FigureText({ figure }: { figure: Figure }) {
  return formatFigure(figure, useUnits().system)
}

/** A figure with its unit, and “about” before an estimate, set smaller. */
export function BigFigure({ figure }: { figure: Figure }) {
  const { about, number, unit } = figureParts(figure, useUnits().system)
  return (
    <>
      {about !== '' && <small>{about} </small>}
      {number}
      {unit !== '' && <small> {unit}</small>}
    </>
  )
}
