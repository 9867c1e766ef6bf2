import { openDatabase } from '@/records/openDatabase'
import { writeFiveYears } from '../demo/fiveYears'
import { temporaryServer } from '../server'

const EVENTS = 20_000
const RUNS = 60
const pages = ['/', '/log', '/log?kind=gas&search=left', '/log?page=200', '/log/gas', '/cylinders/left']

function quantile(sorted: readonly number[], share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN
}

/** Times pages for five years of records, as a browser receives them. */
export async function benchLog(): Promise<void> {
  const server = await temporaryServer('demo')
  try {
    const records = openDatabase(server.file)
    writeFiveYears(records, 'marigold', new Date(), EVENTS)
    records.$client.close()
    console.log(`\nPages over ${EVENTS} events, ${RUNS} times each, ms: median, p95`)
    for (const page of pages) {
      await fetch(server.url + page).then((response) => response.text())
      const times: number[] = []
      for (let i = 0; i < RUNS; i += 1) {
        const from = performance.now()
        await fetch(server.url + page).then((response) => response.text())
        times.push(performance.now() - from)
      }
      times.sort((a, b) => a - b)
      console.log(
        `${page.padEnd(28)} ${quantile(times, 0.5).toFixed(1).padStart(8)} ${quantile(times, 0.95).toFixed(1).padStart(8)}`,
      )
    }
  } finally {
    await server.stop()
  }
}
