import { z } from '@/core/base/zod'

export const drivingStates = ['forbidden', 'with-device', 'allowed'] as const

/** Whether gas may be on while driving. */
export type DrivingState = (typeof drivingStates)[number]

/** What the owner looked up for a state or province, in the owner's words; gas is off unless it says otherwise. */
export const ownDrivingRuleSchema = z.strictObject({
  place: z.string().trim().min(2, 'Enter the state or province.').max(60),
  on: z.enum(drivingStates).default('forbidden'),
  words: z.string().trim().min(3, 'Enter what the rule says, in your words.').max(400),
})

export type OwnDrivingRule = z.output<typeof ownDrivingRuleSchema>

/** The rules with one added; a second one of a place takes the place of the first. */
export function withDrivingRule(rules: readonly OwnDrivingRule[], rule: OwnDrivingRule): OwnDrivingRule[] {
  const isSame = ({ place }: OwnDrivingRule): boolean => place.toLowerCase() === rule.place.toLowerCase()
  return [...rules.filter((one) => !isSame(one)), rule].toSorted((a, b) => a.place.localeCompare(b.place))
}
