'use client'

import type { AirThreshold, RoomAir } from '@/core/heat/air/roomAir'
import { airSummary } from '@/core/heat/air/airSummary'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { StateMark } from '@/ui/figures/StateMark'
import type { Night } from './nightInput'
import { heatLabels } from '@/ui/terms/heatLabels'

const isGrave = ({ of, at }: AirThreshold): boolean => of === 'oxygen' || (of === 'co2' && at >= 5000)

function Mark({ mark }: { mark: AirThreshold }) {
  if (mark.of === 'glass') return <>{mark.words}</>
  return (
    <>
      {mark.of === 'co2' ? 'CO2 over ' : 'oxygen under '}
      <Amount quantity={{ value: mark.at, role: mark.of === 'co2' ? 'concentration' : 'oxygen' }} />: {mark.words} (
      {mark.source})
    </>
  )
}

/** Minutes in the first two hours, hours from there on. */
function After({ atS }: { atS: number }) {
  return <Amount quantity={{ value: atS, role: atS < 7200 ? 'minutes' : 'duration' }} />
}

/** The night in a sentence and four numbers, then every mark with when it is crossed. */
export function AirVerdict({ air, night, isUnvented }: { air: RoomAir; night: Night; isUnvented: boolean }) {
  const { figures, worst } = airSummary(air)
  const litWhileAsleep = isUnvented && night.asleep > 0 && night.mode !== 'off' && night.untilS === null
  return (
    <div className="air-verdict">
      <p className="air-sentence">
        <StateMark state={worst === null ? 'none' : isGrave(worst.mark) ? 'stop' : 'fix-first'} />
        {worst === null ? (
          <span>By this model no mark is crossed in these hours.</span>
        ) : (
          <span>
            By this model <Mark mark={worst.mark} />, after <After atS={worst.atS} />.
          </span>
        )}
      </p>
      <ul className="air-figures">
        {figures.map(({ label, figure }) => (
          <li key={label}>
            <span>{label}</span>
            <FigureButton figure={figure} className="large" />
          </li>
        ))}
      </ul>
      {air.events.map(({ what, atS, why }) => (
        <p key={what} className="issue">
          After <After atS={atS} />: {why}
        </p>
      ))}
      {litWhileAsleep && (
        <p className="issue" role="alert">
          A heater without a chimney is not left on while people sleep, whatever the sum says.
        </p>
      )}
      <ul className="air-marks" aria-label={heatLabels.marksForTheAir}>
        {air.firstCrossings.map(({ mark, atS }) => (
          <li key={mark.id} className={atS === null ? '' : isGrave(mark) ? 'stop' : 'fix-first'}>
            <span>
              <Mark mark={mark} />
            </span>
            <b>
              {atS === null ? (
                'not reached'
              ) : (
                <>
                  after <After atS={atS} />
                </>
              )}
            </b>
          </li>
        ))}
      </ul>
      <p className="caution-note">
        Carbon monoxide is no part of this: a flame that burns badly makes it at any hour, and only an alarm tells of
        it.
      </p>
    </div>
  )
}
