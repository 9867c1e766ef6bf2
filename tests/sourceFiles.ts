import fs from 'node:fs'
import path from 'node:path'

/** All TypeScript files below a folder, or those of another pattern, as paths relative to the project. */
export function sourceFiles(folder: string, pattern = /\.tsx?$/): string[] {
  return fs.readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const place = path.join(folder, entry.name)
    if (entry.isDirectory()) return sourceFiles(place, pattern)
    return pattern.test(entry.name) ? [place] : []
  })
}

export const lineCount = (file: string): number => fs.readFileSync(file, 'utf8').trimEnd().split('\n').length

/** Folders with more than a number of files of their own. */
export function crowdedFolders(folder: string, most: number): string[] {
  const entries = fs.readdirSync(folder, { withFileTypes: true })
  const own = entries.filter((entry) => entry.isFile()).length
  const below = entries
    .filter((entry) => entry.isDirectory())
    .flatMap(({ name }) => crowdedFolders(path.join(folder, name), most))
  return own > most ? [`${folder}: ${own} files`, ...below] : below
}
