import type { QuantitySource } from '@/core/base/provenance'
import type { Quantity } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'

/** One input of a figure. */
export interface FigureInput {
  label: string
  quantity: Quantity
  /** How it is known; entered or computed when absent. */
  source?: QuantitySource | undefined
}

/** A number on a screen with its basis and inputs. */
export interface Figure {
  basis: BasisId
  quantity: Quantity
  inputs: readonly FigureInput[]
  /** How it is known, where it is itself an input; absent otherwise. */
  source?: QuantitySource | undefined
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
