'use client'

import { CartesianGrid, ComposedChart, Line, ResponsiveContainer, Scatter, XAxis, YAxis } from 'recharts'
import type { FittedNumber } from '@/core/heat/warmth/warmUpFit'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { axisTicks, displayedIn } from '@/ui/figures/axis'
import { useUnits } from '@/ui/state/UnitsProvider'
import { readQuantity } from '@/ui/fields/typedQuantity'
import type { LogSetting, LogTexts, ReadLog } from './readLog'
import { heatLabels } from '@/ui/terms/heatLabels'

const INK = '#17302b'
const BRASS = '#7a4e08'

function Range({ number, role }: { number: FittedNumber; role: 'heatLoss' | 'heatCapacity' }) {
  return (
    <span className="hint">
      between <Amount quantity={{ value: number.low, role }} /> and <Amount quantity={{ value: number.high, role }} />,
      nineteen times of twenty
    </span>
  )
}

/** Fitted curve through the readings, and the two parameters with their ranges. */
export function FitResult({ read, setting, texts }: { read: ReadLog; setting: LogSetting; texts: LogTexts }) {
  const { system } = useUnits()
  const [first, second] = read.fits
  if (!first) return null
  const degrees = (kelvin: number): number => displayedIn({ value: kelvin, role: 'temperature' }, system)
  const minutes = (seconds: number): number => displayedIn({ value: seconds, role: 'minutes' }, system)
  const line = first.fit.curve.map(({ timeS, temperatureK }) => ({ t: minutes(timeS), fit: degrees(temperatureK) }))
  const points = texts.rows.flatMap((row) => {
    const timeS = readQuantity(row.minutes, 'minutes').value
    const kelvin = readQuantity(row.temperature, 'temperature').value
    return timeS === null || kelvin === null ? [] : [{ t: minutes(timeS), read: degrees(kelvin) }]
  })
  const temperatures = [...line.map(({ fit }) => fit), ...points.map((point) => point.read)]
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)]
  const end = Math.max(...line.map(({ t }) => t))
  return (
    <section aria-label={heatLabels.whatTheLogSays} className="fit-result">
      <h2>What it says</h2>
      <ul className="air-figures">
        {read.fits.map(({ setting: one, fit }) => (
          <li key={one}>
            <span>{setting === 'not-known' ? `loses, were it on ${one}` : 'the room loses'}</span>
            <FigureButton
              className="large"
              figure={{
                basis: 'room-loss',
                quantity: { value: fit.lossWPerK, role: 'heatLoss' },
                inputs: [
                  { label: 'Capacity', quantity: { value: fit.capacityJPerK, role: 'heatCapacity' } },
                  { label: 'Off by, on the whole', quantity: { value: fit.rmsK, role: 'temperatureStep' } },
                ],
              }}
            />
            <Range number={fit.lossRange} role="heatLoss" />
          </li>
        ))}
        <li>
          <span>it holds</span>
          <FigureButton
            className="large"
            figure={{
              basis: 'room-loss',
              quantity: { value: first.fit.capacityJPerK, role: 'heatCapacity' },
              inputs: [],
            }}
          />
          <Range number={first.fit.capacityRange} role="heatCapacity" />
        </li>
        <li>
          <span>line and readings differ by</span>
          <FigureButton
            className="large"
            figure={{ basis: 'room-loss', quantity: { value: first.fit.rmsK, role: 'temperatureStep' }, inputs: [] }}
          />
          <span className="hint">root mean square</span>
        </li>
      </ul>
      {second && (
        <p className="issue">
          All of it hangs on the setting: the same warm-up means a loss of{' '}
          <Amount quantity={{ value: first.fit.lossWPerK, role: 'heatLoss' }} /> on {first.setting} and{' '}
          <Amount quantity={{ value: second.fit.lossWPerK, role: 'heatLoss' }} /> on {second.setting}. What follows
          takes the greater. Write the setting down next time.
        </p>
      )}
      <figure aria-label="Readings and the fitted line; the numbers are in the rows above">
        <ResponsiveContainer width="100%" height={220}>
          <ComposedChart margin={{ top: 10, right: 12, bottom: 4, left: 0 }}>
            <CartesianGrid stroke="#dccfae" strokeDasharray="2 4" />
            <XAxis dataKey="t" type="number" domain={[0, end]} ticks={axisTicks(0, end)} stroke={INK} unit=" min" />
            <YAxis domain={[low, high]} ticks={axisTicks(low, high, 4)} stroke={INK} width={56} />
            <Line data={line} dataKey="fit" stroke={INK} strokeWidth={3} dot={false} isAnimationActive={false} />
            <Scatter data={points} dataKey="read" fill={BRASS} isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </figure>
    </section>
  )
}
