import { fixFirst, note, opens, stop, type StationCodes } from '@/core/findings/findingFacts'

const cylinder = opens('To the cylinder', 'cylinders')
const carryCheck = opens('To the check', 'fill', 'carrying')
const heatCurve = opens('See the curve', 'cylinders', 'heat')

export const fillCodes = {
  'fill-wrong-gas': stop(['table', 2], opens('Check its kind', 'cylinders', 'stamps'), 'fill-limit-propane'),
  'fill-wrong-mode': stop(['table', 2], cylinder, 'fill-limit-propane'),
  'fill-school-never': stop(['shop', 15], cylinder, 'bottle-school'),
  'fill-home-only': fixFirst(['table', 2], cylinder, 'refilled-bottle'),
  'fill-not-refillable': stop(['shop', 15], cylinder, 'refilled-bottle'),
  'co2-by-pressure': stop(['scale', 5], cylinder, 'fill-limit-co2'),
  'fill-overdue': stop(['requalifier', 60], opens('Enter its new mark', 'cylinders', 'dates'), 'due-month'),
  'fill-retired': stop(['requalifier', 30], opens('See what was found', 'cylinders', 'look-over'), 'look-over'),
  'fill-overfilled': stop(['requalifier', 30], opens('See the weighing', 'cylinders'), 'share-of-limit'),
  'fill-leaking': stop(['requalifier', 30], opens('See the leak test', 'leak-test'), 'vessel-leak'),
  'fill-refilled': stop(['table', 2], cylinder, 'refilled-bottle'),
  'fill-heavier': stop(['table', 2], opens('Say what happened', 'cylinders'), 'refilled-bottle'),
  'fill-tare-not-read': fixFirst(['rig', 5], opens('Enter its stamps', 'cylinders', 'stamps'), 'tare-assumed'),
  'fill-no-overfill-stop': stop(['requalifier', 30], opens('To its stamps', 'cylinders', 'stamps'), 'overfill-stop'),
  'fill-date-unknown': fixFirst(['rig', 5], opens('Enter its stamps', 'cylinders', 'stamps'), 'due-month'),
  'fill-not-looked-over': fixFirst(['rig', 5], opens('Look it over', 'cylinders', 'look-over'), 'look-over'),
  'fill-overfill-stop-unknown': fixFirst(['rig', 5], opens('Look for it', 'cylinders', 'stamps'), 'overfill-stop'),
  'refilled-non-refillable': stop(['table', 2], opens('Leave it at home', 'cylinders', 'stamps'), 'refilled-bottle'),
  'refused-at-pump': fixFirst(['table', 5], opens('See why', 'fill'), 'due-month'),
  'carry-living-space': stop(['rig', 5], carryCheck, 'carry-limit'),
  'carry-refilled': stop(['table', 2], cylinder, 'refilled-bottle'),
  'carry-overfilled': stop(['requalifier', 30], cylinder, 'share-of-limit'),
  'carry-leaking': stop(['requalifier', 30], opens('See the leak test', 'leak-test'), 'vessel-leak'),
  'carry-out-of-service': stop(['requalifier', 30], opens('See what was found', 'cylinders', 'look-over'), 'look-over'),
  'carry-heavier': stop(['table', 2], opens('Say what happened', 'cylinders'), 'refilled-bottle'),
  'carry-not-looked-over': fixFirst(['rig', 5], opens('Look it over', 'cylinders', 'look-over'), 'look-over'),
  'carry-fixed': stop(['table', 2], cylinder, 'carry-limit'),
  'carry-too-big': stop(['table', 5], cylinder, 'carry-limit'),
  'carry-too-much': stop(['table', 5], carryCheck, 'carry-limit'),
  'carry-not-ticked': stop(['rig', 5], carryCheck, 'carry-limit'),
  'carry-habits-not-ticked': fixFirst(['rig', 5], carryCheck, 'carry-limit'),
  'carry-heat': note(['table', 2], heatCurve, 'liquid-full-temperature'),
  'carry-co2': note(['table', 2], heatCurve, 'liquid-full-temperature'),
} as const satisfies StationCodes
