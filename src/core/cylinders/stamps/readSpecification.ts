import { type DateClass, kindFacts, type CylinderKind } from '@/core/cylinders/cylinderKind'
import { fromUnit } from '@/core/units/convert'

/** A parsed specification stamp. */
interface Specification {
  /** In normal form: `DOT-4BA240`. */
  name: string
  dateClass: DateClass
  /** Gauge pressure; null where the stamp does not say. */
  servicePressurePa: number | null
}

/** Authority, class and service pressure; the authority is optional. */
const NUMBERED = /^(?:(DOT|TC|CTC|ICC)[\s-]*)?([34](?:AL|AA|BA|BW|B|E|A))(M?)[\s-]?(\d{2,4})(?:ET)?$/

const DISPOSABLE = /^(?:(DOT|TC|CTC)[\s-]*)?39(?:[\s-]?(?:NRC[\s-]?)?\d{2,3}(?:\/\d{2,3})?)?$/

const PERMIT = /^(DOT|TC)[\s-]*(SP|SU|E)[\s-]*(\d{4,5})$/

/**
 * Parses a specification stamp.
 *
 * @param text - `DOT-4BA240`, `tc 4bam17`, `DOT-39`, `DOT-SP 13957`
 * @returns null when it is none that is known
 * @see 49 CFR part 178, subpart C, for the classes [from memory]
 */
export function readSpecification(text: string): Specification | null {
  const upper = text.trim().toUpperCase()
  const numbered = NUMBERED.exec(upper)
  if (numbered) {
    const [, authority = 'DOT', letters = '', metric = '', pressure = ''] = numbered
    return {
      name: `${authority}-${letters}${metric}${pressure}`,
      dateClass: letters.startsWith('3') ? 'high-pressure' : 'welded',
      // An M after the class means that the pressure is stamped in bar.
      servicePressurePa: fromUnit(Number(pressure), 'gaugePressure', metric ? 'bar' : 'psi'),
    }
  }
  const disposable = DISPOSABLE.exec(upper)
  if (disposable && (disposable[1] || upper === '39')) {
    return { name: `${disposable[1] ?? 'DOT'}-39`, dateClass: 'non-refillable', servicePressurePa: null }
  }
  const permit = PERMIT.exec(upper)
  if (permit) {
    return { name: `${permit[1]}-${permit[2]}${permit[3]}`, dateClass: 'composite', servicePressurePa: null }
  }
  return null
}

/**
 * Date class of a cylinder: by its kind where that decides, else by its specification.
 *
 * @param specification - as stamped; when null or unknown, the kind decides
 */
export function findDateClass(kind: CylinderKind, specification: string | null): DateClass {
  const { dateClass } = kindFacts[kind]
  if (dateClass.overStamps || specification === null) return dateClass.class
  return readSpecification(specification)?.dateClass ?? dateClass.class
}
