'use client'

import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { Energy } from '@/core/appliances/habit'
import type { RunAppliance } from '@/app/run/runAppliance'
import type { RunEditor } from '@/app/run/useRunEditor'

const words: Readonly<Record<Energy, string>> = { gas: 'gas', shore: 'shore power', battery: '12 V', off: 'off' }
/** Above this number of nights there is one choice for all. */
const MAX_NIGHTS = 21

/** What it runs on, night by night. */
export function NightEnergies({ editor, appliance }: { editor: RunEditor; appliance: RunAppliance }) {
  const nights = editor.outlook?.trip.nights ?? 0
  const byNight = editor.draft.uses.find(({ applianceId }) => applianceId === appliance.id)?.byNight ?? []
  if (nights === 0 || nights > MAX_NIGHTS) return null
  const all = Array.from({ length: nights }, (_, night): Energy => byNight[night] ?? 'gas')
  return (
    <fieldset className="night-energies">
      <legend>{appliance.name} runs on</legend>
      {all.map((energy, night) => (
        <label key={night}>
          <span>night {night + 1}</span>
          <select
            className="form-select form-select-sm"
            value={energy}
            onChange={(event) =>
              editor.setUse(appliance.id, {
                byNight: all.map((one, i) => (i === night ? (event.target.value as Energy) : one)),
              })
            }
          >
            {applianceTraits[appliance.kind].runsOn.map((one) => (
              <option key={one} value={one}>
                {words[one]}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  )
}
