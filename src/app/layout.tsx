import '@fontsource-variable/bitter/index.css'
import '@fontsource-variable/source-sans-3/index.css'
import '@/ui/styles/index.scss'

import { format, parseISO } from 'date-fns'
import type { Metadata, Viewport } from 'next'
import { Link } from '@/ui/shell/Link'
import type { ReactNode } from 'react'
import { formatNights } from '@/app/shared/nights'
import { UnitsProvider, UnitsSwitch } from '@/ui/state/UnitsProvider'
import { CaptureProvider } from '@/ui/instruments/CaptureProvider'
import { Emergency } from '@/ui/shell/Emergency'
import { GasLine } from '@/ui/shell/GasLine'
import { PreserveEarlyTyping } from '@/ui/shell/PreserveEarlyTyping'
import { HelpAndFind, type SearchPlace } from '@/ui/shell/HelpAndFind'
import { InstrumentsTray, type Load } from '@/ui/instruments/InstrumentsTray'
import { ManometerProvider } from '@/ui/instruments/ManometerProvider'
import { ScaleProvider } from '@/ui/instruments/ScaleProvider'
import { UndoProvider } from '@/ui/state/UndoProvider'
import { chosenUnits } from '@/app/shared/pageData'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { stationStates } from '@/app/shared/stationStates'
import type { RigSnapshot } from '@/services/rigs/rigSnapshot'

export const metadata: Metadata = {
  title: { default: 'Gold Kettle', template: '%s · Gold Kettle' },
  description: 'Fill, connect, leak-test and run the gas of a camper, worked out from your own gear.',
}

export const viewport: Viewport = { themeColor: '#17302b' }

/** Pages are rendered per request from the present records, never while building. */
export const dynamic = 'force-dynamic'

function describeTrip({ trip }: RigSnapshot): string {
  if (!trip) return 'no trip planned'
  const { name, startDay, nights } = trip.row
  return `${name} · leaves ${format(parseISO(startDay), 'EEE d MMM')} · ${formatNights(nights)}`
}

function places({ cylinders, appliances, lines, heat }: RigSnapshot): SearchPlace[] {
  return [
    ...cylinders.map(({ row }) => ({ name: row.name, kind: 'cylinder', href: `/cylinders/${row.id}` })),
    ...lines.map(({ gear }) => ({ name: gear.name, kind: 'line', href: `/hookup?line=${gear.id}` })),
    ...heat.rooms.map(({ id, name }) => ({ name, kind: 'room', href: `/heat?room=${id}` })),
    ...heat.heaters.map(({ id, name }) => ({ name, kind: 'heater', href: `/heat/heaters?heater=${id}` })),
    ...appliances.map(({ name }) => ({ name, kind: 'appliance', href: '/run/habits' })),
  ]
}

/** What the simulated scale can be loaded with: each cylinder as last weighed, or empty when it never was. */
function loads({ cylinders }: RigSnapshot): Load[] {
  return cylinders.map(({ gear }) => ({ name: gear.name, massKg: gear.lastWeighing?.grossKg ?? gear.tareKg }))
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  const snapshot = loadRigSnapshot()
  return (
    <html lang="en">
      <body>
        <a className="skip" href="#page">
          To the page
        </a>
        <UnitsProvider initial={await chosenUnits()}>
          <CaptureProvider>
            <ScaleProvider>
              <ManometerProvider>
                <UndoProvider>
                  <header className="masthead">
                    <div className="masthead-top">
                      <Link className="rig-name" href="/">
                        {snapshot.rig?.name ?? 'Gold Kettle'}
                      </Link>
                      <span className="rig-trip">{snapshot.rig ? describeTrip(snapshot) : 'before each trip'}</span>
                      <div className="masthead-tools">
                        <Emergency />
                        <UnitsSwitch />
                        <InstrumentsTray loads={loads(snapshot)} />
                        <HelpAndFind places={places(snapshot)} />
                      </div>
                    </div>
                    <GasLine states={stationStates(snapshot)} />
                  </header>
                  <main className="page" id="page">
                    {children}
                  </main>
                </UndoProvider>
              </ManometerProvider>
            </ScaleProvider>
          </CaptureProvider>
        </UnitsProvider>
        <PreserveEarlyTyping />
      </body>
    </html>
  )
}
