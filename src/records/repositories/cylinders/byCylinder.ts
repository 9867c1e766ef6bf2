/**
 * Groups rows by their cylinder, each group in the order of the rows.
 *
 * @param rows - of any table that belongs to cylinders
 */
export function byCylinder<Row extends { cylinderId: string }>(rows: readonly Row[]): Map<string, Row[]> {
  const groups = new Map<string, Row[]>()
  for (const row of rows) groups.set(row.cylinderId, [...(groups.get(row.cylinderId) ?? []), row])
  return groups
}

/**
 * One row for each cylinder that has one, asked for one by one: a query over all of them would read years of rows.
 *
 * @param cylinderIds - of whom
 * @param last - the row of one
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
