import type { Phrase } from '@/core/base/quantity'
import type { Figure, FigureInput } from '@/core/rules/figure'
import { leastShare } from '@/core/run/battery/battery'
import { formatTripTime } from '@/core/time/tripClock'
import type { OutageCause, TripRun, TripRunInput } from '@/core/run/simulation/tripRun'

/** How a trip goes, in a sentence and the numbers that matter. */
export interface RunSummary {
  /** Null when nothing burns. */
  goes: 'well' | 'short' | null
  sentence: Phrase
  figures: readonly { label: string; figure: Figure }[]
}

const causeLabels: Readonly<Record<OutageCause, string>> = {
  cold: 'The cold stops {name} on {when}, with gas still in it.',
  empty: 'The gas of {name} ends on {when}.',
  lever: '{name} needs its lever turned on {when}, and nobody is awake.',
  regulator: 'More burns on {name} than its regulator passes, on {when}.',
  battery: 'The battery is flat on {when}: what lives on it stops with gas in the cylinders.',
}

function sentenceOf(run: TripRun, input: TripRunInput): Phrase {
  const [first] = run.outages
  const nameOf = (id: string): string => run.sources.find((source) => source.id === id)?.name ?? id
  if (first) {
    const words = { name: nameOf(first.sourceId), when: formatTripTime(first.fromS, input) }
    // A sentence that begins with a name begins with a capital all the same.
    const text = causeLabels[first.cause]
    const name = text.startsWith('{name}') ? words.name.replace(/^./, (letter) => letter.toUpperCase()) : words.name
    return { text, parts: { ...words, name } }
  }
  if (run.weak === null) return { text: 'Nothing burns on this trip yet.' }
  return {
    text: 'Gas comes through every night. Nearest to its limit: {name}, {when}, with {pressure} before the regulator.',
    parts: {
      name: nameOf(run.weak.sourceId),
      when: formatTripTime(run.weak.atS, input),
      pressure: { value: run.weak.gaugePa, role: 'cylinderPressure' },
    },
  }
}

/**
 * A trip hour by hour, at a glance.
 *
 * @param run - what came of it
 * @param input - as it was run
 */
export function runSummary(run: TripRun, input: TripRunInput): RunSummary {
  const inputOf = (label: string, value: number, role: FigureInput['quantity']['role']): FigureInput => ({
    label,
    quantity: { value, role },
  })
  const figures: { label: string; figure: Figure }[] = []
  if (run.weak) {
    const needPa = run.sources.find(({ id }) => id === run.weak?.sourceId)?.needGaugePa ?? 0
    figures.push({
      label: 'least pressure',
      figure: {
        basis: 'pressure-left',
        quantity: { value: run.weak.gaugePa, role: 'cylinderPressure' },
        inputs: [
          inputOf('The regulator needs', needPa, 'cylinderPressure'),
          inputOf('Altitude', input.altitudeM, 'altitude'),
        ],
      },
    })
  }
  const wantedKg = run.appliances.reduce((sum, one) => sum + one.wantedKg, 0)
  figures.push({
    label: 'gas wanted',
    figure: {
      basis: 'trip-by-hours',
      quantity: { value: wantedKg, role: 'cylinderMass' },
      inputs: input.appliances.map(({ name, id }) =>
        inputOf(name || id, run.appliances.find((one) => one.id === id)?.wantedKg ?? 0, 'cylinderMass'),
      ),
    },
  })
  figures.push({
    label: 'left at the end',
    figure: {
      basis: 'trip-by-hours',
      quantity: { value: run.leftKg, role: 'cylinderMass' },
      inputs: run.cylinders.map(({ id, leftKg }) =>
        inputOf(input.cylinders.find((one) => one.id === id)?.name || id, leftKg, 'cylinderMass'),
      ),
    },
  })
  if (run.battery && input.battery) {
    figures.push({
      label: 'battery at its lowest',
      figure: {
        basis: 'battery-charge',
        quantity: { value: run.battery.leastShare, role: 'share' },
        inputs: [
          inputOf('Holds', input.battery.capacityC, 'charge'),
          inputOf('May be drawn to', leastShare(input.battery), 'share'),
        ],
      },
    })
  }
  return {
    goes: run.outages.length > 0 ? 'short' : run.weak ? 'well' : null,
    sentence: sentenceOf(run, input),
    figures,
  }
}
