import type { ApplianceFlow } from '@/core/hookup/flow/applianceFlow'
import type { StarvationRemedy } from '@/core/hookup/flow/starvationRemedies'
import { Amount } from '@/ui/figures/Amount'
import { hookupLabels } from '@/ui/terms/hookupLabels'

/** Changes that fix a line with too little pressure, each computed. */
export function Remedies({
  remedies,
  starving,
}: {
  remedies: readonly StarvationRemedy[]
  starving: readonly ApplianceFlow[]
}) {
  if (starving.length === 0) return null
  const names = starving.map(({ part }) => part.name).join(', ')
  return (
    <section aria-label={hookupLabels.whatMendsIt} className="mt-3">
      <h2>{hookupLabels.whatMendsIt}</h2>
      <p>{starving.length === 1 ? `${names} starves as it is.` : `${names} starve together.`}</p>
      {remedies.length === 0 ? (
        <p>No single bore or regulator fixes it. Fewer burning at once, or a warmer, fuller cylinder.</p>
      ) : (
        <ul>
          {remedies.slice(0, 4).map(({ part, change, stillStarving }) => (
            <li key={`${part.part.id} ${change.kind}`}>
              {change.kind === 'bore' ? (
                <>
                  {part.name} of <Amount quantity={{ value: change.boreM, role: 'bore' }} /> inside
                </>
              ) : (
                <>
                  {part.name} rated for <Amount quantity={{ value: change.ratedW, role: 'power' }} />
                </>
              )}
              {stillStarving === 0 ? ': then all have enough.' : `: then ${stillStarving} of them still starve.`}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
