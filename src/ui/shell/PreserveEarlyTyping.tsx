'use client'

import { useEffect, useLayoutEffect, useRef } from 'react'

type Typed = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement

/** What a field held when the page came from the server, against what it holds now. */
function isTouched(field: Typed): boolean {
  if (field instanceof HTMLSelectElement) {
    const first = [...field.options].find(({ defaultSelected }) => defaultSelected) ?? field.options[0]
    return first !== undefined && first.value !== field.value
  }
  if (field instanceof HTMLInputElement && (field.type === 'checkbox' || field.type === 'radio')) {
    return field.checked && !field.defaultChecked
  }
  return field.type !== 'file' && field.value !== field.defaultValue
}

/** Sets a value without React noticing, so that the event after it counts as a change. */
function setUnseen(field: Typed, value: string): void {
  const kind =
    field instanceof HTMLSelectElement
      ? HTMLSelectElement
      : field instanceof HTMLTextAreaElement
        ? HTMLTextAreaElement
        : HTMLInputElement
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')?.set?.call(field, value)
}

function replay(field: Typed, value: string): void {
  if (field instanceof HTMLInputElement && (field.type === 'checkbox' || field.type === 'radio')) {
    field.checked = false
    field.click()
    return
  }
  field.value = ''
  setUnseen(field, value)
  field.dispatchEvent(new Event(field instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }))
}

/**
 * Passes text that was typed before hydration to the forms: on a slow phone that takes several seconds, and
 * nothing may be lost. Must be last in the page, to run after all forms have mounted.
 */
export function PreserveEarlyTyping() {
  const early = useRef<{ field: Typed; value: string }[]>([])

  useLayoutEffect(() => {
    const fields = [...document.querySelectorAll<Typed>('input, textarea, select')]
    early.current = fields.filter(isTouched).map((field) => ({ field, value: field.value }))
  }, [])

  useEffect(() => {
    for (const { field, value } of early.current) replay(field, value)
    early.current = []
  }, [])

  return null
}
