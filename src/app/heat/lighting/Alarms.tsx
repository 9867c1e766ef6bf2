'use client'

import { Link } from '@/ui/shell/Link'
import Button from 'react-bootstrap/Button'
import { lookAtEquipmentAction } from '@/actions/cylinders'
import { type Equipment, equipmentEndMonth } from '@/core/cylinders/equipment/equipment'
import { formatMonth } from '@/core/time/months'
import { DateTime } from '@/ui/figures/DateTime'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'

const places: Readonly<Partial<Record<Equipment['kind'], string>>> = {
  'co-alarm': 'at sleeping height',
  'propane-alarm': 'low: gas sinks',
}

/** The rig’s alarms with last test and end of life; one tap logs a test. */
export function Alarms({ equipment }: { equipment: readonly Equipment[] }) {
  const say = useNotice()
  const { save, issueAt } = useSave(lookAtEquipmentAction)
  const alarms = equipment.filter(({ kind }) => kind === 'co-alarm' || kind === 'propane-alarm')
  return (
    <section aria-label="Alarms" className="alarms">
      <h2>Alarms</h2>
      {alarms.length === 0 && (
        <p className="issue">No alarm is entered. Without a CO alarm no heater without a chimney is lit.</p>
      )}
      <ul>
        {alarms.map((alarm) => {
          const end = equipmentEndMonth(alarm)
          return (
            <li key={alarm.id}>
              <strong>{alarm.name}</strong>
              <span>{places[alarm.kind]}</span>
              <span>{end === null ? 'its end is not known' : `until ${formatMonth(end)}`}</span>
              <span>
                {alarm.lastLook ? (
                  <>
                    {alarm.lastLook.sound ? 'sounded' : 'did not sound'} <DateTime iso={alarm.lastLook.lookedAt} />
                  </>
                ) : (
                  'never tested'
                )}
              </span>
              <Button
                variant="quiet"
                size="sm"
                aria-label={`${alarm.name} sounded`}
                onClick={async () => {
                  const saved = await save({ equipmentId: alarm.id, sound: true, note: null })
                  if (saved) say({ done: `${alarm.name}: test logged` })
                }}
              >
                It sounded
              </Button>
            </li>
          )
        })}
      </ul>
      {issueAt('') && <p className="issue">{issueAt('')}</p>}
      <Link href="/cylinders/equipment">Enter or change alarms</Link>
    </section>
  )
}
