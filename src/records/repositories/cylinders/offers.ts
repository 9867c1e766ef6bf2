import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { offers } from '@/records/schema/schema'
import { insertRow, updateVersion } from '@/records/write'

export type StoredOffer = typeof offers.$inferSelect

/** What an owner enters of a price. */
export type OfferEntry = Pick<StoredOffer, 'place' | 'way' | 'price' | 'containsKg'>

/** The rig's prices by place. */
export function listOffers(database: Database, rigId: string): StoredOffer[] {
  return database
    .select()
    .from(offers)
    .where(and(eq(offers.rigId, rigId), isNull(offers.archivedAt)))
    .orderBy(asc(offers.place))
    .all()
}

export function findOffer(database: Database, id: string): StoredOffer | undefined {
  return database.select().from(offers).where(eq(offers.id, id)).get()
}

export function addOffer(database: Database, rigId: string, entry: OfferEntry, id: string = randomUUID()): StoredOffer {
  return insertRow(database, offers, { ...entry, id, rigId })
}

/**
 * Saves over version `version`.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveOffer(
  database: Database,
  id: string,
  version: number,
  entry: Partial<OfferEntry & Pick<StoredOffer, 'archivedAt'>>,
): void {
  updateVersion(database, offers, { id, version }, entry, 'price')
}
