'use client'

import { Link } from '@/ui/shell/Link'
import Button from 'react-bootstrap/Button'
import { formatNights } from '@/app/shared/nights'
import { useSave } from '@/ui/state/useSave'
import { voidEventAction } from '@/actions/log'
import { answerCalibrationAction } from '@/actions/trip'
import { supplies, type Supply, supplyLabels } from '@/core/cylinders/cylinderKind'
import { TAUGHT, type UseFactors } from '@/core/run/learnedUse'
import type { CalibrationAnswer } from '@/core/run/tripPlan'
import type { CalibratedGroup, UsageCalibrationResult } from '@/core/trip/usage/calibrateUsage'
import { calibrationSlip } from '@/core/trip/usage/calibrationSlip'
import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { Amount, PhraseText } from '@/ui/figures/Amount'
import { DateTime } from '@/ui/figures/DateTime'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useNotice } from '@/ui/state/UndoProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** A valid answer. */
interface AnsweredCalibration {
  id: string
  supply: Supply
  answer: CalibrationAnswer
  factor: number
  untilAt: string
  learnedAt: string
}

/** What is taught of one appliance, or of several on the same cylinders. */
function GroupLine({ group: { uses, factor, range, taught } }: { group: CalibratedGroup }) {
  return (
    <li>
      {uses.map(({ name }) => name).join(', ')}: <Amount quantity={{ value: taught, role: 'share' }} /> of the habits as
      entered
      {uses.length > 1 && ', shared: the records do not tell them apart'}
      {taught !== factor && (
        <>
          . Measured was <Amount quantity={{ value: factor, role: 'share' }} />; one trip teaches{' '}
          {factor > TAUGHT.most ? 'twice' : 'half'} at most. Check the hours
        </>
      )}
      . By the scale between <Amount quantity={{ value: range.least, role: 'share' }} /> and{' '}
      <Amount quantity={{ value: range.most, role: 'share' }} />.
    </li>
  )
}

/** What the plan counts of the habits now, by appliance. */
function CountedNow({ supply, learned }: { supply: Supply; learned: UseFactors }) {
  const own = (learned.uses ?? []).filter((use) => use.supply === supply)
  const whole = learned[supply]
  if (own.length === 0 && whole === undefined) return 'The plan goes by the habits as entered.'
  const isOne = own.every(({ factor }) => factor === own[0]?.factor)
  const factor = whole ?? own[0]?.factor ?? 1
  return (
    <>
      The plan counts{' '}
      {isOne ? <Amount quantity={{ value: factor, role: 'share' }} /> : 'by what each appliance was found to burn'} of
      the habits as entered, on this trip and on those after it, until you enter other hours.
    </>
  )
}

function SupplyCalibration({
  tripId,
  supply,
  found,
  learned,
  last,
  balance,
  nightsLeft,
}: {
  tripId: string
  supply: Supply
  found: UsageCalibrationResult
  learned: UseFactors
  last: AnsweredCalibration | undefined
  balance: SupplyBalance | undefined
  nightsLeft: number
}) {
  const { save, saving, issueAt } = useSave(answerCalibrationAction)
  const say = useNotice()
  const takeBack = async (id: string): Promise<boolean> =>
    (await voidEventAction({ of: 'lesson', id, reason: sharedLabels.takenBack }).catch(() => null))?.ok === true
  const answer = async (given: CalibrationAnswer): Promise<void> => {
    const done = await save({ tripId, supply, answer: given })
    if (done) {
      say({
        done: given === 'taken' ? 'The plan goes by the weigh-ins' : 'The plan stays as entered',
        undo: () => takeBack(done.value.id),
      })
    }
  }
  const isAnswered = last !== undefined && found.calibration !== null && last.untilAt === found.calibration.untilAt
  const wrong = issueAt('supply') ?? issueAt('')
  return (
    <section className="bench-and-slip mt-3" aria-label={supplyLabels[supply]}>
      <div>
        <h2>{supplyLabels[supply]}</h2>
        {found.calibration === null ? (
          <p>
            <PhraseText phrase={found.why} />
          </p>
        ) : (
          <>
            <p>
              Burned <Amount quantity={{ value: found.calibration.burnedKg, role: 'cylinderMass' }} /> where the habits
              as entered would have burned{' '}
              <Amount quantity={{ value: found.calibration.plannedKg, role: 'cylinderMass' }} />.
            </p>
            <ul className="plain-list">
              {found.calibration.groups.map((group) => (
                <GroupLine key={group.uses.map(({ id }) => id).join(' ')} group={group} />
              ))}
            </ul>
            <div className="save-line">
              <Button disabled={saving.state === 'saving'} onClick={() => void answer('taken')}>
                {tripsLabels.planTheNightsLeftByThis}
              </Button>
              <Button variant="quiet" disabled={saving.state === 'saving'} onClick={() => void answer('refused')}>
                {tripsLabels.leaveThePlanAsEntered}
              </Button>
            </div>
          </>
        )}
        {wrong && (
          <p className="issue" role="alert">
            {wrong}
          </p>
        )}
        {last && (
          <p className="answer">
            {last.answer === 'taken' ? 'Taken' : 'Refused'} <DateTime iso={last.learnedAt} />
            {!isAnswered && ', by an earlier weigh-in'}.{' '}
            <Button variant="bare" size="sm" onClick={() => void takeBack(last.id)}>
              {tripsLabels.takeThisBack}
            </Button>
          </p>
        )}
        <p>
          <CountedNow supply={supply} learned={learned} />{' '}
          {balance && (
            <>
              For {formatNights(nightsLeft)}: <Amount quantity={{ value: balance.neededKg, role: 'cylinderMass' }} />{' '}
              needed, <Amount quantity={{ value: balance.aboardKg, role: 'cylinderMass' }} /> aboard.
            </>
          )}
        </p>
      </div>
      {found.calibration && (
        <SlipPaper
          title="What was learned"
          sub={supplyLabels[supply].toLowerCase()}
          slip={calibrationSlip(found.calibration)}
        />
      )}
    </section>
  )
}

/** Calibration from weigh-ins on the way, to be applied to the plan or refused. */
export function CalibrationBench({
  tripId,
  found,
  learned,
  answered,
  balances,
  nightsLeft,
}: {
  tripId: string
  found: Readonly<Record<Supply, UsageCalibrationResult>>
  learned: UseFactors
  answered: readonly AnsweredCalibration[]
  balances: readonly SupplyBalance[]
  nightsLeft: number
}) {
  return (
    <>
      <p>
        Weigh what is on, of an evening, or log a swap below: what was burned corrects the plan for the nights left, and
        the habits of the next trip. <Link href="/cylinders">To the scale</Link>
      </p>
      {supplies.map((supply) => (
        <SupplyCalibration
          key={supply}
          tripId={tripId}
          supply={supply}
          found={found[supply]}
          learned={learned}
          last={answered.find((one) => one.supply === supply)}
          balance={balances.find((one) => one.supply === supply && one.neededKg > 0)}
          nightsLeft={nightsLeft}
        />
      ))}
    </>
  )
}
