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

/** The first row of each cylinder. */
export function firstByCylinder<Row extends { cylinderId: string }>(rows: readonly Row[]): Map<string, Row> {
  return new Map(rows.toReversed().map((row) => [row.cylinderId, row]))
}
