import type { DecantOutlook } from '@/core/fill/decanting/decantOutlook'
import { Amount } from '@/ui/figures/Amount'
import { BigFigure } from '@/ui/figures/FigureText'
import { FigureButton } from '@/ui/figures/FigureButton'
import { StateMark } from '@/ui/figures/StateMark'
import { fillLabels } from '@/ui/terms/fillLabels'

const share = (value: number) => <Amount quantity={{ value, role: 'share' }} />

/** The estimate in large, its band, and what would change it. */
export function DecantResult({ outlook }: { outlook: DecantOutlook }) {
  const { expected, vented, unchilledShare, ventedShare, row, figure, low, high } = outlook
  return (
    <>
      <div className="pressures">
        <div className="three">
          <div>
            <strong>It will hold</strong>
            <span className="large">
              <FigureButton figure={figure}>
                <BigFigure figure={figure} />
              </FigureButton>
            </span>
            <span className="hint">
              {share(expected.fractionOfLimit)} of its limit; the model strays from <FigureButton figure={low} /> to{' '}
              <FigureButton figure={high} />
            </span>
          </div>
          <div>
            <strong>Not chilled</strong>
            <span className="large">
              <FigureButton figure={unchilledShare} />
            </span>
            <span className="hint">bottle as warm as the supply</span>
          </div>
          <div>
            <strong>Vented first</strong>
            <span className="large">
              <FigureButton figure={ventedShare} />
            </span>
            <span className="hint">
              {vented.fractionOfLimit > 1
                ? 'over its limit: that is why not to'
                : 'it gains little and releases gas: do not'}
              ; venting has cost people valves too
            </span>
          </div>
        </div>
      </div>
      <p className="decant-caution">
        <StateMark state={expected.overfillPossible ? 'fix-first' : 'note'} size={22} />{' '}
        {outlook.isSupplyColder
          ? 'The supply is colder than the bottle: count on nothing. '
          : expected.overfillPossible
            ? 'It can be overfilled: left on, a bottle colder than its supply goes on filling past its limit. '
            : ''}
        An estimate of where the hiss stops, never a bound. Shut it when the hiss ends, and let the scale decide.
      </p>
      {row.length > 1 && (
        <div className="table-scroll" tabIndex={0} role="region" aria-label={fillLabels.bottlesInARow}>
          <table>
            <thead>
              <tr>
                <th scope="col">Bottle</th>
                <th scope="col" className="number">
                  About
                </th>
                <th scope="col" className="number">
                  Of its limit
                </th>
                <th scope="col" className="number">
                  Left in the supply
                </th>
                <th scope="col" className="number">
                  Supply at
                </th>
              </tr>
            </thead>
            <tbody>
              {row.map(({ netKg, fractionOfLimit, supplyLeftKg, supplyTemperatureK, ranOut }, i) => (
                <tr key={i}>
                  <td>
                    {i + 1}
                    {ranOut && ' · supply out of liquid'}
                  </td>
                  <td className="number">
                    <Amount quantity={{ value: netKg, role: 'bottleMass' }} />
                  </td>
                  <td className="number">{share(fractionOfLimit)}</td>
                  <td className="number">
                    <Amount quantity={{ value: supplyLeftKg, role: 'cylinderMass' }} />
                  </td>
                  <td className="number">
                    <Amount quantity={{ value: supplyTemperatureK, role: 'temperature' }} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  )
}
