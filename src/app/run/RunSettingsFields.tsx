'use client'

import Form from 'react-bootstrap/Form'
import { changeovers, changeoverLabels, type Changeover } from '@/core/run/runSettings'
import { cylinderSites, siteLabels } from '@/core/vaporization/heatTransfer'
import { Choice } from '@/ui/fields/Choice'
import { ClockField } from './ClockField'
import { Refills } from './Refills'
import type { RunPageData } from './runPageData'
import type { RunEditor } from './useRunEditor'
import { runLabels } from '@/ui/terms/runLabels'

/** Changeover, site of the cylinders, and waking hours. */
export function RunSettingsFields({ editor, data }: { editor: RunEditor; data: RunPageData }) {
  const { settings } = editor.draft
  const line = editor.outlook?.run.sources.find(({ id }) => id === 'line')
  return (
    <section aria-label="How it is run" className="mt-4">
      <h2>How it is run</h2>
      <div className="fields narrow">
        <Choice
          id="changeover"
          label={runLabels.changeover}
          value={settings.changeover ?? ''}
          options={[
            ['', line && settings.changeover === null ? `as drawn: ${changeoverLabels[line.changeover]}` : 'as drawn'],
            ...changeovers.map((one) => [one, changeoverLabels[one]] as const),
          ]}
          set={(value) => editor.setSettings({ changeover: value === '' ? null : (value as Changeover) })}
        />
        <Choice
          id="cylinder-site"
          label={runLabels.cylindersStand}
          value={settings.site}
          options={cylinderSites
            .filter((site) => site !== 'on-heater')
            .map((site) => [site, siteLabels[site]] as const)}
          set={(site) => editor.setSettings({ site })}
        />
        <ClockField
          label="It begins at"
          hour={settings.startH}
          set={(startH) => editor.setSettings({ startH }, 'startH')}
        />
        <ClockField label="Awake from" hour={settings.wakeH} set={(wakeH) => editor.setSettings({ wakeH }, 'wakeH')} />
        <ClockField
          label="Asleep from"
          hour={settings.sleepH}
          set={(sleepH) => editor.setSettings({ sleepH }, 'sleepH')}
        />
      </div>
      <Form.Check
        id="get-up"
        label="Somebody gets up at night to turn the lever or change a bottle"
        checked={settings.getUp}
        onChange={() => editor.setSettings({ getUp: !settings.getUp })}
      />
      <Refills editor={editor} data={data} />
    </section>
  )
}
