import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'

const src = path.resolve('src')

function sources(folder: string): string[] {
  return fs.readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const place = path.join(folder, entry.name)
    if (entry.isDirectory()) return sources(place)
    return /\.tsx?$/.test(entry.name) ? [place] : []
  })
}

function target(from: string, written: string): string | null {
  const place = written.startsWith('@/') ? path.join(src, written.slice(2)) : path.resolve(path.dirname(from), written)
  return ['.ts', '.tsx', '/index.ts'].map((ending) => place + ending).find((file) => fs.existsSync(file)) ?? null
}

function importsOf(file: string): string[] {
  const text = fs.readFileSync(file, 'utf8')
  return [...text.matchAll(/from '((?:@\/|\.\/)[^']+)'/g)].flatMap(([, written]) => target(file, written ?? '') ?? [])
}

const files = sources(src)
const graph = new Map(files.map((file) => [file, importsOf(file)]))

test('no import comes round to where it began', () => {
  const circles: string[] = []
  const done = new Set<string>()
  const walk = (file: string, way: string[]): void => {
    if (way.includes(file)) {
      circles.push([...way.slice(way.indexOf(file)), file].map((place) => path.relative(src, place)).join(' → '))
      return
    }
    if (done.has(file)) return
    for (const next of graph.get(file) ?? []) walk(next, [...way, file])
    done.add(file)
  }
  for (const file of files) walk(file, [])
  expect(circles).toEqual([])
  // The walk did follow imports: the layout alone reaches core.
  expect(graph.get(path.join(src, 'app/layout.tsx'))?.length).toBeGreaterThan(5)
})

test('no file is several rooms', () => {
  const long = [...files, ...sources(path.resolve('tests')), ...sources(path.resolve('scripts'))].filter(
    (file) => fs.readFileSync(file, 'utf8').split('\n').length > 350,
  )
  expect(long).toEqual([])
})

test('nothing of the house is left out of git by a pattern meant for something else', () => {
  const leftOut = execFileSync(
    'git',
    [
      'ls-files',
      '--others',
      '--ignored',
      '--exclude-per-directory=.gitignore',
      '--',
      'src',
      'tests',
      'scripts',
      'docs',
    ],
    { encoding: 'utf8' },
  )
  expect(leftOut).toBe('')
})
