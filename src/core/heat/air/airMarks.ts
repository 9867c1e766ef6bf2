/** A mark that the room's air can cross, with whose word it is. */
export interface AirMark {
  id: string
  of: 'co2' | 'oxygen' | 'glass'
  /** ppm of CO2, or share of oxygen. */
  at: number
  words: string
  source: string
}

export const airMarks: readonly AirMark[] = [
  { id: 'stuffy', of: 'co2', at: 1000, words: 'stuffy', source: 'common practice' },
  { id: 'eight-hours', of: 'co2', at: 5000, words: 'limit for an 8 h shift', source: 'OSHA' },
  { id: 'fifteen-minutes', of: 'co2', at: 30_000, words: 'limit for 15 minutes', source: 'NIOSH' },
  { id: 'danger', of: 'co2', at: 40_000, words: 'immediate danger', source: 'NIOSH' },
  { id: 'oxygen-low', of: 'oxygen', at: 0.195, words: 'oxygen deficient', source: 'OSHA' },
  { id: 'cut-off', of: 'oxygen', at: 0.18, words: 'an oxygen cut-off trips', source: 'common practice' },
  { id: 'wet-glass', of: 'glass', at: 0, words: 'water on the glass', source: 'dew point against the pane' },
]
