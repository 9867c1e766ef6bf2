'use client'

import { TriangleAlert } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { emergencies } from './emergencies'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/**
 * Emergency sheets, two taps from anywhere. The content is in the page already: it opens without the
 * server's answer and without scripts.
 */
export function Emergency() {
  const sheet = useRef<HTMLDetailsElement>(null)

  useEffect(() => {
    const close = (event: KeyboardEvent | MouseEvent): void => {
      const open = sheet.current
      if (!open?.open) return
      if (event instanceof KeyboardEvent ? event.key === 'Escape' : !open.contains(event.target as Node)) {
        open.open = false
      }
    }
    document.addEventListener('keydown', close)
    document.addEventListener('click', close)
    return () => {
      document.removeEventListener('keydown', close)
      document.removeEventListener('click', close)
    }
  }, [])

  return (
    <details className="emergency" ref={sheet}>
      <summary>
        <TriangleAlert size={18} aria-hidden="true" /> {sharedLabels.emergency}
      </summary>
      <div className="emergency-sheet">
        <p className="mb-2">
          <strong>People before gear.</strong> Call the local emergency number: 911 in North America, 112 in Europe.
        </p>
        {emergencies.map(({ id, title, when, steps }) => (
          <details key={id} name="emergency">
            <summary>
              <span>
                {title} <small>{when}</small>
              </span>
            </summary>
            <ol>
              {steps.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
          </details>
        ))}
      </div>
    </details>
  )
}
