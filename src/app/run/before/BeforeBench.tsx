'use client'

import { supplyLabels, type Supply } from '@/core/cylinders/cylinderKind'
import { fillBefore, type FillPlan } from '@/core/run/analysis/fillBefore'
import { Link } from '@/ui/shell/Link'
import Button from 'react-bootstrap/Button'
import { RunHeader } from '@/app/run/RunHeader'
import type { RunPageData } from '@/app/run/runPageData'
import { useRunEditor } from '@/app/run/useRunEditor'
import { tripSlip } from '@/core/run/analysis/tripSlip'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StateMark } from '@/ui/figures/StateMark'
import { runLabels } from '@/ui/terms/runLabels'

/** Where a fill is done. */
function fillPageOf(supply: Supply, stopKg: number | null, isByBleeder: boolean): string {
  if (supply === 'bottles') return '/fill/bottles'
  if (isByBleeder) return '/fill'
  return stopKg === null ? '/fill/onboard' : '/fill/by-weight'
}

function Plan({
  plan,
  suppose,
  supposed,
}: {
  plan: FillPlan
  suppose: (id: string) => void
  supposed: readonly string[]
}) {
  const role = plan.supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  return (
    <section className="fill-plan" aria-label={supplyLabels[plan.supply]}>
      <h2>{supplyLabels[plan.supply]}</h2>
      <p className="air-sentence">
        <StateMark state={plan.shortKg > 0 ? 'fix-first' : 'ready'} />
        <span>
          {plan.shortKg > 0 ? (
            <>
              <Amount quantity={{ value: plan.shortKg, role, rounded: 'up' }} /> is missing for the trip and its
              reserve.
            </>
          ) : (
            'Enough is aboard for the trip and its reserve.'
          )}
        </span>
      </p>
      <ul>
        {plan.errands.map(({ cylinderId, name, addKg, toKg, stopKg, isByBleeder, cost }) => (
          <li key={cylinderId}>
            <div>
              <strong>Fill {name}</strong>
              <span className="hint d-block">
                {addKg === null ? (
                  'not weighed yet: weigh it first, then fill it '
                ) : (
                  <>
                    by <Amount quantity={{ value: addKg, role }} />,{' '}
                  </>
                )}
                to <Amount quantity={{ value: toKg, role }} /> of gas
                {cost !== null && (
                  <>
                    , about <Amount quantity={{ value: cost, role: 'money' }} />
                  </>
                )}
              </span>
            </div>
            {isByBleeder && <span className="hint">no stop weight: nobody read its tare; by the bleeder only</span>}
            {stopKg !== null && (
              <span>
                <FigureButton
                  className="large"
                  figure={{
                    basis: 'fill-errand',
                    quantity: { value: stopKg, role },
                    inputs: [{ label: 'Gas in it then', quantity: { value: toKg, role } }],
                  }}
                />
                <span className="hint d-block">on the scale: stop there</span>
              </span>
            )}
            <span className="save-line mt-0">
              <Link
                className="btn btn-quiet btn-sm"
                href={`${fillPageOf(plan.supply, stopKg, isByBleeder)}?cylinder=${cylinderId}`}
              >
                {runLabels.fillIt}
              </Link>
              {!supposed.includes(cylinderId) && (
                <Button
                  variant="bare"
                  size="sm"
                  aria-label={`Suppose ${name} full`}
                  onClick={() => suppose(cylinderId)}
                >
                  Suppose it full
                </Button>
              )}
            </span>
          </li>
        ))}
        {plan.bottles > 0 && (
          <li>
            <div>
              <strong>
                Buy {plan.bottles} one-pound {plan.bottles === 1 ? 'bottle' : 'bottles'}
              </strong>
              <span className="hint d-block">
                new ones; one that is not made for it is never refilled
                {plan.bottlesCost !== null && (
                  <>
                    , about <Amount quantity={{ value: plan.bottlesCost, role: 'money' }} />
                  </>
                )}
              </span>
            </div>
          </li>
        )}
      </ul>
      {plan.stillShortKg > 0.01 && (
        <p className="issue">
          Filled to their limits they still lack <Amount quantity={{ value: plan.stillShortKg, role }} />: burn less,
          fill on the way, or take another cylinder.
        </p>
      )}
      {plan.cost !== null && plan.cost > 0 && (
        <p>
          Together about{' '}
          <b>
            <Amount quantity={{ value: plan.cost, role: 'money' }} />
          </b>{' '}
          at your best price.
        </p>
      )}
    </section>
  )
}

/** What to fill and buy before leaving, with the reserve that is wished for. */
export function BeforeBench({ data, trip }: { data: RunPageData; trip: NonNullable<RunPageData['trip']> }) {
  const editor = useRunEditor(data, trip)
  const { outlook, draft } = editor
  const wanted = outlook?.balances.filter(({ neededKg }) => neededKg > 0) ?? []
  return (
    <>
      <RunHeader editor={editor} data={data} />
      <div className="bench-and-slip">
        <div>
          {wanted.map((balance) => (
            <Plan
              key={balance.supply}
              plan={fillBefore(balance, data.fillable, data.prices)}
              supposed={draft.scenario.fills}
              suppose={(id) => editor.apply({ do: 'fill', cylinderId: id })}
            />
          ))}
          {wanted.length === 0 && <p>Nothing burns on this trip yet.</p>}
          {data.prices.perKg === null && (
            <p className="hint">
              No price is entered: <Link href="/fill/cost">What it costs</Link>.
            </p>
          )}
          <p className="hint">
            The reserve is changed with the trip itself: <Link href={`/trips/${trip.plan.id}`}>{trip.plan.name}</Link>.
          </p>
        </div>
        <div className="slip-side">
          {wanted.map((balance) => (
            <SlipPaper
              key={balance.supply}
              title={supplyLabels[balance.supply]}
              sub="by habit and weather; as it is aboard now"
              slip={outlook ? tripSlip(balance, outlook.trip.nights, outlook.trip.reserveShare) : null}
            />
          ))}
        </div>
      </div>
    </>
  )
}
