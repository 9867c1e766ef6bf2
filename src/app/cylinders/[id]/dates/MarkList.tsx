import { formatMonth } from '@/core/time/months'
import type { MarkLetter } from '@/core/cylinders/stamps/stampReading'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

/** A mark as the list shows it. */
export interface ListedMark {
  id: string
  month: string
  letter: MarkLetter
  requalifier: string | null
  form: 'stamp' | 'sticker'
  photoId: string | null
  voidReason: string | null
}

/** The marks a cylinder bears, latest first; with their photos. */
export function MarkList({ marks }: { marks: readonly ListedMark[] }) {
  const standing = marks.filter(({ voidReason }) => voidReason === null)
  if (standing.length === 0) return null
  return (
    <section className="mt-4">
      <h2>Marks it bears</h2>
      <ul className="mark-list">
        {standing.map(({ id, month, letter, requalifier, form, photoId }) => (
          <li key={id}>
            <span className="stamped">
              {month.slice(5)}
              {requalifier && <small> {requalifier} </small>}
              {!requalifier && '-'}
              {month.slice(2, 4)}
              {letter}
            </span>
            <span>
              {formatMonth(month)}, by a {form}
              {photoId && (
                <>
                  {' · '}
                  <a href={`/photos/${photoId}`}>{cylindersLabels.photo}</a>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
