import type { ReactNode } from 'react'
import type { Finding } from '@/core/findings/Finding'
import { formatPhrase } from '@/core/units/formatQuantity'
import { PhraseText } from './Amount'
import { MarkedItem } from './MarkedItem'
import { remedyHref } from './remedyHref'
import { stateLabels } from './StateMark'

/** One finding: what, why, and the button that fixes it. */
export function FindingItem({ finding, children }: { finding: Finding; children?: ReactNode }) {
  return (
    <MarkedItem
      state={finding.severity}
      title={
        <>
          <span className="visually-hidden">{stateLabels[finding.severity]}: </span>
          <PhraseText phrase={finding.sentence} />
        </>
      }
      href={remedyHref(finding.remedy)}
      label={finding.remedy.label}
    >
      <p className="hint">
        <PhraseText phrase={finding.reason} />
      </p>
      {children}
    </MarkedItem>
  )
}

/** List of findings: what, why, and a button that fixes each. */
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
