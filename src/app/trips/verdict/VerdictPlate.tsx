import { supplyLabels } from '@/core/cylinders/cylinderKind'
import { verdictLabels } from '@/core/findings/verdict'
import type { Readiness } from '@/core/trip/readiness/readiness'
import type { TripJudgment } from '@/core/trip/readiness/judgeTrip'
import { PhraseText } from '@/ui/figures/Amount'
import { StateMark } from '@/ui/figures/StateMark'

const enoughLabels = {
  enough: 'The gas is enough, by the weighings and the hours below.',
  short: 'The gas is not enough.',
  unknown: 'Nobody can say yet whether the gas is enough.',
} as const

const shortLabels = { enough: 'enough', short: 'not enough', unknown: 'not known' } as const

function describeGas({ isOver, enough, enoughBySupply }: TripJudgment): string {
  if (isOver) return 'This trip is over: it needs no more gas.'
  // Supplies with different results are listed separately: neither helps the other.
  if (new Set(enoughBySupply.map((each) => each.enough)).size < 2) return enoughLabels[enough]
  return enoughBySupply.map((each) => `${supplyLabels[each.supply]}: ${shortLabels[each.enough]}.`).join(' ')
}

/** Verdict as shape, word and color, and whether the gas is enough. */
export function VerdictPlate({ judgment, ready }: { judgment: TripJudgment | null; ready: Readiness | null }) {
  if (judgment === null || ready === null) {
    return (
      <div className="verdict" role="status">
        <StateMark state="fix-first" size={56} />
        <div>
          <strong>Not judged</strong>
          <p>A field cannot be read. Correct the one that is marked, and the verdict is back.</p>
        </div>
      </div>
    )
  }
  const { verdict, openCount, answered } = ready
  const accepted = answered.filter((one) => one.accepted !== null)
  return (
    <div className={`verdict ${verdict}`} role="status">
      <StateMark state={verdict} size={56} />
      <div>
        <strong>{verdictLabels[verdict]}</strong>
        <p>
          <b>{describeGas(judgment)}</b>{' '}
          {openCount > 0 && `${openCount} ${openCount === 1 ? 'thing' : 'things'} to see to before leaving.`}{' '}
          {verdict === 'ready' && ' By what was entered and weighed: it is no permission, and your eyes come first.'}
        </p>
        {accepted.length > 0 && (
          <>
            <p className="mb-1">You accepted:</p>
            <ul className="accepted">
              {accepted.map(({ key, finding, accepted: given }) => (
                <li key={key}>
                  <PhraseText phrase={finding.sentence} /> “{given?.reason}”
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </div>
  )
}
