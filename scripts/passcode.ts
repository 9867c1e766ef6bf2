import readline from 'node:readline/promises'
import { setPasscode } from '@/services/access/passcode'
import { sayOrThrow } from './sayOrThrow'

// `npm run passcode`: sets the passcode for use from the network, and signs out every browser. From a pipe too.
try {
  const terminal = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false })
  if (process.stdin.isTTY) process.stdout.write('New passcode, 8 characters or more: ')
  const { value } = await terminal[Symbol.asyncIterator]().next()
  terminal.close()
  await setPasscode(typeof value === 'string' ? value : '')
  console.log('The passcode is set. Every browser is signed out.')
} catch (error) {
  sayOrThrow(error)
}
