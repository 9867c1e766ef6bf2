import Link from 'next/link'
import type { ReactNode } from 'react'
import type { Finding } from '@/core/findings/Finding'
import { formatPhrase } from '@/core/units/formatPhrase'
import { PhraseText } from './Amount'
import { remedyHref } from './remedyHref'
import { StateMark, stateWords } from './StateMark'

/** One finding: what, why, and the button to where it is mended. */
export function FindingItem({ finding, children }: { finding: Finding; children?: ReactNode }) {
  return (
    <li className={finding.severity}>
      <StateMark state={finding.severity} />
      <div>
        <strong>
          <span className="visually-hidden">{stateWords[finding.severity]}: </span>
          <PhraseText phrase={finding.sentence} />
        </strong>
        <p className="hint">
          <PhraseText phrase={finding.reason} />
        </p>
        {children}
      </div>
      <Link className="btn btn-quiet" href={remedyHref(finding.remedy)}>
        {finding.remedy.label}
      </Link>
    </li>
  )
}

/** Findings as they are said everywhere: what, why, and one button that goes to the place where it is mended. */
export function FindingList({ findings }: { findings: readonly Finding[] }) {
  return (
    <ul className="findings">
      {findings.map((finding) => (
        <FindingItem
          key={[
            finding.code,
            finding.remedy.subjectId,
            finding.remedy.about,
            formatPhrase(finding.sentence, 'us'),
          ].join(' ')}
          finding={finding}
        />
      ))}
    </ul>
  )
}
