/**
 * Reuses previous items with the same key, so that only changed parts of a long line render again.
 *
 * @param keyOf - key of an item that changes with its content
 */
export function reuseUnchanged<Item extends { id: string }>(
  keyOf: (item: Item) => string,
): (items: readonly Item[]) => Item[] {
  let before = new Map<string, { key: string; item: Item }>()
  return (items) => {
    const now = items.map((item) => {
      const key = keyOf(item)
      const old = before.get(item.id)
      return old?.key === key ? old : { key, item }
    })
    before = new Map(now.map((kept) => [kept.item.id, kept]))
    return now.map(({ item }) => item)
  }
}
