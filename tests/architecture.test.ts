import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { crowdedFolders, lineCount, sourceFiles } from './sourceFiles'

/** File of an import, static or dynamic, inside `src`. */
function target(from: string, specifier: string): string | null {
  const place = specifier.startsWith('@/')
    ? path.join('src', specifier.slice(2))
    : path.join(path.dirname(from), specifier)
  return ['.ts', '.tsx', '/index.ts'].map((ending) => place + ending).find((file) => fs.existsSync(file)) ?? null
}

function importsOf(file: string): string[] {
  const text = fs.readFileSync(file, 'utf8')
  const specifiers = text.matchAll(/(?:from |import\()'((?:@\/|\.\/)[^']+)'/g)
  return [...specifiers].flatMap(([, specifier]) => target(file, specifier ?? '') ?? [])
}

const files = sourceFiles('src')
const graph = new Map(files.map((file) => [file, importsOf(file)]))

/** All cycles of a graph, by depth-first search. */
function findCycles(nodes: ReadonlyMap<string, readonly string[]>): string[] {
  const cycles: string[] = []
  const done = new Set<string>()
  const walk = (node: string, trail: readonly string[]): void => {
    if (trail.includes(node)) {
      cycles.push([...trail.slice(trail.indexOf(node)), node].join(' → '))
      return
    }
    if (done.has(node)) return
    for (const next of nodes.get(node) ?? []) walk(next, [...trail, node])
    done.add(node)
  }
  for (const node of nodes.keys()) walk(node, [])
  return cycles
}

test('no import cycle, dynamic imports included', () => {
  expect(findCycles(graph)).toEqual([])
  // The graph is not empty: the layout imports several parts, and one part is loaded on demand.
  expect(graph.get('src/app/layout.tsx')?.length).toBeGreaterThan(5)
  expect(graph.get('src/app/heat/plan/Plan.tsx')).toContain('src/app/heat/plan/PlanCanvas.tsx')
  expect(
    findCycles(
      new Map([
        ['a', ['b']],
        ['b', ['c']],
        ['c', ['a']],
      ]),
    ),
  ).toEqual(['a → b → c → a'])
})

test('no file has more than 350 lines', () => {
  const all = ['src', 'tests', 'scripts'].flatMap((folder) => sourceFiles(folder, /\.(tsx?|mjs|scss)$/))
  expect(all.filter((file) => lineCount(file) > 350)).toEqual([])
})

test('no folder of core holds more than 20 files of its own', () => {
  expect(crowdedFolders('src/core', 20)).toEqual([])
})

test('core has the modules of docs/architecture.md and no others', () => {
  const modules = fs.readdirSync('src/core')
  const documented = [...fs.readFileSync('docs/architecture.md', 'utf8').matchAll(/^\| `([a-z0-9-]+)` /gm)].map(
    ([, name]) => name,
  )
  expect(documented.toSorted()).toEqual(modules.toSorted())
})

test('git ignores no source file', () => {
  const folders = ['src', 'tests', 'scripts', 'docs']
  const ignored = execFileSync(
    'git',
    ['ls-files', '--others', '--ignored', '--exclude-per-directory=.gitignore', '--', ...folders],
    { encoding: 'utf8' },
  )
  expect(ignored).toBe('')
})
