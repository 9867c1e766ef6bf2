'use client'

import { CircleHelp, Search } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { useHotkeys } from 'react-hotkeys-hook'
import { stations } from '@/core/findings/Finding'
import { stationFacts } from './stationFacts'
import { terms } from '@/ui/terms/terms'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A thing that can be found by its name. */
export interface SearchPlace {
  name: string
  kind: string
  href: string
}

const keys: readonly [string, string][] = [
  ['1 – 9', 'To a station, in the order of the line'],
  ['/', 'Find a station, a cylinder, a line or an appliance'],
  ['c', 'Capture the scale, or the manometer’s open column, into the last field (Alt + C while in a field)'],
  ['u', 'Undo the last thing saved'],
  ['Ctrl + Z, Ctrl + Y', 'Undo and redo in the drawing of a line'],
  ['?', 'This list'],
  ['Esc', 'Close what is open'],
]

const stationPlaces: readonly SearchPlace[] = stations.map((station) => ({
  name: stationFacts[station].name,
  kind: 'station',
  href: stationFacts[station].route,
}))

function Finder({ places, close }: { places: readonly SearchPlace[]; close: () => void }) {
  const router = useRouter()
  const [sought, setSought] = useState('')
  const [chosen, setChosen] = useState(0)
  const found = [...stationPlaces, ...places].filter(({ name }) =>
    name.toLowerCase().includes(sought.trim().toLowerCase()),
  )

  const go = (place: SearchPlace | undefined): void => {
    if (!place) return
    close()
    router.push(place.href)
  }
  return (
    <>
      <Form.Control
        autoFocus
        aria-label={sharedLabels.find}
        value={sought}
        placeholder="Name of a station, a cylinder, an appliance"
        onChange={(event) => {
          setSought(event.target.value)
          setChosen(0)
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setChosen(Math.min(found.length - 1, chosen + 1))
          else if (event.key === 'ArrowUp') setChosen(Math.max(0, chosen - 1))
          else if (event.key === 'Enter') go(found[chosen])
          else return
          event.preventDefault()
        }}
      />
      <ul className="found">
        {found.map((place, i) => (
          <li key={place.href + place.name}>
            <a
              href={place.href}
              className={i === chosen ? 'chosen' : ''}
              onClick={(event) => {
                event.preventDefault()
                go(place)
              }}
            >
              {place.name} <span className="hint">{place.kind}</span>
            </a>
          </li>
        ))}
        {found.length === 0 && <li className="hint">Nothing by that name.</li>}
      </ul>
    </>
  )
}

function HelpSheet() {
  return (
    <>
      <p>
        Gold Kettle follows the gas: from the cylinder along the line to the heater and through the trip. Every figure
        opens, on a tap, to its sum and its source.
      </p>
      <p>
        Weights are understood as people write them: <b>31.4 lb</b>, <b>1 lb 11.6 oz</b>, <b>17 kg</b>. A bare number
        means the unit beside the field.
      </p>
      <h3>Keys</h3>
      <dl className="keys">
        {keys.map(([key, does]) => (
          <div key={key} style={{ display: 'contents' }}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mt-3">Words</h3>
      <dl>
        {Object.entries(terms).map(([term, meaning]) => (
          <div key={term}>
            <dt>{term.replace('-', ' ')}</dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
      <p className="hint mb-0">
        Your equipment’s manual and local code come before this program. Fixed piping, regulators inside walls and
        vessels belong to a licensed technician. What is worked out here is never permission.
      </p>
    </>
  )
}

/** Help, the finder, and the keys that go to the stations. */
export function HelpAndFind({ places }: { places: readonly SearchPlace[] }) {
  const router = useRouter()
  const [open, setOpen] = useState<'help' | 'find' | null>(null)
  const close = (): void => setOpen(null)

  useHotkeys(stations.map((_, i) => String(i + 1)).join(','), (event) => {
    const station = stations[Number(event.key) - 1]
    if (station) router.push(stationFacts[station].route)
  })
  useHotkeys('/', () => setOpen('find'), { useKey: true, preventDefault: true })
  useHotkeys('?', () => setOpen('help'), { useKey: true })

  return (
    <>
      <button type="button" onClick={() => setOpen('find')} aria-keyshortcuts="/">
        <Search size={18} aria-hidden="true" /> <span className="tool-word">{sharedLabels.find}</span>
      </button>
      <button type="button" onClick={() => setOpen('help')} aria-keyshortcuts="?">
        <CircleHelp size={18} aria-hidden="true" /> <span className="tool-word">{sharedLabels.help}</span>
      </button>
      <Modal show={open !== null} onHide={close} scrollable aria-labelledby="help-title">
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="help-title">
            {open === 'find' ? sharedLabels.find : sharedLabels.help}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>{open === 'find' ? <Finder places={places} close={close} /> : <HelpSheet />}</Modal.Body>
      </Modal>
    </>
  )
}
