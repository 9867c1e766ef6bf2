'use client'

import dynamic from 'next/dynamic'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import type { DrawnRoom, PlanHandlers } from './drawnRoom'

// The canvas exists in browsers only.
const PlanCanvas = dynamic(() => import('./PlanCanvas').then((module) => module.PlanCanvas), {
  ssr: false,
  loading: () => <p className="hint p-3 mb-0">The plan is being drawn …</p>,
})

/** Step of an arrow key: an inch, or half a foot with Shift. */
const STEP_M = 0.0254
const STRIDE_M = 0.1524

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** The room from above: things and heater are moved, turned and sized on it; arrows move what is chosen. */
export function Plan(props: DrawnRoom & PlanHandlers) {
  const { shelter, heater, chosen, moveTo } = props
  const frame = useRef<HTMLDivElement>(null)
  const [widthPx, setWidthPx] = useState(0)
  useEffect(() => {
    const box = frame.current
    if (!box) return
    const watch = new ResizeObserver(([entry]) => setWidthPx(Math.floor(entry?.contentRect.width ?? 0)))
    watch.observe(box)
    return () => watch.disconnect()
  }, [])
  const onKey = (event: KeyboardEvent): void => {
    const direction = arrows[event.key]
    const at =
      shelter.things.find(({ id }) => id === chosen) ?? (heater?.id === chosen ? heater.placed.pose : undefined)
    if (!direction || !chosen || !at) return
    event.preventDefault()
    const [dx, dy] = direction
    const stepM = event.shiftKey ? STRIDE_M : STEP_M
    moveTo(chosen, at.xM + dx * stepM, at.yM + dy * stepM)
  }
  return (
    <figure className="plan">
      <div
        ref={frame}
        className="plan-frame"
        role="application"
        aria-label="Plan of the room, front at the right. Choose a thing in the list, then move it with the arrow keys."
        tabIndex={0}
        onKeyDown={onKey}
      >
        {widthPx > 0 && <PlanCanvas {...props} widthPx={widthPx} />}
      </div>
      <figcaption>
        <span className="key-keep">must stay clear</span> <span className="key-reach">can reach</span>{' '}
        <span className="key-walk">way out</span> <span>front of the rig →</span>
      </figcaption>
    </figure>
  )
}
