import { newId } from '@/ui/state/newId'

test('names its purpose, is short and unique, and needs no secure context', () => {
  // Shadowed on the object itself and removed again, since other tests share it.
  Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
  const ids = Array.from({ length: 500 }, () => newId('joint'))
  Reflect.deleteProperty(crypto, 'randomUUID')
  expect(crypto.randomUUID()).toMatch(/-/)
  expect(ids[0]).toMatch(/^joint-[0-9a-f]{10}$/)
  expect(new Set(ids).size).toBe(500)
})

test('no page code relies on a secure context', async () => {
  const { readdirSync, readFileSync } = await import('node:fs')
  const below = (folder: string): string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
      entry.isDirectory() ? below(`${folder}/${entry.name}`) : [`${folder}/${entry.name}`],
    )
  const pages = ['src/app', 'src/ui']
    .flatMap(below)
    .filter((file) => /\.tsx?$/.test(file) && !file.endsWith('newId.ts'))
  expect(pages.filter((file) => readFileSync(file, 'utf8').includes('crypto.randomUUID'))).toEqual([])
})
