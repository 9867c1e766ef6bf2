import fs from 'node:fs'
import path from 'node:path'
import { basis } from '@/core/rules/basis/basis'
import { co2Basis } from '@/core/rules/basis/co2Basis'
import { cylinderBasis } from '@/core/rules/basis/cylinderBasis'
import { fillBasis } from '@/core/rules/basis/fillBasis'
import { heatBasis } from '@/core/rules/basis/heatBasis'
import { hookupBasis } from '@/core/rules/basis/hookupBasis'
import { runBasis } from '@/core/rules/basis/runBasis'
import { tripBasis } from '@/core/rules/basis/tripBasis'

function textBelow(folder: string): string {
  return fs
    .readdirSync(folder, { withFileTypes: true })
    .map((entry) => {
      const place = path.join(folder, entry.name)
      if (entry.isDirectory()) return textBelow(place)
      return /Basis\.ts$/.test(entry.name) ? '' : fs.readFileSync(place, 'utf8')
    })
    .join('\n')
}

const code = textBelow(path.resolve('src'))

test.each(Object.entries(basis))(
  '%s says what it is, how it is used, where it is from and how certain it is',
  (_, entry) => {
    expect(entry.title).toMatch(/^\S.*\S$/)
    expect(entry.formula).toMatch(/\.$/)
    expect(entry.source.length).toBeGreaterThan(3)
    expect(['published', 'common practice', 'from memory', 'your entry']).toContain(entry.provenance)
    if ('caution' in entry) expect(entry.caution).toMatch(/\.$/)
  },
)

test.each(Object.keys(basis))('some figure cites %s', (id) => {
  expect(code).toContain(`'${id}'`)
})

test.each(Object.entries(basis))('%s is computed by a function of core, which a test calls', (_, entry) => {
  const [file = '', name = ''] = entry.computedBy.split('#')
  const declared = new RegExp(`^export (function|const) ${name}\\b`, 'm')
  expect(fs.readFileSync(path.resolve('src/core', `${file}.ts`), 'utf8')).toMatch(declared)
  const test = fs.readFileSync(path.resolve('tests', `${entry.checkedBy}.test.ts`), 'utf8')
  const [, imported = ''] = new RegExp(`import \\{([^}]*)\\} from '@/core/${file}'`).exec(test) ?? []
  expect(imported.split(',').map((one) => one.trim())).toContain(name)
  // Called in a test, not only imported.
  expect(test.replace(/^import[^;]*?from .*$/gm, '')).toMatch(new RegExp(`\\b${name}\\b`))
})

test('no source appears in two lists', () => {
  const all = [cylinderBasis, fillBasis, hookupBasis, heatBasis, runBasis, co2Basis, tripBasis].flatMap((list) =>
    Object.keys(list),
  )
  expect(new Set(all).size).toBe(all.length)
  expect(all.length).toBe(Object.keys(basis).length)
})
