'use client'

import Button from 'react-bootstrap/Button'
import { Choice } from '@/ui/fields/Choice'
import { QuantityField } from '@/ui/fields/QuantityField'
import { emptyRow, type LogTexts, type RowSetting } from './readLog'
import { isEmpty } from '@/ui/fields/typedQuantity'
import { heatLabels } from '@/ui/terms/heatLabels'

const rowSettings: readonly (readonly [RowSetting, string])[] = [
  ['high', 'on high'],
  ['low', 'on low'],
  ['off', 'off'],
]

/** Minutes and temperatures in rows; each can be captured from a thermometer. */
export function LogRows({
  texts,
  change,
  issue,
  isChanged,
}: {
  texts: LogTexts
  change: (texts: LogTexts) => void
  issue: { path: string; message: string } | null
  /** The setting changed during the log: it is entered for each reading. */
  isChanged: boolean
}) {
  const { rows } = texts
  const setRow = (i: number, some: Partial<LogTexts['rows'][number]>): void =>
    change({ ...texts, rows: rows.map((row, j) => (j === i ? { ...row, ...some } : row)) })
  // Empty rows are skipped: an issue of the third reading belongs to the third filled row.
  const filled = rows.flatMap(({ minutes, temperature }, i) => (!isEmpty(minutes) && !isEmpty(temperature) ? [i] : []))
  const at = (i: number, field: 'timeS' | 'temperatureK'): string | null =>
    issue?.path === `readings.${filled.indexOf(i)}.${field}` ? issue.message : null
  return (
    <>
      <div className="fields narrow">
        <QuantityField
          compact
          label={heatLabels.outsideAllAlong}
          role="temperature"
          typed={texts.outside}
          issue={issue?.path === 'outsideK' ? issue.message : null}
          onTyped={(outside) => change({ ...texts, outside })}
        />
      </div>
      <ol className={isChanged ? 'log-rows with-settings' : 'log-rows'}>
        {rows.map(({ minutes, temperature, setting }, i) => (
          <li key={i}>
            <QuantityField
              compact
              quiet={i > 0}
              label={i === 0 ? 'Minutes since lit' : `Reading ${i + 1}: minutes since lit`}
              role="minutes"
              typed={minutes}
              issue={at(i, 'timeS')}
              onTyped={(text) => setRow(i, { minutes: text })}
            />
            <QuantityField
              compact
              quiet={i > 0}
              label={i === 0 ? 'Inside' : `Reading ${i + 1}: inside`}
              role="temperature"
              typed={temperature}
              issue={at(i, 'temperatureK')}
              onTyped={(text) => setRow(i, { temperature: text })}
            />
            {isChanged && (
              <Choice
                id={`row-setting-${i}`}
                label={`From reading ${i + 1} on`}
                value={setting}
                options={rowSettings}
                set={(value) => setRow(i, { setting: value })}
              />
            )}
            <Button
              variant="bare"
              size="sm"
              aria-label={`Take reading ${i + 1} out`}
              disabled={rows.length === 1}
              onClick={() => change({ ...texts, rows: rows.filter((_, j) => j !== i) })}
            >
              Out
            </Button>
          </li>
        ))}
      </ol>
      <Button
        variant="quiet"
        size="sm"
        onClick={() =>
          change({ ...texts, rows: [...rows, { ...emptyRow, setting: rows.at(-1)?.setting ?? emptyRow.setting }] })
        }
      >
        {heatLabels.oneMoreReading}
      </Button>
      {issue?.path === 'readings' && (
        <p className="issue" role="alert">
          {issue.message}
        </p>
      )}
    </>
  )
}
