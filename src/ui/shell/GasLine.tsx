'use client'

import { Link } from './Link'
import { usePathname } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { stations, type Station } from '@/core/findings/Finding'
import { MarkShape, stateLabels, type MarkState } from '@/ui/figures/StateMark'
import { stationFacts } from './stationFacts'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** State of one station in the gas line. */
export interface StationState {
  mark: MarkState
  count: number
}

function stationAt(pathname: string): Station {
  const found = stations.find((station) => station !== 'trip' && pathname.startsWith(stationFacts[station].route))
  return found ?? 'trip'
}

function Fitting({ mark }: { mark: MarkState }) {
  return (
    <svg width="72" height="34" viewBox="-36 -17 72 34" aria-hidden="true">
      <rect className="body" x="-28" y="-13" width="56" height="26" rx="6" strokeWidth="1.5" />
      <rect className="nut" x="-34" y="-17" width="8" height="34" rx="2.5" />
      <rect className="nut" x="26" y="-17" width="8" height="34" rx="2.5" />
      <MarkShape state={mark} />
    </svg>
  )
}

/** Navigation at the top of every page: the gas line with one fitting and state per station. */
export function GasLine({ states }: { states: Readonly<Record<Station, StationState>> }) {
  const here = stationAt(usePathname())
  const nav = useRef<HTMLElement>(null)

  // On a phone the line is longer than the screen: scroll the current station into view.
  useEffect(() => {
    const current = nav.current?.querySelector<HTMLElement>('[aria-current]')
    if (nav.current && current) {
      nav.current.scrollLeft = current.offsetLeft - (nav.current.clientWidth - current.clientWidth) / 2
    }
  }, [here])

  return (
    <nav className="gas-line" aria-label={sharedLabels.stations} ref={nav}>
      <ol>
        <li className="gas-pipe" aria-hidden="true" />
        {stations.map((station, i) => {
          const { mark, count } = states[station]
          const { name, route } = stationFacts[station]
          const words = `${stateLabels[mark]}${count > 0 ? ` · ${count}` : ''}`
          return (
            <li key={station}>
              <Link
                href={route}
                className={`fitting ${mark}`}
                aria-current={station === here ? 'page' : undefined}
                aria-keyshortcuts={String(i + 1)}
              >
                <span className="name">{name}</span>
                <Fitting mark={mark} />
                <span className="state">{words || '\u00a0'}</span>
              </Link>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}
