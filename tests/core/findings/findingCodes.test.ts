import fs from 'node:fs'
import path from 'node:path'
import { findingCodes, findingFacts } from '@/core/findings/findingCodes'
import { basis } from '@/core/rules/basis/basis'
import { sourceFiles } from '@tests/sourceFiles'

const all = Object.entries(findingCodes).flatMap(([station, codes]) =>
  Object.entries(codes).map(([code, facts]) => ({ station, code, facts })),
)

test('every registered code is used, and each station has its own', () => {
  const sources = sourceFiles('src/core')
    .filter((file) => !file.includes(path.join('findings', 'codes')))
    .map((file) => fs.readFileSync(file, 'utf8'))
    .join('\n')
  expect(all.length).toBeGreaterThan(100)
  expect(all.filter(({ code }) => !sources.includes(`'${code}'`))).toEqual([])
})

test('a stop is never acceptable, a note needs no acceptance', () => {
  const acceptable = all.filter(({ facts }) => facts.isAcceptable)
  expect(acceptable.filter(({ facts }) => facts.severity !== 'fix-first')).toEqual([])
})

test('each has a place, a time, a button and a source', () => {
  for (const { code, facts } of all) {
    expect([code, facts.work.minutes > 0, facts.fix.label.length > 2]).toEqual([code, true, true])
    expect(facts.basis.length).toBeGreaterThan(0)
    for (const id of facts.basis) expect(basis).toHaveProperty([id])
  }
})

test('what is repaired at home takes minutes, what is bought or tested takes longer', () => {
  expect(findingFacts({ station: 'heat', code: 'no-co-alarm' })?.work).toEqual({ place: 'shop', minutes: 30 })
  expect(findingFacts({ station: 'leak-test', code: 'leak-test-missing' })?.work.place).toBe('line')
  expect(findingFacts({ station: 'run', code: 'regulator-too-small' })?.fix.station).toBe('run')
  expect(findingFacts({ station: 'hookup', code: 'regulator-too-small' })?.fix.station).toBe('hookup')
  expect(findingFacts({ station: 'heat', code: 'of another version' })).toBeUndefined()
})
