import { format } from 'date-fns'
import { escapeHtml, plainPage } from '@/app/plainPage'
import { LARGEST_FILE } from '@/services/archive/imports'
import { type RecoveryChoice, recordsProblem, recover, salvageable, usableCopies } from '@/services/backups/recovery'
import { refusalOf } from '@/services/shared/refusalOf'

const TITLE = 'Your records cannot be read'

function sound(request: Request): Response {
  return plainPage(request, 'Your records can be read', '<p><a href="/">Open Gold Kettle</a></p>')
}

function copyForms(): string {
  const copies = usableCopies()
  if (copies.length === 0) return '<p>There are no copies in the folder “backups”.</p>'
  const rows = copies.map(
    ({ name, madeAt }) => `<tr><td>${escapeHtml(format(madeAt, 'EEE MMM d, yyyy, h:mm a'))}<br>${escapeHtml(name)}</td>
<td><form method="post"><input type="hidden" name="copy" value="${escapeHtml(name)}"><button aria-label="Restore ${escapeHtml(name)}">Restore</button></form></td></tr>`,
  )
  return `<table><tbody>${rows.join('')}</tbody></table>`
}

async function salvageForm(): Promise<string> {
  const found = await salvageable()
  if (found === null) return '<p>No rows can be read from the damaged file.</p>'
  const rows = found.map(
    ({ name, saved, lost }) =>
      `<tr><td>${escapeHtml(name.replaceAll('_', ' '))}</td><td class="number">${saved}</td><td class="number">${lost}</td></tr>`,
  )
  return `<p>These rows can be read. Lost rows are gone.</p>
<table><thead><tr><th>Table</th><th class="number">Readable rows</th><th class="number">Lost rows</th></tr></thead><tbody>${rows.join('')}</tbody></table>
<form method="post"><input type="hidden" name="salvage" value="yes"><button>Go on with the readable rows</button></form>`
}

async function page(request: Request, issue: string | null, status = 200): Promise<Response> {
  const problem = recordsProblem()
  if (problem === null) return sound(request)
  const said = issue === null ? '' : `<p class="issue" role="alert">${escapeHtml(issue)}</p>`
  return plainPage(
    request,
    TITLE,
    `${said}<p>${escapeHtml(problem.message)}</p>
<p>Choose what takes its place. The damaged file is not deleted: it moves to the folder “backups”.</p>
<h2>Restore a copy from this machine</h2>${copyForms()}
<h2>Restore a backup file</h2>
<form method="post" enctype="multipart/form-data"><label for="backup">Backup (.db)</label>
<input id="backup" name="backup" type="file" accept=".db" required><button>Restore file</button></form>
<h2>Save what can be read</h2>${await salvageForm()}`,
    status,
  )
}

/** What can be done about records that cannot be read; plain HTML, because pages need the records. */
export function GET(request: Request): Promise<Response> {
  return page(request, null)
}

/** What the owner chose in the form. */
async function choiceOf(form: FormData): Promise<RecoveryChoice> {
  const uploaded = form.get('backup')
  if (form.get('salvage') === 'yes') return { way: 'salvage' }
  const copy = form.get('copy')
  if (typeof copy === 'string') return { way: 'copy', name: copy }
  const isFile = uploaded instanceof File && uploaded.size > 0 && uploaded.size <= LARGEST_FILE
  return { way: 'file', bytes: isFile ? Buffer.from(await uploaded.arrayBuffer()) : null }
}

/** Replaces damaged records. */
export async function POST(request: Request): Promise<Response> {
  if (recordsProblem() === null) return sound(request)
  let form: FormData
  try {
    form = await request.formData()
  } catch {
    return page(request, 'The form could not be read. Choose again.', 400)
  }
  try {
    await recover(await choiceOf(form), new Date())
    return new Response(null, { status: 303, headers: { location: '/' } })
  } catch (error) {
    const refusal = refusalOf(error)
    if (refusal === null) throw error
    return page(request, refusal.sentence, 400)
  }
}
