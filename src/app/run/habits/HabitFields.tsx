'use client'

import { assumed, isAssumed, type QuantitySources } from '@/core/base/provenance'
import { AssumedText } from '@/ui/figures/AssumedText'
import Form from 'react-bootstrap/Form'
import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { Habit } from '@/core/appliances/habit'
import { readActivities } from '@/core/appliances/activities'
import { TaughtText } from '@/app/shared/TaughtText'
import { ClockField } from '@/app/run/ClockField'
import type { RunAppliance } from '@/app/run/runAppliance'
import type { RunEditor } from '@/app/run/useRunEditor'
import { Amount } from '@/ui/figures/Amount'
import { Choice } from '@/ui/fields/Choice'
import { FigureButton } from '@/ui/figures/FigureButton'
import { MaybeMeasure } from '@/ui/fields/MaybeMeasure'
import { Measure } from '@/ui/fields/Measure'
import { NightEnergies } from './NightEnergies'
import { useUnits } from '@/ui/state/UnitsProvider'
import { roundIn, type Round } from '@/ui/state/useUsualInputs'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const wayLabels: Readonly<Record<Habit['way'] | 'none', string>> = {
  none: 'not on this trip',
  hours: 'for so many hours a day',
  warmth: 'to keep the room warm',
  around: 'by itself, as warm as it is around it',
  acts: 'for what is cooked and washed',
}

const EVENING_H = 18

/** Ways that make sense of this kind. */
function waysOf({ kind }: RunAppliance): readonly (Habit['way'] | 'none')[] {
  return ['none', ...applianceTraits[kind].habitWays]
}

function beginning(way: Habit['way'], { kind }: RunAppliance, round: Round): Habit {
  const usual = applianceTraits[kind].habit
  if (way === 'warmth') {
    const asleepK = usual.way === 'warmth' && usual.asleepK !== null ? round('temperature', 57, 14) : null
    return { way, awakeK: round('temperature', 66, 19), asleepK }
  }
  if (usual.way === way) return usual
  if (way === 'around') return { way }
  if (way === 'acts') return { way, words: '' }
  return { way, burnPerDayS: 3600, fromH: EVENING_H }
}

