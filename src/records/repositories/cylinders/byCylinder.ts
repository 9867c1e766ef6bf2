/**
 * Groups rows by their cylinder, each group in the order of the rows.
 *
 * @param rows - of any table that belongs to cylinders
 */
export function byCylinder<Row extends { cylinderId: string }>(rows: readonly Row[]): Map<string, Row[]> {
  const groups = new Map<string, Row[]>()
  for (const row of rows) {
    const group = groups.get(row.cylinderId)
    if (group) group.push(row)
    else groups.set(row.cylinderId, [row])
  }
  return groups
}

/**
 * One row per cylinder, queried one by one: a query over all would read years of rows.
 *
 * @param cylinderIds - of whom
 * @param last - query for one cylinder
 */
export function lastOfEach<Row>(
  cylinderIds: readonly string[],
  last: (cylinderId: string) => Row | undefined,
): Map<string, Row> {
  return new Map(
    cylinderIds.flatMap((id) => {
      const row = last(id)
      return row === undefined ? [] : [[id, row] as const]
    }),
  )
}
