import { stationFacts } from '@/ui/shell/stationFacts'
import type { Station } from '@/core/findings/Finding'

/** Purpose of a station that is not built yet, and how to do its job by hand. */
export interface ByHand {
  station: Station
  purpose: string
  steps: readonly string[]
  caution: string
}

/** Page of a station that is not built yet, with the check to do by hand. */
export function NotBuilt({ station, purpose, steps, caution }: ByHand) {
  return (
    <div className="not-built">
      <h1>
        {stationFacts[station].name} <span className="of">· not built yet</span>
      </h1>
      <div className="plate">
        <p className="mb-0">
          This station is on the line but not in this version. {purpose} Until then nothing here is judged, and what is
          not judged counts as not ready.
        </p>
      </div>
      <h2>By hand, until then</h2>
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p className="hint">{caution}</p>
    </div>
  )
}
