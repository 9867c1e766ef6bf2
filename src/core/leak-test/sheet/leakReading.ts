import { z } from '@/core/base/zod'
import type { PressureProof } from './pressureProof'

/** Leak grades, from none to audible. */
export const leakGrades = ['none', 'slow', 'steady', 'fast', 'hiss'] as const

export type LeakGrade = (typeof leakGrades)[number]

export const gradeLabels: Readonly<Record<LeakGrade, { name: string; looks: string }>> = {
  none: { name: 'None', looks: 'nothing grows in a minute' },
  slow: { name: 'Slow beads', looks: 'small bubbles that take their time' },
  steady: { name: 'Steady foam', looks: 'white foam that keeps growing' },
  fast: { name: 'Fast bubbles', looks: 'bubbles as soon as the brush is off' },
  hiss: { name: 'Audible hiss', looks: 'heard or felt before any soap' },
}

/** Who repaired a vessel and when: without a name and a day it is not repaired. */
export const technicianRepairSchema = z.strictObject({
  technician: z.string().trim().min(2, 'Enter the name of the technician or shop.').max(80),
  repairedOn: z.iso.date('Enter the day of the repair.'),
})

export type TechnicianRepair = z.output<typeof technicianRepairSchema>

/** One reading at one place: what the soap showed, or at a place of pressure what proves it. */
export interface LeakReading {
  itemId: string
  grade: LeakGrade
  /** Left for a technician, which keeps the test open. */
  leftForTechnician: boolean
  /** ISO 8601. */
  readAt: string
  /** Of a place of pressure. */
  proof?: PressureProof | null
  /** Of a vessel that leaked. */
  repair?: TechnicianRepair | null
}
