import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { root } from './run.mjs'

function* filesBelow(place) {
  if (!fs.existsSync(place)) return
  if (fs.statSync(place).isFile()) {
    yield place
    return
  }
  for (const name of fs.readdirSync(place).sort()) yield* filesBelow(path.join(place, name))
}

/** A hash that changes whenever a file at these paths does. */
export function fingerprint(places) {
  const hash = createHash('sha256')
  for (const file of places.flatMap((place) => [...filesBelow(path.join(root, place))])) {
    hash.update(path.relative(root, file)).update('\0').update(fs.readFileSync(file)).update('\0')
  }
  return hash.digest('hex')
}

/** Whether a file holds this stamp. */
export function isStamped(file, stamp) {
  const place = path.join(root, file)
  return fs.existsSync(place) && fs.readFileSync(place, 'utf8') === stamp
}

export function putStamp(file, stamp) {
  fs.writeFileSync(path.join(root, file), stamp)
}
