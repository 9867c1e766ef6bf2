import type { Quantity } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'

/** One input of a figure. */
export interface FigureInput {
  label: string
  quantity: Quantity
}

/** A number on a screen with its basis and inputs. */
export interface Figure {
  basis: BasisId
  quantity: Quantity
  inputs: readonly FigureInput[]
}

/** One line of a worked sum, with its sign in front. */
export interface SlipLine {
  sign: '' | '+' | '−' | '=' | '×' | '÷'
  label: string
  figure: Figure
}

/** A worked sum as written by hand, ending in the figure that matters. */
export interface Slip {
  lines: readonly SlipLine[]
  result: { label: string; figure: Figure }
  /** What follows from the result. */
  further: readonly SlipLine[]
}
