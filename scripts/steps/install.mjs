import { spawnSync } from 'node:child_process'
import { fingerprint, isStamped, putStamp } from './fingerprint.mjs'
import { run } from './run.mjs'

const STAMP = 'node_modules/.gold-kettle-installed'

/** Programs that compile better-sqlite3 where no prebuilt binary is available. */
const compilers = ['python3', 'make', 'g++']

/** Installs the packages when they are missing or older than the lockfile. */
export function install() {
  const stamp = `${fingerprint(['package-lock.json'])} ${process.versions.modules}`
  if (isStamped(STAMP, stamp)) return
  console.log('Installing packages; the database engine may be compiled, which takes about two minutes …')
  if (run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund']) !== 0) {
    const missing = compilers.filter((name) => spawnSync(name, ['--version']).error)
    console.error(
      missing.length > 0
        ? `The packages could not be installed. The database engine has to be compiled here, and ${missing.join(', ')} are missing: install them and try again.`
        : 'The packages could not be installed; the reason stands above.',
    )
    process.exit(1)
  }
  putStamp(STAMP, stamp)
}
