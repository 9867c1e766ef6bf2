import fs from 'node:fs'
import { findingCodes } from '@/core/findings/findingCodes'

const text = fs.readFileSync('docs/hazards.md', 'utf8')
const named = [...text.matchAll(/`([^`]+)`/g)].map(([, name = '']) => name)
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
