import type { GraphPart } from './lineGraph'

/** Heat input of an appliance in W: from its plate as entered, else the usual one of its kind; 0 for anything else. */
export function inputOfW({ part, type }: GraphPart): number {
  return type.appliance ? (part.inputW ?? type.appliance.inputW) : 0
}
