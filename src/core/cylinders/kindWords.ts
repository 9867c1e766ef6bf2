import { kindFacts, type CylinderKind } from './cylinderKind'

/** A kind's name within a sentence: only its first word's capital goes, an abbreviation's stay. */
export function kindWords(kind: CylinderKind): string {
  const { name } = kindFacts[kind]
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name
}
