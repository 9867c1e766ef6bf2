import { tripSourceSchema, type TripRunInput, type TripSource } from './tripRun'

/**
 * The sources of a trip: those named, and one for each that a cylinder names besides.
 *
 * @param input - of the trip
 */
export function sourcesOf({ sources, cylinders, changeover }: TripRunInput): TripSource[] {
  const named = new Set(sources.map(({ id }) => id))
  const others = [...new Set(cylinders.map(({ sourceId }) => sourceId))].filter((id) => !named.has(id))
  return [...sources, ...others.map((id) => tripSourceSchema.parse({ id, changeover }))]
}
