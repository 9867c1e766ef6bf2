import fs from 'node:fs'
import path from 'node:path'
import { findingCodes } from '@/core/findings/findingCodes'
import { terms } from '@/ui/terms/terms'

/** What a text has between backticks. */
const quoted = (text: string): string[] =>
  [...text.replace(/```[^]*?```/g, '').matchAll(/`([^`]+)`/g)].map(([, name = '']) => name)
const read = (file: string): string => fs.readFileSync(file, 'utf8')

const named = quoted(read('docs/hazards.md'))
const codes = new Set(Object.values(findingCodes).flatMap((station) => Object.keys(station)))

test('docs/hazards.md names codes, files and folders that exist', () => {
  const [places, others] = [named.filter((name) => name.includes('/')), named.filter((name) => !name.includes('/'))]
  expect(places.filter((place) => !fs.existsSync(place))).toEqual([])
  expect(others.filter((code) => !codes.has(code))).toEqual([])
})

test('every code that stops is about a hazard', () => {
  const stops = Object.values(findingCodes).flatMap((station) =>
    Object.entries(station).flatMap(([code, { severity }]) => (severity === 'stop' ? [code] : [])),
  )
  // These say that an act is refused, or repeat what another code says of the same fact.
  const refusals = ['fill-wrong-mode', 'co2-by-pressure', 'line-ring']
  expect(stops.filter((code) => !named.includes(code) && !refusals.includes(code))).toEqual([])
})

describe('docs/models.md', () => {
  const sections = read('docs/models.md')
    .split(/^## /m)
    .slice(1)
    .map((section) => [section.slice(0, section.indexOf('\n')), section] as const)

  test.each(sections)('“%s” has symbols, range, source, and a function and a test that exist', (_, section) => {
    const part = (name: string): string =>
      new RegExp(`- \\*\\*${name}\\*\\*: ([^]*?)(?=\\n- \\*\\*|$)`).exec(section)?.[1] ?? ''
    for (const name of ['Symbols', 'Range', 'Source']) expect(part(name)).toMatch(/\w/)
    const functions = quoted(part('Function'))
    expect(functions).not.toEqual([])
    for (const place of functions) {
      const [file = '', name = ''] = place.split('#')
      expect(read(path.join('src', 'core', `${file}.ts`))).toMatch(
        new RegExp(`^export (function|const) ${name}\\b`, 'm'),
      )
    }
    const tests = quoted(part('Test'))
    expect(tests).not.toEqual([])
    expect(tests.filter((file) => !fs.existsSync(file))).toEqual([])
  })
})

describe('docs/architecture.md', () => {
  const text = read('docs/architecture.md')
  const lists = text
    .slice(text.indexOf('## Five paths'), text.indexOf('## Core'))
    .split(/\n(?=1\. )/)
    .slice(1)
    .map((list) => [...list.matchAll(/^\d+\. `(src\/[^`]+)`/gm)].map(([, file = '']) => file))

  test('names files that exist', () => {
    const files = quoted(text).filter(
      (name) => /^(src|tests|scripts|docs|drizzle)\/.*\.\w+$/.test(name) && !name.includes('*'),
    )
    expect(files.length).toBeGreaterThan(35)
    expect(files.filter((file) => !fs.existsSync(file))).toEqual([])
  })

  test('a weigh-in passes fewer than 25 files from the scale to the verdict', () => {
    const [saving = [], judging = []] = lists
    expect(saving.length + judging.length).toBeLessThan(25)
    expect(saving[0]).toContain('WeighBench')
    expect(saving.at(-1)).toBe('src/records/write.ts')
    expect(judging.at(-1)).toBe('src/core/findings/verdict.ts')
  })

  /** Files that a file imports, by path without ending. */
  const importsOf = (file: string): string[] =>
    [...read(file).matchAll(/from '([^']+)'/g)].map(([, from = '']) =>
      from.startsWith('@/') ? path.join('src', from.slice(2)) : path.join(path.dirname(file), from),
    )

  test.each([
    ['a weigh-in that is saved', 0],
    ['a verdict', 1],
    ['a pressure', -1],
  ])('the path of %s: each file is imported by one above it', (_, at) => {
    const list = lists.at(at) ?? []
    list.slice(1).forEach((file, i) => {
      const above = list.slice(0, i + 1).flatMap(importsOf)
      // A basis entry is named by its id.
      if (!file.includes('/rules/basis/')) expect(above).toContain(file.replace(/\.tsx?$/, ''))
    })
  })
})

test('docs/glossary.md has every term that a page explains, and nothing twice', () => {
  const rows = [...read('docs/glossary.md').matchAll(/^\| ([^|]+?) +\|/gm)].map(([, word = '']) => word.toLowerCase())
  expect(new Set(rows.filter((word) => !/^(-+|word)$/.test(word))).size).toBe(
    rows.filter((word) => !/^(-+|word)$/.test(word)).length,
  )
  const explained = Object.keys(terms).map((id) => id.replaceAll('-', ' '))
  const usual: Readonly<Record<string, string>> = { psi: 'line pressure', input: 'heat input' }
  const has = (id: string): boolean =>
    rows.some((word) => word.replaceAll('-', ' ').startsWith((usual[id] ?? id).replaceAll('-', ' ')))
  expect(explained.filter((id) => !has(id))).toEqual([])
})

describe('docs/sources.md', () => {
  /** Rows of the tables: what stands between their bars. */
  const rows = read('docs/sources.md')
    .split('\n')
    .filter((line) => line.startsWith('| ') && line.includes('#'))
    .map((line) => line.split(' | ').map((cell) => cell.replace(/^\| | \|$/g, '').trim()))
  const places = rows.map(([, where = '']) => quoted(where)[0] ?? '')

  /** Places that a comment marks as recalled: the next declaration, or the object it stands in. */
  function recalled(): string[] {
    const files = fs
      .readdirSync('src/core', { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.ts'))
    return files
      .filter((file) => !file.startsWith(path.join('rules', 'basis')))
      .flatMap((file) => {
        const lines = read(path.join('src', 'core', file)).split('\n')
        return lines.flatMap((line, i) => {
          if (!line.includes('from memory')) return []
          const isComment = /^\s*(\/\*\*|\*|\/\/)/.test(line)
          const near = isComment ? lines.slice(i) : lines.slice(0, i).toReversed()
          const name = near.map((text) => /^(?:export )?(?:const|function) (\w+)/.exec(text)?.[1]).find(Boolean)
          return [`${file.replace(/\.ts$/, '')}#${name ?? ''}`]
        })
      })
  }

  test('every place that is recalled from memory has a row, and every row its place', () => {
    const marked = new Set(recalled())
    expect([...marked].filter((place) => !places.includes(place))).toEqual([])
    expect(places.filter((place) => !marked.has(place))).toEqual([])
    expect(new Set(places).size).toBe(places.length)
  })

  test('the numbers of a row stand at its place, and every row says how wrong and what follows', () => {
    for (const [value = '', where = '', ...said] of rows) {
      const [file = ''] = (quoted(where)[0] ?? '').split('#')
      const source = read(path.join('src', 'core', `${file}.ts`)).replaceAll('_', '')
      expect(quoted(value).filter((number) => !source.includes(number))).toEqual([])
      expect(said).toHaveLength(3)
      for (const cell of said) expect(cell).toMatch(/\w/)
    }
  })
})
