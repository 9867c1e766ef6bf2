/**
 * Gives back what was given before wherever it is still the same, so that of a long line only what changed is drawn.
 *
 * @param keyOf - tells two of one identifier apart
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
