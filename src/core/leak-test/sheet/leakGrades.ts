/** What soap shows, from nothing to what is heard. */
export const leakGrades = ['none', 'slow', 'steady', 'fast', 'hiss'] as const

export type LeakGrade = (typeof leakGrades)[number]

export const gradeWords: Readonly<Record<LeakGrade, { name: string; looks: string }>> = {
  none: { name: 'None', looks: 'nothing grows in a minute' },
  slow: { name: 'Slow beads', looks: 'small bubbles that take their time' },
  steady: { name: 'Steady foam', looks: 'white foam that keeps growing' },
  fast: { name: 'Fast bubbles', looks: 'bubbles as soon as the brush is off' },
  hiss: { name: 'Audible hiss', looks: 'heard or felt before any soap' },
}
