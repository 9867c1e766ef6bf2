import type { Equipment } from '@/core/cylinders/equipment/equipment'

/** A thing with the version of its row. */
export type ListedEquipment = Equipment & { version: number }
