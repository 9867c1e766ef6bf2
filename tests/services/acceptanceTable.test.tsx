import { renderToStaticMarkup } from 'react-dom/server'
import { AnsweredFindings } from '@/app/trips/verdict/AnsweredFindings'
import type { Finding } from '@/core/findings/Finding'
import { findingCodes } from '@/core/findings/findingCodes'
import { findingKey, readiness, type Readiness } from '@/core/trip/readiness/readiness'
import { database } from '@/records/database'
import { activeAcceptances } from '@/records/repositories/trips/acceptances'
import { acceptFinding } from '@/services/trips/acceptFinding'
import { UndoProvider } from '@/ui/state/UndoProvider'
import { UnitsProvider } from '@/ui/state/UnitsProvider'
import { tripsLabels } from '@/ui/terms/tripsLabels'
import { temporaryFile } from '@tests/records/temporary'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'

process.env.GOLD_KETTLE_DB = temporaryFile()

/** What the trip is judged to have; each row of the table puts its own finding here. */
let ready: Readiness
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }))
jest.mock('@/services/trips/judgedTrip', () => ({ judgedTrip: () => ({ ready }) }))
jest.mock('@/services/trips/keepVerdict', () => ({ keepVerdict: () => undefined }))

const NOW = new Date('2026-11-27T12:00:00.000Z')
const REASON = 'The dealer is closed until Monday'

beforeAll(() => writeDemoRecords(database(), NOW))

const rows = Object.entries(findingCodes).flatMap(([station, codes]) =>
  Object.entries(codes).map(([code, facts]) => ({ station, code, ...facts })),
)

function findingOf({ station, code, severity, fix, basis }: (typeof rows)[number]): Finding {
  const sentence = { text: `Something of ${code}` }
  return { code, station: station as Finding['station'], severity, sentence, reason: sentence, remedy: fix, basis }
}

const page = (): string =>
  renderToStaticMarkup(
    <UnitsProvider initial="us">
      <UndoProvider>
        <AnsweredFindings tripId="larkspur" answered={ready.answered} />
      </UndoProvider>
    </UnitsProvider>,
  )

test.each(rows)('$station $code: core, service and page agree on whether it may be accepted', (row) => {
  const finding = findingOf(row)
  const findingKeyOfIt = findingKey(finding)
  ready = readiness([finding], [])
  const accept = () => acceptFinding({ tripId: 'larkspur', key: findingKeyOfIt, reason: REASON }, NOW)
  const stored = {
    id: 'one',
    findingKey: findingKeyOfIt,
    sentence: finding.sentence,
    reason: REASON,
    acceptedAt: NOW.toISOString(),
  }
  const { verdict, openCount } = readiness([finding], [stored])
  const before = activeAcceptances(database(), 'larkspur').length
  if (row.isAcceptable) {
    expect(verdict).toBe('your-call')
    expect(accept()).toMatchObject({ reason: REASON })
    expect(page()).toContain(tripsLabels.acceptWithAReason)
    return
  }
  expect(page()).not.toContain(tripsLabels.acceptWithAReason)
  expect(accept).toThrow(expect.objectContaining({ issues: [expect.objectContaining({ path: 'reason' })] }))
  expect(activeAcceptances(database(), 'larkspur')).toHaveLength(before)
  expect({ verdict, openCount }).toEqual(
    row.severity === 'note' ? { verdict: 'ready', openCount: 0 } : { verdict: row.severity, openCount: 1 },
  )
})
