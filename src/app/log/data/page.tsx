import type { Metadata } from 'next'
import { FileState } from './FileState'
import { ImportBench } from './ImportBench'
import { RestoreBench } from './RestoreBench'
import { exportedTables } from '@/services/archive/exports'

export const metadata: Metadata = { title: 'Your data' }

export default function DataPage() {
  return (
    <>
      <p>Everything here is yours: it lies in one file on this machine, and goes out and in by open formats.</p>
      <FileState />
      <div className="data-columns">
        <section aria-label="Backup">
          <h2>Backup</h2>
          <p>
            One file with everything, photos too, checked after it is written. Keep one on another disk. Gold Kettle
            also makes one each day while it runs. It keeps 7 days, 4 weeks and 12 months of them in “backups”.
          </p>
          <a className="btn btn-primary" href="/api/v1/backup" download>
            Make a backup
          </a>
        </section>
        <RestoreBench />
        <section aria-label="Export">
          <h2>Export</h2>
          <p>
            Everything as one JSON file that other programs can read, by{' '}
            <a href="/api/v1/export/schema">a published schema</a>: the same records give the same bytes.
          </p>
          <a className="btn btn-primary" href="/api/v1/export" download>
            Everything (JSON)
          </a>
          <details className="mt-3">
            <summary>Tables for a spreadsheet (CSV)</summary>
            <ul className="csv-list">
              {exportedTables.map((name) => (
                <li key={name}>
                  <a href={`/api/v1/export/csv/${name}.csv`} download>
                    {name.replaceAll('_', ' ')}
                  </a>
                </li>
              ))}
            </ul>
          </details>
        </section>
        <ImportBench />
      </div>
    </>
  )
}
