'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { saveHeatlessAction } from '@/actions/heat'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import type { StoredHeater } from '@/services/heat/heaters'
import { Amount } from '@/ui/figures/Amount'
import { Term } from '@/ui/figures/Term'
import { useSave } from '@/ui/state/useSave'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { HeaterForm } from './HeaterForm'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** The rig's heaters with their values and sources. */
export function HeaterShelf({
  data,
  pages,
}: {
  data: HeatPageData
  /** Pictures of the manual's pages, by heater. */
  pages: Readonly<Record<string, readonly string[]>>
}) {
  const { heaters, rigId, rigVersion, heatless } = data
  const [open, setOpen] = useState<string | null>(data.heaterId ?? (heaters.length === 0 && !heatless ? 'new' : null))
  const { save, issueAt } = useSave(saveHeatlessAction)
  return (
    <>
      <p className="lead">
        Every number here is the one in the heater’s own manual. Until it is entered, common ones stand in and count as
        not ready. What is said of air is for <Term id="unvented">unvented</Term> ones, with or without an{' '}
        <Term id="oxygen-cut-off">oxygen cut-off</Term>.
      </p>
      <ul className="heater-shelf">
        {heaters.map((stored) => (
          <li key={stored.id}>
            {open === stored.id ? (
              <HeaterForm data={data} stored={stored} pages={pages[stored.id] ?? []} close={() => setOpen(null)} />
            ) : (
              <>
                <HeaterCard stored={stored} pages={pages[stored.id] ?? []} />
                <Button variant="quiet" onClick={() => setOpen(stored.id)}>
                  {sharedLabels.change}
                </Button>
              </>
            )}
          </li>
        ))}
        {open === 'new' && (
          <li>
            <HeaterForm data={data} stored={null} pages={[]} close={() => setOpen(null)} />
          </li>
        )}
      </ul>
      {open !== 'new' && (
        <Button variant="quiet" onClick={() => setOpen('new')}>
          Another heater
        </Button>
      )}
      {heaters.length === 0 && (
        <Form.Check
          id="heatless"
          className="mt-3"
          label={heatLabels.nothingHeatsThisRig}
          checked={heatless}
          onChange={() => void save({ rigId, version: rigVersion, heatless: !heatless })}
        />
      )}
      {issueAt('') && (
        <p className="issue" role="alert">
          {issueAt('')}
        </p>
      )}
    </>
  )
}

function HeaterCard({ stored: { name, heater }, pages }: { stored: StoredHeater; pages: readonly string[] }) {
  const { clearances } = heater.body
  const isManual = heater.clearancesFrom === 'manual'
  return (
    <div className="heater-card">
      <h2>{name}</h2>
      <p className="hint mb-1">
        {heaterTemplates[heater.kind].name}, <Amount quantity={{ value: heater.lowW, role: 'power' }} />
        {heater.highW > heater.lowW && (
          <>
            {' '}
            to <Amount quantity={{ value: heater.highW, role: 'power' }} />
          </>
        )}
        {heater.vented ? ', fumes go outside' : ', no chimney'}
      </p>
      <dl>
        {(
          [
            ['front', clearances.frontM],
            ['sides', clearances.sidesM],
            ['top', clearances.topM],
            ['rear', clearances.rearM],
          ] as const
        ).map(([face, value]) => (
          <div key={face}>
            <dt>{face}</dt>
            <dd>
              <Amount quantity={{ value, role: 'length' }} />
            </dd>
          </div>
        ))}
      </dl>
      <p className={isManual ? 'from-manual' : 'from-common'}>
        {isManual ? 'from its manual' : heatLabels.commonPracticeItsManualsAreWanted}
        {pages.length > 0 && `, ${pages.length} ${pages.length === 1 ? 'page' : 'pages'} kept`}
      </p>
    </div>
  )
}
