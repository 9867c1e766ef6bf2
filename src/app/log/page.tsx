import type { Metadata } from 'next'
import { Link } from '@/ui/shell/Link'
import { redirect } from 'next/navigation'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { logEntries } from './logEntries'
import { groupFacts, logGroups } from './logKinds'
import { LogTable } from './LogTable'
import { filterOf, readLogSearch, type LogSearch } from './readLogSearch'
import { logbookPage } from '@/services/log/logbook'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export const metadata: Metadata = { title: sharedLabels.logbook }

const PAGE_SIZE = 50

function address(search: LogSearch, page: number): string {
  const asked = new URLSearchParams({ kind: search.group, search: search.text, from: search.from, to: search.to })
  for (const [name, value] of [...asked]) if (value === '') asked.delete(name)
  if (page > 1) asked.set('page', String(page))
  return asked.size > 0 ? `/log?${asked}` : '/log'
}

export default async function LogPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}) {
  const { rig } = loadRigSnapshot()
  if (!rig) redirect('/')
  const search = readLogSearch(await searchParams)
  const { rows, count } = logbookPage(rig.id, filterOf(search), search.page, PAGE_SIZE)
  const pages = Math.max(1, Math.ceil(count / PAGE_SIZE))
  return (
    <>
      <form className="in-a-row log-search" role="search" action="/log">
        <div>
          <label className="form-label" htmlFor="log-search">
            {sharedLabels.search}
          </label>
          <input id="log-search" name="search" className="form-control" defaultValue={search.text} maxLength={100} />
        </div>
        <div>
          <label className="form-label" htmlFor="log-kind">
            {sharedLabels.of}
          </label>
          <select id="log-kind" name="kind" className="form-select" defaultValue={search.group}>
            <option value="">everything</option>
            {logGroups.map((group) => (
              <option key={group} value={group}>
                {groupFacts[group].name}
              </option>
            ))}
          </select>
        </div>
        <div>
          <label className="form-label" htmlFor="log-from">
            From
          </label>
          <input id="log-from" name="from" type="date" className="form-control" defaultValue={search.from} />
        </div>
        <div>
          <label className="form-label" htmlFor="log-to">
            To
          </label>
          <input id="log-to" name="to" type="date" className="form-control" defaultValue={search.to} />
        </div>
        <button type="submit" className="btn btn-primary">
          {sharedLabels.find}
        </button>
      </form>
      <p role="status">
        {count} {count === 1 ? 'line' : 'lines'}
        {pages > 1 && `, page ${search.page} of ${pages}`}
      </p>
      <LogTable entries={logEntries(rows)} />
      {rows.length === 0 && <p>Nothing of this kind is written down.</p>}
      <nav aria-label="Pages of the logbook" className="save-line">
        {search.page > 1 && (
          <Link className="btn btn-quiet" href={address(search, search.page - 1)}>
            Newer
          </Link>
        )}
        {search.page < pages && (
          <Link className="btn btn-quiet" href={address(search, search.page + 1)}>
            {sharedLabels.older}
          </Link>
        )}
      </nav>
    </>
  )
}
