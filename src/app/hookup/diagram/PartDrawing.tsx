import type { ReactNode } from 'react'
import type { PartRole } from '@/core/hookup/catalogue/partRoles'

const line = {
  fill: 'none',
  stroke: '#17302b',
  strokeWidth: 2.5,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const
const brass = { ...line, fill: '#d9a94b' } as const
const enamel = { ...line, fill: '#bfd6cc' } as const

/** A sketch of each role: side view, gas from left to right. */
const drawings: Readonly<Record<PartRole, ReactNode>> = {
  cylinder: (
    <>
      <path {...enamel} d="M12 34V17q0-7 12-7t12 7v17q0 3-3 3H15q-3 0-3-3Z" />
      <path {...brass} d="M20 10V4h8v6" />
    </>
  ),
  bottle: (
    <>
      <path {...enamel} d="M16 37V18q0-6 8-6t8 6v19Z" />
      <path {...brass} d="M20 12V6h8v6" />
    </>
  ),
  tank: (
    <>
      <path {...enamel} d="M6 22q0-11 8-11h20q8 0 8 11t-8 11H14q-8 0-8-11Z" />
      <path {...brass} d="M21 11V5h6v6" />
    </>
  ),
  adapter: <path {...brass} d="M6 14h10v-4h8v20h-8v-4H6ZM24 16h18v8H24Z" />,
  'shut-off': (
    <>
      <path {...brass} d="M4 18h40v10H4Z" />
      <circle {...enamel} cx="24" cy="11" r="8" />
      <path {...line} d="M24 11l4-4" />
    </>
  ),
  hose: <path {...line} strokeWidth={6} d="M3 26q10-16 21-4t21-8" />,
  tube: (
    <>
      <path {...line} strokeWidth={5} d="M6 20h36" />
      <path {...brass} d="M2 14h7v12H2ZM39 14h7v12h-7Z" />
    </>
  ),
  regulator: (
    <>
      <path {...brass} d="M2 19h44v7H2Z" />
      <ellipse {...enamel} cx="24" cy="18" rx="14" ry="10" />
      <path {...line} d="M24 28v8m-4-3 4 4 4-4" />
    </>
  ),
  changeover: (
    <>
      <path {...brass} d="M2 9h12l6 9M2 33h12l6-9M30 21h16" />
      <ellipse {...enamel} cx="24" cy="21" rx="11" ry="10" />
      <path {...line} d="M24 21l-6-5" />
    </>
  ),
  tee: <path {...brass} d="M3 16h42v9H28v13h-8V25H3Z" />,
  'supply-tee': (
    <>
      <path {...brass} d="M3 17h42v8H3Z" />
      <path {...brass} d="M13 17V6h7v11M28 25v11h7V25" />
    </>
  ),
  valve: (
    <>
      <path {...brass} d="M4 14l20 8 20-8v18l-20-8-20 8Z" />
      <path {...line} d="M24 22V8m-8 0h16" />
    </>
  ),
  quick: <path {...brass} d="M3 15h18v12H3ZM24 12h8v18h-8ZM32 17h13v8H32Z" />,
  filter: (
    <>
      <path {...brass} d="M3 18h42v7H3Z" />
      <path {...enamel} d="M14 11h20v21H14Z" />
      <path {...line} d="M20 11v21M27 11v21" />
    </>
  ),
  'test-port': (
    <>
      <path {...brass} d="M3 22h42v8H3Z" />
      <path {...line} d="M24 22V8m-5 0h10" />
    </>
  ),
  plug: <path {...brass} d="M4 15h14v12H4ZM18 10h10v22H18Z" />,
  appliance: (
    <>
      <path {...enamel} d="M8 36V12h32v24Z" />
      <path {...brass} d="M24 17q7 6 3.5 12.500q-3.500 3-7 0Q17 25 24 17Z" />
    </>
  ),
  keg: (
    <>
      <path {...enamel} d="M14 36V12q10-5 20 0v24q-10 4-20 0Z" />
      <path {...line} d="M14 18h20M14 30h20" />
    </>
  ),
  chuck: (
    <>
      <path {...brass} d="M3 24h22l10-10 6 6-12 12H3Z" />
      <circle {...enamel} cx="15" cy="14" r="7" />
    </>
  ),
}

/** A part of the line as a small drawing. */
export function PartDrawing({ role, width = 48 }: { role: PartRole; width?: number }) {
  return (
    <svg viewBox="0 0 48 40" width={width} height={(width * 40) / 48} aria-hidden="true">
      {drawings[role]}
    </svg>
  )
}
