'use client'

import { useState } from 'react'
import { type NightRibbon, type RibbonHour, weakestHour } from '@/core/run/analysis/nightRibbons'
import { formatQuantity } from '@/core/units/formatQuantity'
import type { UnitSystem } from '@/core/units/displayRoles'
import { useUnits } from '@/ui/state/UnitsProvider'

const causeLabels = {
  empty: 'empty',
  cold: 'too cold to boil',
  regulator: 'more than the regulator passes',
  battery: 'battery flat',
  lever: 'nobody turns the lever',
} as const

const stateLabels = { nothing: 'nothing burns', well: 'comes through', weak: 'near its limit', short: 'short' } as const

/** Hours of the clock that are written under a ribbon. */
const clockMarks: Readonly<Record<number, string>> = { 0: 'midnight', 6: '6 am', 12: 'noon', 18: '6 pm' }

/** Text of one hour. */
function formatHour(hour: RibbonHour, system: UnitSystem): string {
  const show = (value: number, role: 'cylinderPressure' | 'power' | 'temperature'): string =>
    formatQuantity({ value, role }, system)
  return [
    hour.words,
    `${stateLabels[hour.state]}${hour.causes.length > 0 ? `: ${hour.causes.map((cause) => causeLabels[cause]).join(', ')}` : ''}`,
    `${show(hour.gaugePa, 'cylinderPressure')} before the regulator`,
    `${show(hour.wantedW, 'power')} wanted`,
    `${show(hour.outsideK, 'temperature')} outside`,
    ...(hour.frosted ? ['frost on the cylinder'] : []),
    ...(hour.roomK === null ? [] : [`${show(hour.roomK, 'temperature')} inside`]),
  ].join(' · ')
}

/** One row of hours per night with pressure and shortages. */
export function NightRibbons({ ribbons }: { ribbons: readonly NightRibbon[] }) {
  const { system } = useUnits()
  const [asked, setAsked] = useState<RibbonHour | null>(null)
  const weakest = weakestHour(ribbons)
  const shown = asked ?? weakest
  return (
    <section className="ribbons" aria-label="Nights hour by hour; the table below says the same">
      <ol>
        {ribbons.map(({ night, needShare, hours }) => (
          <li key={night} className="ribbon">
            <b>night {night}</b>
            <div className="ribbon-hours" style={{ '--need': needShare } as React.CSSProperties} aria-hidden="true">
              {hours.map((hour) => (
                <span
                  key={hour.fromS}
                  className={`hour ${hour.state} ${hour === weakest ? 'weakest' : ''}`}
                  style={{ '--share': hour.share } as React.CSSProperties}
                  onMouseEnter={() => setAsked(hour)}
                  onMouseLeave={() => setAsked(null)}
                  onClick={() => setAsked(hour)}
                >
                  <i />
                  {clockMarks[hour.clockH] && <small>{clockMarks[hour.clockH]}</small>}
                </span>
              ))}
            </div>
          </li>
        ))}
      </ol>
      <p className="ribbon-words">{shown ? formatHour(shown, system) : 'Point at an hour to read it.'}</p>
      <p className="ribbon-key hint">
        <span className="hour well">
          <i />
        </span>{' '}
        comes through{' '}
        <span className="hour weak">
          <i />
        </span>{' '}
        near its limit{' '}
        <span className="hour short">
          <i />
        </span>{' '}
        short. Height is the pressure before the regulator, the dashed line what it needs; ▼ marks the weakest hour.
      </p>
    </section>
  )
}
