import { FileError } from '@/records/archive/import/FileError'
import { readArchive } from '@/records/archive/import/readArchive'

// Run by mutatedExports.test.ts: reads a file of 60 MB that was made to harm, and prints what it is refused for.
const SIZE = 60_000_000
const filled = (part: string): string => part.repeat(Math.floor(SIZE / part.length))
const around = (tables: string, files = ''): string =>
  `{"format":"gold-kettle","version":2,"part":"all","tables":{${tables}},"files":{${files}}}`

const texts: Readonly<Record<string, () => string>> = {
  commas: () => filled(','),
  objects: () => around(`"rigs":[${filled('{},')}{}]`),
  numbers: () => around(`"rigs":[${filled('1,')}1]`),
  brackets: () => filled('['),
  'wrong rows': () => around(`"rigs":[${`{"id":"${'x'.repeat(500)}"},`.repeat(100_000)}{}]`),
  pictures: () =>
    around('"rigs":[]', `${Array.from({ length: 60 }, (_, i) => `"${i}":"${'A'.repeat(1_000_000)}"`).join()}`),
}

try {
  readArchive(Buffer.from(texts[process.argv[2] ?? '']?.() ?? ''))
} catch (error) {
  if (!(error instanceof FileError)) throw error
  process.stdout.write(JSON.stringify(error.issues))
}
