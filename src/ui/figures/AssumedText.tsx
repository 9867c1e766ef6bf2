'use client'

import type { QuantitySource } from '@/core/base/provenance'
import type { DisplayRole } from '@/core/base/quantity'
import { Amount } from './Amount'

/** “assumed, 9 to 19.5 lb” for a quantity that nobody read; nothing for any other. */
export function AssumedText({ source, role }: { source: QuantitySource | undefined; role: DisplayRole }) {
  if (source?.source !== 'assumed') return null
  const { lowest, highest } = source
  return (
    <small className="assumed">
      assumed
      {lowest !== undefined && highest !== undefined && (
        <>
          , <Amount quantity={{ value: lowest, role, rounded: 'down' }} /> to{' '}
          <Amount quantity={{ value: highest, role, rounded: 'up' }} />
        </>
      )}
    </small>
  )
}
