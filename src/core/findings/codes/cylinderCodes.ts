import { fixFirst, mustFix, note, opens, type StationCodes, stop } from '@/core/findings/findingFacts'

const equipment = opens('To its dates', 'cylinders', 'equipment')
const lookOver = opens('Look it over', 'cylinders', 'look-over')

export const cylinderCodes = {
  'cylinder-not-weighed': fixFirst(['scale', 5], opens('Weigh it', 'cylinders'), 'net-by-weight'),
  'weighing-contradicts-stamps': fixFirst(['scale', 5], opens('Weigh it', 'cylinders'), 'net-by-weight'),
  'cylinder-overfilled': stop(
    ['requalifier', 30],
    opens('See the weighing', 'cylinders'),
    'share-of-limit',
    'liquid-full-temperature',
  ),
  'vessel-leaks': stop(['requalifier', 30], opens('See the leak test', 'leak-test'), 'vessel-leak'),
  'tare-not-read': mustFix(['rig', 5], opens('Enter its stamps', 'cylinders', 'stamps'), 'tare-assumed'),
  'bottle-heavier': mustFix(['table', 2], opens('Say what happened', 'cylinders'), 'refilled-bottle'),
  'weighing-old': note(['scale', 5], opens('Weigh it again', 'cylinders'), 'scale-reading'),
  'date-overdue': fixFirst(['requalifier', 60], opens('Enter its new mark', 'cylinders', 'dates'), 'due-month'),
  'date-due-in-trip': fixFirst(['requalifier', 60], opens('To its dates', 'cylinders', 'dates'), 'due-month'),
  'date-unknown': fixFirst(['rig', 5], opens('Enter its stamps', 'cylinders', 'stamps'), 'due-month'),
  'cylinder-retired': stop(['requalifier', 30], opens('See what was found', 'cylinders', 'look-over'), 'look-over'),
  'never-looked-over': fixFirst(['rig', 5], lookOver, 'look-over'),
  'look-over-old': fixFirst(['rig', 5], lookOver, 'look-over'),
  'look-over-found': mustFix(['requalifier', 30], lookOver, 'look-over'),
  'look-over-unfinished': fixFirst(['rig', 5], lookOver, 'look-over'),
  'equipment-not-entered': fixFirst(['shop', 30], opens('Enter them', 'cylinders', 'equipment'), 'equipment-age'),
  'equipment-date-unknown': fixFirst(['rig', 5], equipment, 'equipment-age'),
  'equipment-old': fixFirst(['shop', 30], equipment, 'equipment-age'),
  'equipment-bad': mustFix(['shop', 30], equipment, 'equipment-age'),
  'equipment-not-looked-at': fixFirst(['rig', 5], equipment, 'equipment-age'),
  // Nobody sleeps beside gas without an alarm that works.
  'alarm-not-entered': mustFix(['shop', 30], opens('Enter it', 'cylinders', 'equipment'), 'equipment-age', 'co-alarm'),
  'alarm-date-unknown': mustFix(['rig', 5], equipment, 'equipment-age', 'co-alarm'),
  'alarm-old': mustFix(['shop', 30], equipment, 'equipment-age', 'co-alarm'),
  'alarm-bad': mustFix(['shop', 30], equipment, 'equipment-age', 'co-alarm'),
  'alarm-not-tested': mustFix(['rig', 5], equipment, 'equipment-age', 'co-alarm'),
} as const satisfies StationCodes
