import { newId } from '@/ui/state/newId'

test('names what it is for, is short, and comes out new each time, without what an unencrypted page lacks', () => {
  // Shadowed on the object itself and taken off again: other tests share it.
  Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
  const ids = Array.from({ length: 500 }, () => newId('joint'))
  Reflect.deleteProperty(crypto, 'randomUUID')
  expect(crypto.randomUUID()).toMatch(/-/)
  expect(ids[0]).toMatch(/^joint-[0-9a-f]{10}$/)
  expect(new Set(ids).size).toBe(500)
})

test('no page code relies on what an unencrypted page lacks', async () => {
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
