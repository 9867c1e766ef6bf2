'use client'

import Form from 'react-bootstrap/Form'

/** A select field. */
export function Choice<Value extends string>({
  id,
  label,
  value,
  options,
  set,
}: {
  id: string
  label: string
  value: Value
  options: readonly (readonly [Value, string])[]
  set: (value: Value) => void
}) {
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Select id={id} size="sm" value={value} onChange={(event) => set(event.target.value as Value)}>
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </Form.Select>
    </div>
  )
}
