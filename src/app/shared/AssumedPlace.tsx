import { siteConditions } from '@/core/run/siteConditions'
import { Amount } from '@/ui/figures/Amount'
import { Link } from '@/ui/shell/Link'
import { loadRigSnapshot } from './pageData'

/**
 * What a page assumes of the place, where the next trip does not say it; nothing where it does.
 *
 * @param withCold - for pages that count with the coldest night too
 */
export function AssumedPlace({ withCold = false }: { withCold?: boolean }) {
  const { rig, trip } = loadRigSnapshot()
  const { temperatureK, assumed } = siteConditions(trip?.plan)
  const isColdAssumed = withCold && assumed.temperature
  if (!rig || (!assumed.altitude && !isColdAssumed)) return null
  return (
    <p className="hint">
      <small className="assumed">assumed</small>: {assumed.altitude && 'sea level'}
      {assumed.altitude && isColdAssumed && ' and '}
      {isColdAssumed && <Amount quantity={{ value: temperatureK, role: 'temperature' }} />}, because{' '}
      {trip ? 'the next trip does not say' : 'no trip is planned'}.{' '}
      <Link href={trip ? '/trips/plan' : '/trips/new'}>{trip ? 'Enter it' : 'Plan a trip'}</Link>
    </p>
  )
}
