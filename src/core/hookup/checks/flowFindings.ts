import type { Finding } from '@/core/findings/Finding'
import { applianceFlow, pressureDisplayRole } from '@/core/hookup/flow/applianceFlow'
import { makeFinding } from '@/core/findings/makeFinding'
import type { LineCase } from './lineCase'

/**
 * Findings about flow: appliances that get too little gas, regulators beyond their rating.
 *
 * @param lineCase - the line to check; one with a cycle has no flow
 * @param demandsW - planned heat input by part
 */
export function flowFindings(
  { lineId, graph, flow, zones }: LineCase,
  demandsW: Readonly<Record<string, number>>,
): Finding[] {
  if (!flow) return []
  const unreachableParts = new Set(graph.unreachableParts)
  const appliances = applianceFlow(graph, flow).filter(({ part }) => !unreachableParts.has(part.part.id))
  const found: Finding[] = []
  for (const { part, live, starves, flowingGaugePa, requiredGaugePa } of appliances) {
    const { id } = part.part
    const wanted = (demandsW[id] ?? 0) > 0
    if (wanted && !live) {
      found.push(
        makeFinding('hookup', 'no-gas', {
          subjectId: lineId,
          text: 'No gas comes to {part}.',
          reason: 'A valve on the way is shut, or the changeover is at the empty side.',
          parts: { part: part.name },
          about: id,
        }),
      )
    }
    // An appliance with its own regulator on low pressure is already reported by the zone check.
    const told = part.type.appliance?.ownRegulator && zones.get(id)?.inlet === 'low'
    if (starves && live && !told) {
      found.push(
        makeFinding('hookup', 'appliance-starves', {
          subjectId: lineId,
          text: '{part} gets {gets} with all of them burning; it wants {wants}.',
          reason: 'It burns weak, or its flame goes out. A wider bore, a larger regulator, or fewer burning at once.',
          parts: {
            part: part.name,
            gets: { value: flowingGaugePa, role: pressureDisplayRole(requiredGaugePa) },
            wants: { value: requiredGaugePa, role: pressureDisplayRole(requiredGaugePa) },
          },
          about: id,
        }),
      )
    }
  }
  for (const part of graph.sortFindings) {
    const ratedW = part.type.regulator?.ratedW
    const flowW = flow.get(part.part.id)?.flowW ?? 0
    if (!ratedW || flowW <= ratedW) continue
    found.push(
      makeFinding('hookup', 'regulator-too-small', {
        subjectId: lineId,
        text: '{part} is asked for {flow}; it is rated for {rated}.',
        reason: 'Beyond its rating its pressure falls away. A larger one, or fewer burning at once.',
        parts: { part: part.name, flow: { value: flowW, role: 'power' }, rated: { value: ratedW, role: 'power' } },
        about: part.part.id,
      }),
    )
  }
  return found
}
