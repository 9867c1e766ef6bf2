import type { ReactNode } from 'react'
import type { UnitSystem } from '@/core/units/displayRoles'
import { UndoProvider } from '@/ui/state/UndoProvider'
import { UnitsProvider } from '@/ui/state/UnitsProvider'

/** What every page puts around its forms. */
export function providers(initial: UnitSystem = 'us') {
  return function Providers({ children }: { children: ReactNode }) {
    return (
      <UnitsProvider initial={initial}>
        <UndoProvider>{children}</UndoProvider>
      </UnitsProvider>
    )
  }
}

/** An answer that comes when the test says so. */
export function pending<Value>(): { promise: Promise<Value>; answer: (value: Value) => void; fail: () => void } {
  let answer: (value: Value) => void = () => undefined
  let fail: () => void = () => undefined
  const promise = new Promise<Value>((resolve, reject) => {
    answer = resolve
    fail = () => reject(new Error('no connection'))
  })
  return { promise, answer, fail }
}
