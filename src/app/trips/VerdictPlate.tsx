import type { TripJudgement } from '@/core/readiness/judgeTrip'
import { StateMark } from '@/ui/StateMark'

const verdictWords = { ready: 'Ready', 'fix-first': 'Fix first', stop: 'Stop' } as const

const enoughWords = {
  enough: 'The gas is enough, by the weighings and the hours below.',
  short: 'The gas is not enough.',
  unknown: 'Nobody can say yet whether the gas is enough.',
} as const

const supplyWords = { line: 'The rig’s line', bottles: 'Small bottles' } as const
const shortWords = { enough: 'enough', short: 'not enough', unknown: 'not known' } as const

function gasWords({ enough, enoughBySupply }: TripJudgement): string {
  // Two supplies that fare differently are told apart: neither helps the other.
  if (new Set(enoughBySupply.map((each) => each.enough)).size < 2) return enoughWords[enough]
  return enoughBySupply.map((each) => `${supplyWords[each.supply]}: ${shortWords[each.enough]}.`).join(' ')
}

/** The verdict in shape, word and colour, and what of it is about the gas alone. */
export function VerdictPlate({ judgement }: { judgement: TripJudgement | null }) {
  if (judgement === null) {
    return (
      <div className="verdict" role="status">
        <StateMark state="fix-first" size={56} />
        <div>
          <strong>Not judged</strong>
          <p>A field cannot be read. Mend the one that is marked, and the verdict is back.</p>
        </div>
      </div>
    )
  }
  const { verdict, findings } = judgement
  const open = findings.filter(({ severity }) => severity !== 'note').length
  return (
    <div className={`verdict ${verdict}`} role="status">
      <StateMark state={verdict} size={56} />
      <div>
        <strong>{verdictWords[verdict]}</strong>
        <p>
          <b>{gasWords(judgement)}</b>{' '}
          {open > 0 && `${open} ${open === 1 ? 'thing' : 'things'} to see to before leaving, listed below.`}
        </p>
      </div>
    </div>
  )
}
