import { cache } from 'react'
import { rigSnapshot, type RigSnapshot } from '@/services/rigs/rigSnapshot'

/** The rig, its gear and its next trip, as they are for the whole of one request. */
export const loadRigSnapshot = cache((): RigSnapshot => rigSnapshot(new Date()))
