import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { crowdedFolders, lineCount, sourceFiles } from '../sourceFiles'
import { oldDeclarations } from './oldNames'
import { forbiddenPhrases, longSentences } from './phrases'

// Counts that may only fall. When one falls, write the new number into limits.json.

const limits = JSON.parse(fs.readFileSync(path.join('tests', 'ratchet', 'limits.json'), 'utf8')) as Record<
  string,
  number
>

/** Files whose names and sizes Next decides. */
const nextFile = /^(page|layout|route|error|not-found|template|icon|loading|global-error|instrumentation)\.tsx?$/

const shortFiles = sourceFiles('src').filter((file) => !nextFile.test(path.basename(file)) && lineCount(file) < 20)
const folders = ['src', 'tests', 'scripts'].flatMap((folder) => crowdedFolders(folder, 20))
const names = ['src', 'tests', 'scripts'].flatMap((folder) => sourceFiles(folder)).flatMap(oldDeclarations)
const shown = ['src/app', 'src/ui', 'src/core', 'src/actions', 'src/services', 'src/records'].flatMap((folder) =>
  sourceFiles(folder),
)

test.each([
  ['filesUnder20Lines', shortFiles],
  ['foldersOver20Files', folders],
  ['oldNames', names],
  ['forbiddenPhrases', shown.flatMap(forbiddenPhrases)],
  ['longSentences', shown.filter((file) => !file.startsWith(path.join('src', 'records'))).flatMap(longSentences)],
])('%s does not rise, and limits.json is up to date', (name, found) => {
  const limit = limits[name] ?? NaN
  // The list shows where to look when a count has risen.
  expect(found.length > limit ? found : []).toEqual([])
  expect(found).toHaveLength(limit)
})

test('the checks detect what they look for', () => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'ratchet-'))
  const file = path.join(folder, 'sample.ts')
  fs.writeFileSync(file, "export const vapourKg = 1\nfunction turnAbout() { return 'Nobody knows.' }\nturnAbout()\n")
  expect(oldDeclarations(file)).toHaveLength(2)
  expect(forbiddenPhrases(file)).toHaveLength(1)
  const twentyOne = Array.from({ length: 21 }, (_, i) => `word${i}`).join(' ')
  fs.writeFileSync(file, `export const said = 'One short sentence. ${twentyOne}. Another.'\n`)
  expect(longSentences(file)).toHaveLength(1)
  fs.rmSync(folder, { recursive: true })
})
