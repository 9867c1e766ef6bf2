import fs from 'node:fs'
import path from 'node:path'

const built = (name: string): unknown =>
  JSON.parse(fs.readFileSync(path.resolve('.next', 'server', name), 'utf8')) as unknown

/** Values that the demo has for the changing parts of an address. */
const parts: Readonly<Record<string, string>> = {
  '/cylinders/[id]': 'left',
  '/trips/[id]': 'larkspur',
  '[verdictId]': 'none',
  '[name]': 'contents',
  '[table]': 'weighings.csv',
  '/export/rig/[id]': 'marigold',
  '/photos/[id]': 'none',
}

/** Addresses of all routes of the built application, pages too. */
export function builtRoutes(): string[] {
  const names = Object.keys(built('app-paths-manifest.json') as Record<string, string>)
  // Next keeps those with an underscore for itself; server.mjs answers them with 404.
  const served = names.filter((name) => !name.startsWith('/_'))
  return served.map((name) => {
    let place = name.replace(/\/(page|route)$/, '')
    for (const [pattern, value] of Object.entries(parts)) {
      place = place.replace(pattern, pattern.replace(/\[\w+\]/, value))
    }
    return place || '/'
  })
}

/** Identifiers of all server actions. */
export function builtActions(): string[] {
  const { node } = built('server-reference-manifest.json') as { node: Record<string, unknown> }
  return Object.keys(node)
}
