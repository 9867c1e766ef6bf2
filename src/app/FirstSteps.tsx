import { MarkedItem } from '@/ui/figures/MarkedItem'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface Step {
  done: boolean
  what: string
  why: string
  href: string
  label: string
}

/** Entries missing before a trip can be judged, one button each. */
export function FirstSteps({
  rigName,
  cylinders,
  appliances,
}: {
  rigName: string
  cylinders: number
  appliances: number
}) {
  const steps: Step[] = [
    {
      done: cylinders > 0,
      what: 'Enter a cylinder',
      why: 'Tare and water capacity are on its collar; then weigh it.',
      href: '/cylinders/new',
      label: 'Add a cylinder',
    },
    {
      done: appliances > 0,
      what: 'Enter what burns',
      why: 'Heater, cooktop, fridge: the heat input is on each one’s plate.',
      href: '/run/habits',
      label: sharedLabels.addAnAppliance,
    },
    {
      done: false,
      what: sharedLabels.planTheTrip,
      why: 'Where, when, how high and how cold: then everything is judged for it.',
      href: '/trips/new',
      label: 'Plan a trip',
    },
  ]
  return (
    <>
      <h1>
        Trip <span className="of">· {rigName}, before the first one</span>
      </h1>
      <ul className="findings">
        {steps.map(({ done, what, why, href, label }) => (
          <MarkedItem
            key={href}
            state={done ? 'ready' : 'fix-first'}
            tone={done ? 'note' : ''}
            title={what}
            href={href}
            label={label}
          >
            <p className="hint">{done ? 'Done.' : why}</p>
          </MarkedItem>
        ))}
      </ul>
    </>
  )
}
