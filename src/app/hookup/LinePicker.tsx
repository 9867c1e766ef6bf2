'use client'

import Link from 'next/link'
import { usePathname, useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'

/** Which of the rig's lines lies on the bench. */
export function LinePicker({
  lines,
  chosenId,
  mayAdd = false,
}: {
  lines: readonly { id: string; name: string }[]
  chosenId: string | null
  mayAdd?: boolean
}) {
  const router = useRouter()
  const here = usePathname()
  if (lines.length === 0) return null
  return (
    <div className="line-picker">
      <div>
        <Form.Label htmlFor="line-picker">On the bench</Form.Label>
        <Form.Select
          id="line-picker"
          value={chosenId ?? ''}
          onChange={(event) => router.push(`${here}?line=${event.target.value}`)}
        >
          {chosenId === null && <option value="">a new line</option>}
          {lines.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </div>
      {mayAdd && chosenId !== null && (
        <Link className="btn btn-quiet" href="/hookup?line=new">
          Another line
        </Link>
      )}
    </div>
  )
}
