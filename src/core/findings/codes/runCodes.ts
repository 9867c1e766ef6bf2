import { fixFirst, mustFix, note, opens, stop, type StationCodes } from '@/core/findings/findingFacts'

const night = opens('See the night', 'run')
const battery = opens('To the battery', 'run', 'battery')

export const runCodes = {
  'reserve-short': fixFirst(['pump', 20], opens('Fill', 'fill', 'by-weight'), 'left-over', 'gas-burnt', 'gas-aboard'),
  'gas-not-enough': fixFirst(['pump', 20], opens('Fill', 'fill', 'by-weight'), 'left-over', 'gas-burnt', 'gas-aboard'),
  // The only heat on a freezing night may not run out.
  'heat-gas-not-enough': mustFix(
    ['pump', 20],
    opens('Fill', 'fill', 'by-weight'),
    'left-over',
    'gas-burnt',
    'gas-aboard',
  ),
  'no-appliance-hours': fixFirst(['table', 10], opens('Enter the hours', 'trip'), 'hours-per-day'),
  'cold-starve': fixFirst(['table', 10], night, 'cold-cylinder', 'regulator-need'),
  'runs-empty': fixFirst(['table', 10], night, 'trip-by-hours'),
  'nobody-turns-over': fixFirst(['table', 10], night, 'changeover-side'),
  'regulator-too-small': fixFirst(['table', 10], opens('See what burns', 'run', 'habits'), 'regulator-rating'),
  'battery-short': fixFirst(['table', 10], battery, 'battery-charge'),
  'weather-not-known': fixFirst(['table', 5], opens('Enter the weather', 'run', 'weather'), 'forecast-hours'),
  'forecast-of-other-days': fixFirst(['table', 5], opens('To the weather', 'run', 'weather'), 'forecast-hours'),
  'heater-hours-not-known': fixFirst(['table', 5], opens('What burns', 'run', 'habits'), 'hours-per-day'),
  'altitude-not-known': fixFirst(['table', 2], opens('Enter it', 'trip'), 'altitude-limit'),
  'warmth-not-known': fixFirst(['table', 10], opens('What burns', 'run', 'habits'), 'heat-wanted'),
  'battery-not-entered': fixFirst(['rig', 5], opens('Enter the battery', 'run', 'battery'), 'battery-charge'),
  'habit-not-understood': fixFirst(['table', 5], opens('Say it otherwise', 'run', 'habits'), 'habit-acts'),
  'heater-lit-asleep': stop(['table', 5], opens('Change its hours', 'run', 'habits'), 'heater-use'),
  'cooking-as-heat': stop(['table', 5], opens('What burns', 'run', 'habits'), 'heater-use'),
  // Answered with one choice, so no reason is wanted for it.
  'cooking-as-heat-not-known': mustFix(['table', 2], opens('What burns', 'run', 'habits'), 'heater-use'),
  'pilots-to-relight': note(['inside', 10], night, 'trip-by-hours'),
  'get-up-at-night': note(['table', 10], night, 'changeover-side'),
} as const satisfies StationCodes
