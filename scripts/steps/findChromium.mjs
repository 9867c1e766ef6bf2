import fs from 'node:fs'
import { run } from './run.mjs'

const usual = ['/usr/bin/chromium', '/usr/bin/chromium-browser']

function existing() {
  return [process.env.CHROMIUM_PATH, ...usual].find((place) => place && fs.existsSync(place))
}

/** Path of a Chromium for the tests: an installed one, else Debian's package; exits with a sentence when neither is available. */
export function findChromium() {
  const found = existing()
  if (found) return found
  const isRoot = process.getuid?.() === 0
  if (isRoot && fs.existsSync('/usr/bin/apt-get')) {
    console.log('Installing Chromium …')
    const quiet = { DEBIAN_FRONTEND: 'noninteractive' }
    run('apt-get', ['update', '-qq'], quiet)
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], quiet)
  }
  const installed = existing()
  if (installed) return installed
  console.error('The browser tests need Chromium: install it, or set CHROMIUM_PATH to where it is.')
  process.exit(1)
}
