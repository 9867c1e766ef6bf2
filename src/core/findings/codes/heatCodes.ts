import { fixFirst, mustFix, opens, type StationCodes, stop } from '@/core/findings/findingFacts'

const plan = opens('To the plan', 'heat')
const numbers = opens('To its numbers', 'heat', 'heaters')
const use = opens('How to use it', 'heat', 'lighting')
const openings = opens('To the openings', 'heat', 'air')

export const heatCodes = {
  'room-not-readable': stop(['table', 10], plan, 'clearance'),
  'heaters-not-entered': fixFirst(['table', 5], opens('Enter them', 'heat', 'heaters'), 'clearance'),
  'heater-not-placed': mustFix(['table', 5], opens('Place it', 'heat'), 'clearance'),
  'locker-not-known': mustFix(['rig', 5], plan, 'cylinder-outside'),
  'cylinder-inside': stop(['inside', 10], plan, 'cylinder-outside'),
  'exit-not-drawn': fixFirst(['table', 5], plan, 'exit-path'),
  'no-way-out': fixFirst(['inside', 10], plan, 'exit-path'),
  'heater-input-differs': fixFirst(['inside', 5], numbers, 'appliance-input'),
  'heater-hours-beyond-use': fixFirst(['table', 5], use, 'heater-use', 'hours-per-day'),
  'heater-above-altitude': stop(['table', 10], numbers, 'altitude-limit', 'derating'),
  'altitude-limit-not-known': fixFirst(['table', 5], numbers, 'altitude-limit', 'derating'),
  'asleep-with-heater-lit': stop(['table', 5], use, 'heater-use'),
  'bottle-left-inside': stop(['table', 5], use, 'heater-use'),
  'heater-left-alone': mustFix(['table', 5], use, 'heater-use'),
  'clearances-not-from-manual': fixFirst(['table', 5], opens('Enter them', 'heat', 'heaters'), 'clearance-common'),
  'heater-not-certified': mustFix(['table', 10], opens('Which heater', 'heat', 'choose'), 'heater-certified'),
  'no-co-alarm': stop(['shop', 30], opens('To the alarms', 'heat', 'lighting'), 'co-alarm'),
  'ventilation-short': stop(['inside', 10], openings, 'area-needed', 'open-area'),
  'air-stale': fixFirst(['inside', 10], openings, 'air-marks', 'open-area'),
  'air-one-way': fixFirst(['inside', 10], openings, 'open-area'),
  'placing-not-judged': mustFix(['table', 5], plan, 'clearance'),
  'clearance-violated': stop(['inside', 10], plan, 'clearance'),
  'exit-blocked': stop(['inside', 10], plan, 'exit-path'),
  'hose-in-heat': stop(['inside', 10], plan, 'hose-run', 'clearance'),
  'hose-too-short': fixFirst(['shop', 30], plan, 'hose-run'),
} as const satisfies StationCodes
