import Link from 'next/link'
import type { Finding } from '@/core/findings/Finding'
import { formatPhrase } from '@/core/units/formatPhrase'
import { PhraseText } from './Amount'
import { StateMark, stateWords } from './StateMark'
import { stationFacts } from './stationFacts'

/** A cylinder has pages of its own; at the other stations the subject is chosen on the page. */
function remedyHref({ station, subjectId, page, about }: Finding['remedy']): string {
  const { route } = stationFacts[station]
  if (station === 'cylinders') return [route, subjectId, page].filter(Boolean).join('/')
  const place = [route, page].filter(Boolean).join('/')
  if (station === 'fill') return subjectId ? `${place}?cylinder=${subjectId}` : place
  if (station === 'hookup' || station === 'leak-test') {
    const search = new URLSearchParams({ ...(subjectId && { line: subjectId }), ...(about && { about }) })
    return search.size > 0 ? `${place}?${search}` : place
  }
  if (station === 'heat') {
    const isOfRoom = page === undefined || page === 'air'
    const search = new URLSearchParams({
      ...(subjectId && { [isOfRoom ? 'room' : 'heater']: subjectId }),
      ...(about && { about }),
    })
    return search.size > 0 ? `${place}?${search}` : place
  }
  return station === 'run' ? place : route
}

/** Findings as they are said everywhere: what, why, and one button that goes to the place where it is mended. */
export function FindingList({ findings }: { findings: readonly Finding[] }) {
  return (
    <ul className="findings">
      {findings.map((finding) => (
        <li
          key={[
            finding.code,
            finding.remedy.subjectId,
            finding.remedy.about,
            formatPhrase(finding.sentence, 'us'),
          ].join(' ')}
          className={finding.severity}
        >
          <StateMark state={finding.severity} />
          <div>
            <strong>
              <span className="visually-hidden">{stateWords[finding.severity]}: </span>
              <PhraseText phrase={finding.sentence} />
            </strong>
            <p className="hint">
              <PhraseText phrase={finding.reason} />
            </p>
          </div>
          <Link className="btn btn-quiet" href={remedyHref(finding.remedy)}>
            {finding.remedy.label}
          </Link>
        </li>
      ))}
    </ul>
  )
}
