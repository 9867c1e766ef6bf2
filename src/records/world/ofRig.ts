import { references } from './references'
import type { World } from './World'
import { worldTables } from './worldTables'

/**
 * What one rig has: its gear with dates and warm-ups, without what happened, trips, prices and pictures.
 *
 * @param tables - of the whole world
 * @param rigId - the rig
 */
export function ofRig(tables: World['tables'], rigId: string): World['tables'] {
  const taken = new Map<string, Set<unknown>>([['rigs', new Set([rigId])]])
  return Object.fromEntries(
    worldTables.map(({ name, table, isGear }) => {
      if (!isGear) return [name, []]
      const refers = references(table)
      const rows = (tables[name] ?? []).flatMap((row) => {
        if (name === 'rigs') return row.id === rigId ? [row] : []
        const isOurs = refers.some(({ key, to }) => row[key] !== null && taken.get(to)?.has(row[key]))
        // A mark gives its picture up; a heater that names an appliance keeps it, since that goes along.
        const lone = refers.filter(({ key, to }) => row[key] !== null && !taken.get(to)?.has(row[key]))
        return isOurs ? [{ ...row, ...Object.fromEntries(lone.map(({ key }) => [key, null])) }] : []
      })
      taken.set(name, new Set(rows.map((row) => (row as Record<string, unknown>).id)))
      return [name, rows]
    }),
  )
}
