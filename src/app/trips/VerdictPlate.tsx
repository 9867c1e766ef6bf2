import type { TripJudgement } from '@/core/readiness/judgeTrip'
import { StateMark } from '@/ui/StateMark'

const verdictWords = { ready: 'Ready', 'fix-first': 'Fix first', stop: 'Stop' } as const

const enoughWords = {
  enough: 'The gas is enough, by the weighings and the hours below.',
  short: 'The gas is not enough.',
  unknown: 'Nobody can say yet whether the gas is enough.',
} as const

/** The verdict in shape, word and colour, and what of it is about the gas alone. */
export function VerdictPlate({ judgement }: { judgement: TripJudgement }) {
  const { verdict, enough, findings } = judgement
  const open = findings.filter(({ severity }) => severity !== 'note').length
  return (
    <div className={`verdict ${verdict}`} role="status">
      <StateMark state={verdict} size={56} />
      <div>
        <strong>{verdictWords[verdict]}</strong>
        <p>
          <b>{enoughWords[enough]}</b>{' '}
          {open > 0 && `${open} ${open === 1 ? 'thing' : 'things'} to see to before leaving, listed below.`}
        </p>
      </div>
    </div>
  )
}
