/** The class that settles which date rule holds. */
export type DateClass = 'welded' | 'high-pressure' | 'composite' | 'non-refillable' | 'fixed'
