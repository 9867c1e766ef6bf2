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

/** Class 39 in every form, and the inner receptacles 2P and 2Q: thrown away when empty. */
const DISPOSABLE =
  /^(?:(DOT|TC|CTC|ICC)[\s-]*)?(?:(39)M?(?:[\s-]*NRC)?(?:[\s-]*\d{1,3}(?:\/\d{1,3})?)?M?|(2[PQ])\d?)(?:[\s-]*NRC)?$/

/** Permits and standards under which composites are made. */
const PERMIT =
  /^(?:(DOT|TC)[\s-]*(SP|SU|E)[\s-]*(\d{4,5})|(ISO[\s-]*11119(?:-[123])?|EN[\s-]*(?:12245|14427)|TC[\s-]*3(?:HW|FC|HWM|FCM)[A-Z0-9]*))$/

/** Words that say that a cylinder is wound of fiber. */
export const COMPOSITE_WORDS = String.raw`COMPOSITE|FIB(?:ER|RE)[\s-]?GLASS|FRP|CARBON[\s-]?FIB(?:ER|RE)|FULLY?[\s-]?WRAPPED|HOOP[\s-]?WRAPPED`

function isCompositeWord(upper: string): boolean {
  return new RegExp(`^(?:${COMPOSITE_WORDS})$`).test(upper)
}

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
  if (disposable && (disposable[1] || /^39M?$|NRC/.test(upper))) {
    const name = `${disposable[1] ?? 'DOT'}-${disposable[2] ?? disposable[3]}`
    return { name, dateClass: 'non-refillable', servicePressurePa: null }
  }
  const permit = PERMIT.exec(upper)
  if (permit) {
    const name = permit[4]?.replace(/\s+/g, '-') ?? `${permit[1]}-${permit[2]}${permit[3]}`
    return { name, dateClass: 'composite', servicePressurePa: null }
  }
  // A composite is often named by its word alone.
  if (isCompositeWord(upper)) return { name: 'COMPOSITE', dateClass: 'composite', servicePressurePa: null }
  return null
}

/** What a composite's own label says; null where nothing was entered. */
export interface LabelDates {
  labelIntervalMonths: number | null
  endOfLifeMonth: string | null
}

/**
 * Date class of a cylinder: by its kind where that decides, else by its specification, else by its label, which only
 * composites have.
 *
 * @param specification - as stamped; null when nothing was entered, then the kind decides
 * @param label - what its label says
 * @returns `not-understood` for a specification that is none that is known: it never gets the best case
 */
export function findDateClass(kind: CylinderKind, specification: string | null, label: LabelDates): DateClass {
  const { dateClass } = kindFacts[kind]
  if (dateClass.overStamps) return dateClass.class
  const stamped = specification === null ? null : readSpecification(specification)
  if (stamped?.dateClass === 'non-refillable') return 'non-refillable'
  if (label.labelIntervalMonths !== null || label.endOfLifeMonth !== null) return 'composite'
  if (specification === null) return dateClass.class
  return stamped?.dateClass ?? 'not-understood'
}
