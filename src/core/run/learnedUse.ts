import { type Habit, habitSchema } from '@/core/appliances/habit'
import { z } from '@/core/base/zod'
import { type Supply, supplies } from '@/core/cylinders/cylinderKind'

/** What one trip may teach at most: half as much, or twice as much, as the habits come to. [our choice] */
export const TAUGHT = { least: 0.5, most: 2 } as const

/** What a trip taught of one appliance, for the hours or habit that it had then. */
export const learnedUseSchema = z.strictObject({
  applianceId: z.string().min(1).max(64),
  supply: z.enum(supplies),
  /** Gas burned for each kilogram by its hours or habit. */
  factor: z.number().min(TAUGHT.least).max(TAUGHT.most),
  burnPerDayS: z.number().min(0).max(86_400),
  habit: habitSchema.nullable(),
  /** Of all that burned from the same cylinders together: the records do not tell them apart. */
  isShared: z.boolean(),
  /** Name of the trip. */
  from: z.string().max(60),
})

export type LearnedUse = z.output<typeof learnedUseSchema>

/**
 * Gas burned per kilogram by the habits as entered: for each supply by trips of version 0.6.0 and earlier, for each
 * appliance by those since.
 */
export type UseFactors = Readonly<Partial<Record<Supply, number>>> & {
  readonly uses?: readonly LearnedUse[] | undefined
}

/** What a learned factor is applied to. */
interface LearnableUse {
  id: string
  supply: Supply
  burnPerDayS: number
  habit?: Habit | null
}

/** The hour it begins at does not matter for how much it burns. */
function habitKey({ burnPerDayS, habit }: Pick<LearnableUse, 'burnPerDayS' | 'habit'>): string {
  if (!habit) return `hours ${Math.round(burnPerDayS)}`
  switch (habit.way) {
    case 'hours':
      return `hours ${Math.round(habit.burnPerDayS)}`
    case 'warmth':
      return `warmth ${habit.awakeK} ${habit.asleepK}`
    case 'acts':
      return `acts ${habit.words}`
    default:
      return habit.way
  }
}

/**
 * What was learned of an appliance, while its hours or habit are those it was learned from. Hours entered since are
 * taken as entered: a corrected hour is not multiplied.
 */
export function learnedOf(use: LearnableUse, learned: UseFactors): LearnedUse | null {
  const own = learned.uses?.find(({ applianceId }) => applianceId === use.id)
  return own && habitKey(own) === habitKey(use) ? own : null
}

/**
 * Factor on what an appliance burns by its habit; 1 where nothing was learned.
 *
 * @param use - as entered
 * @param learned - of the plan
 */
export function learnedFactor(use: LearnableUse, learned: UseFactors): number {
  const isKnownByItself = learned.uses?.some(({ applianceId }) => applianceId === use.id) ?? false
  return learnedOf(use, learned)?.factor ?? (isKnownByItself ? 1 : (learned[use.supply] ?? 1))
}
