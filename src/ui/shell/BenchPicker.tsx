'use client'

import { Link } from './Link'
import { usePathname, useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Picker for a line or room of the rig. */
export function BenchPicker({
  of,
  things,
  chosenId,
  addAt,
}: {
  of: 'line' | 'room'
  things: readonly { id: string; name: string }[]
  chosenId: string | null
  /** Address for a new one; null for none. */
  addAt: string | null
}) {
  const router = useRouter()
  const here = usePathname()
  if (things.length === 0) return null
  return (
    <div className="line-picker">
      <div>
        <Form.Label htmlFor={`${of}-picker`}>{sharedLabels.onTheBench}</Form.Label>
        <Form.Select
          id={`${of}-picker`}
          value={chosenId ?? ''}
          onChange={(event) => router.push(`${here}?${of}=${event.target.value}`)}
        >
          {chosenId === null && <option value="">a new {of}</option>}
          {things.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </div>
      {addAt !== null && chosenId !== null && (
        <Link className="btn btn-quiet" href={`${addAt}?${of}=new`}>
          Another {of}
        </Link>
      )}
    </div>
  )
}
