import type { Supply } from '@/core/cylinders/cylinderKind'

/** What an owner says to what was learned. */
export const lessonAnswers = ['taken', 'refused'] as const

export type LessonAnswer = (typeof lessonAnswers)[number]

/** For each kilogram that the habits as entered would have burnt, so much was burnt; 1 for a supply not named. */
export type UseFactors = Readonly<Partial<Record<Supply, number>>>
