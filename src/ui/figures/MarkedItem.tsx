import { Link } from '@/ui/shell/Link'
import type { ReactNode } from 'react'
import { StateMark, type MarkState } from './StateMark'

/** A row that is read at a glance: its state in shape and color, what it is about, and the way to it. */
export function MarkedItem({
  state,
  tone = state,
  title,
  href,
  label,
  children,
}: {
  state: MarkState
  /** Color of the row, where it is not that of its mark. */
  tone?: MarkState | ''
  title: ReactNode
  href: string
  label: string
  children: ReactNode
}) {
  return (
    <li className={tone}>
      <StateMark state={state} />
      <div>
        <strong>{title}</strong>
        {children}
      </div>
      <Link className="btn btn-quiet" href={href}>
        {label}
      </Link>
    </li>
  )
}
