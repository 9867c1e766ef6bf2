const OLDEST = [20, 19]

/** Exits with a sentence when this Node is too old. */
export function requireNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major > OLDEST[0] || (major === OLDEST[0] && minor >= OLDEST[1])) return
  console.error(
    `Gold Kettle needs Node ${OLDEST.join('.')} or newer; this is ${process.versions.node}. Install a newer Node and try again.`,
  )
  process.exit(1)
}
