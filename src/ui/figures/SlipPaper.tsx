'use client'

import { useState, type ReactNode } from 'react'
import type { Figure, Slip, SlipLine } from '@/core/rules/figure'
import { BigFigure, FigureText } from './FigureText'
import { AssumedText } from './AssumedText'
import { Basis } from './Basis'

function Line({ line, isSum }: { line: SlipLine; isSum: boolean }) {
  const [open, setOpen] = useState(false)
  return (
    <li className={`slip-line ${isSum ? 'sum' : ''}`}>
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span className="sign">{line.sign}</span>
        <span>
          {line.label} <AssumedText source={line.figure.source} role={line.figure.quantity.role} />
        </span>
        <b className={line.figure.source?.source === 'assumed' ? 'assumed' : ''}>
          <FigureText figure={line.figure} />
        </b>
      </button>
      {open && <Basis figure={line.figure} />}
    </li>
  )
}

function Result({ label, figure }: { label: string; figure: Figure }) {
  const [open, setOpen] = useState(false)
  return (
    <div className="slip-result">
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span className="label">{label}</span>
        <span className="number">
          <BigFigure figure={figure} />
        </span>
      </button>
      {open && <Basis figure={figure} />}
    </div>
  )
}

function Lines({ lines }: { lines: readonly SlipLine[] }) {
  return (
    <ul>
      {lines.map((line) => (
        <Line key={line.label} line={line} isSum={line.sign === '='} />
      ))}
    </ul>
  )
}

/** A worked sum; every line opens its basis. */
export function SlipPaper({
  title,
  sub,
  slip,
  children,
}: {
  title: string
  sub: string
  slip: Slip | null
  children?: ReactNode
}) {
  return (
    <section className="slip" aria-label={title}>
      <h2>{title}</h2>
      <p className="sub">{sub}</p>
      {slip && (
        <>
          <Lines lines={slip.lines} />
          <Result {...slip.result} />
          <Lines lines={slip.further} />
          <p className="hint mt-2 mb-0">Tap a line for its sum and source.</p>
        </>
      )}
      {children}
    </section>
  )
}