/** Habit of one appliance on the trip, and the gas it needs. */
export function HabitFields({ editor, appliance }: { editor: RunEditor; appliance: RunAppliance }) {
  const { id, name, kind, supply } = appliance
  const { system } = useUnits()
  const use = editor.draft.uses.find(({ applianceId }) => applianceId === id)
  const typed: Habit = { way: 'hours', burnPerDayS: use?.burnPerDayS ?? 0, fromH: EVENING_H }
  const isNone = !use || (use.habit === null && use.burnPerDayS === 0)
  const habit = use?.habit ?? typed
  const put = (next: Habit, field?: string, sources: QuantitySources = {}): void =>
    editor.setUse(
      id,
      { habit: next, burnPerDayS: next.way === 'hours' ? next.burnPerDayS : 0, sources },
      field && `${id} ${field}`,
    )
  const planned = editor.outlook?.trip.uses.find((one) => one.id === id)
  const gasKg = editor.outlook?.run.appliances.find((one) => one.id === id)?.wantedKg
  const activities = habit.way === 'acts' ? readActivities(habit.words) : null
  return (
    <div className="habit">
      <div className="fields narrow">
        <Choice
          id={`habit-${id}`}
          label={`${name} burns`}
          value={isNone ? 'none' : habit.way}
          options={waysOf(appliance).map((way) => [way, wayLabels[way]] as const)}
          set={(way) =>
            way === 'none'
              ? editor.setUse(id, { habit: null, burnPerDayS: 0, sources: {} })
              : put(beginning(way, appliance, roundIn(system)), undefined, { habit: assumed() })
          }
        />
        {!isNone && isAssumed(use.sources, 'habit') && (
          <p className="hint mb-0">
            <AssumedText source={use.sources?.habit} role="duration" />: usual of its kind, until you change it
          </p>
        )}
        {!isNone && <TaughtText taught={planned?.taught} />}
        {!isNone && habit.way === 'hours' && (
          <>
            <Measure
              label={`${name}: hours a day, at full`}
              role="duration"
              mayBeZero
              value={habit.burnPerDayS}
              issue={habit.burnPerDayS > 86_400 ? 'A day has 24 hours.' : null}
              set={(burnPerDayS) => put({ ...habit, burnPerDayS: Math.min(86_400, burnPerDayS) }, 'hours')}
            />
            <ClockField label={`${name}: from`} hour={habit.fromH} set={(fromH) => put({ ...habit, fromH }, 'from')} />
          </>
        )}
        {!isNone && habit.way === 'warmth' && (
          <>
            <Measure
              label={`${name}: warmth while awake`}
              role="temperature"
              value={habit.awakeK}
              set={(awakeK) => put({ ...habit, awakeK }, 'awake')}
            />
            <MaybeMeasure
              label={`${name}: while asleep; empty is off`}
              role="temperature"
              value={habit.asleepK}
              set={(asleepK) => put({ ...habit, asleepK }, 'asleep')}
            />
          </>
        )}
        {!isNone && habit.way === 'acts' && (
          <div className="acts">
            <Form.Label htmlFor={`acts-${id}`}>{name}: in a day, in your words</Form.Label>
            <Form.Control
              id={`acts-${id}`}
              size="sm"
              maxLength={200}
              value={habit.words}
              placeholder="two coffees, one dinner, two showers"
              onChange={(event) => put({ ...habit, words: event.target.value }, 'acts')}
            />
            {activities && activities.unknown.length > 0 && (
              <p className="issue mb-0" role="alert">
                “{activities.unknown.join(', ')}” says nothing here. Known: coffee, tea, breakfast, lunch, soup, dinner,
                bread, showers, dishes, washing.
              </p>
            )}
            {activities && activities.done.length > 0 && (
              <p className="hint mb-0">
                understood: {activities.done.map(({ act, count }) => `${count} × ${act.id}`).join(', ')}
              </p>
            )}
          </div>
        )}
        {!isNone && applianceTraits[kind].cooks && (
          <Choice
            id={`heats-${id}`}
            label={`${name}: lit for warmth too`}
            value={use.heatsRoom === null || use.heatsRoom === undefined ? 'not-known' : use.heatsRoom ? 'yes' : 'no'}
            options={[
              ['not-known', 'not known'],
              ['no', 'no, for cooking alone'],
              ['yes', 'yes'],
            ]}
            set={(told) => editor.setUse(id, { heatsRoom: told === 'not-known' ? null : told === 'yes' })}
          />
        )}
        {!isNone && planned && gasKg !== undefined && (
          <p className="habit-gas mb-0">
            <FigureButton
              className="large"
              figure={{
                basis: habit.way === 'acts' ? 'habit-acts' : habit.way === 'hours' ? 'gas-burnt' : 'gas-by-weather',
                quantity: { value: gasKg, role: supply === 'bottles' ? 'bottleMass' : 'cylinderMass' },
                inputs: [
                  { label: sharedLabels.heatInput, quantity: { value: appliance.inputW, role: 'power' } },
                  { label: 'Hours a day at full', quantity: { value: planned.burnPerDayS, role: 'duration' } },
                  { label: sharedLabels.nights, quantity: { value: editor.outlook?.trip.nights ?? 0, role: 'count' } },
                ],
              }}
            />{' '}
            <span className="hint d-block">
              over the trip, <Amount quantity={{ value: planned.burnPerDayS, role: 'duration' }} /> a day at full
            </span>
          </p>
        )}
      </div>
      {!isNone && applianceTraits[kind].runsOn.length > 2 && <NightEnergies editor={editor} appliance={appliance} />}
    </div>
  )
}
