'use client'

import { useMemo, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { InputError } from '@/core/base/InputError'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import { type ApplianceFlow, pressureDisplayRole } from '@/core/hookup/flow/applianceFlow'
import { applianceInputW, lineGraph } from '@/core/hookup/line/lineGraph'
import type { Line } from '@/core/hookup/line/line'
import { pressureSlip } from '@/core/hookup/flow/pressureSlip'
import { starvationRemedies } from '@/core/hookup/flow/starvationRemedies'
import type { HookupPageData } from '@/app/hookup/hookupPageData'
import { partPressure } from '@/app/hookup/parts/partPressure'
import { LineDiagram } from '@/app/hookup/diagram/LineDiagram'
import { useCheck, useLine } from '@/app/hookup/useLine'
import { Amount } from '@/ui/figures/Amount'
import { FindingList } from '@/ui/figures/FindingList'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StateMark } from '@/ui/figures/StateMark'
import { Term } from '@/ui/figures/Term'
import { useSessionState } from '@/ui/state/useSessionState'
import { Remedies } from './Remedies'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

function stateOf({ live, burning, starves }: ApplianceFlow): {
  mark: 'stop' | 'fix-first' | 'ready' | 'none'
  words: string
} {
  if (!live) return { mark: 'fix-first', words: 'no gas comes' }
  if (!burning) return { mark: 'none', words: 'off' }
  return starves ? { mark: 'fix-first', words: 'starves' } : { mark: 'ready', words: 'has enough' }
}

function PressureAt({ check, id, when }: { check: LineCheck; id: string; when: 'burning' | 'locked up' }) {
  const quantity = partPressure(check, id, when)
  return quantity ? <Amount quantity={quantity} /> : '–'
}

/** What burns together, what each appliance then gets, and what fixes a line that starves. */
export function FlowBench({ data, begin }: { data: HookupPageData; begin: { name: string; line: Line } }) {
  const editor = useLine(data, begin)
  const [off, setOff] = useSessionState<readonly string[]>(`flow off ${editor.id}`, [])
  const [temperature, setTemperature] = useSessionState(`flow temperature ${editor.id}`, nothingTyped)
  const [asked, setAsked] = useState<string | null>(data.about)
  const read = readQuantity(temperature, 'temperature')
  const tooWild = read.value !== null && (read.value < 200 || read.value > 330)
  const temperatureK = tooWild ? null : read.value
  const demandsW = useMemo(
    () =>
      Object.fromEntries(
        lineGraph(editor.line)
          .parts.filter(({ type, part }) => type.appliance && !off.includes(part.id))
          .map((part) => [part.part.id, applianceInputW(part)]),
      ),
    [editor.line, off],
  )
  const check = useCheck(editor, data, { demandsW, ...(temperatureK !== null && { temperatureK }) })
  const shown = check.appliances.find(({ part }) => part.part.id === asked) ?? check.appliances[0]
  const ports = check.graph.sortFindings.filter(({ type }) => type.role === 'test-port')
  const findings = check.findings.filter(({ remedy }) => remedy.page === 'flow')
  const remedies = useMemo(() => {
    try {
      return starvationRemedies(editor.line, check.graph, {
        temperatureK: temperatureK ?? data.temperatureK,
        atmospherePa: data.atmospherePa,
        demandsW,
      })
    } catch (error) {
      if (error instanceof InputError) return []
      throw error
    }
  }, [editor.line, check.graph, temperatureK, data, demandsW])

  if (check.flow === null) {
    return (
      <p className="issue">
        The line comes round to itself somewhere: open the ring in the drawing, then its pressures can be told.
      </p>
    )
  }
  if (check.appliances.length === 0)
    return <p className="lead">Nothing on this line burns gas, so nothing flows steadily.</p>
  return (
    <div className="line-bench">
      <LineDiagram check={check} chosen={shown?.part.part.id ?? null} choose={setAsked} />
      {editor.dirty && <p className="hint">The line as you are drawing it, not saved yet.</p>}
      <div className="bench-and-slip">
        <div>
          <section aria-label={sharedLabels.whatBurns}>
            <h2>What burns together</h2>
            <div className="table-scroll history flow-table mt-0">
              <table>
                <thead>
                  <tr>
                    <th scope="col">Appliance</th>
                    <th scope="col" className="number">
                      Takes
                    </th>
                    <th scope="col" className="number">
                      <Term id="lock-up">Locked up</Term>
                    </th>
                    <th scope="col" className="number">
                      {sharedLabels.burning}
                    </th>
                    <th scope="col">So it</th>
                  </tr>
                </thead>
                <tbody>
                  {check.appliances.map((one) => {
                    const { id } = one.part.part
                    const state = stateOf(one)
                    return (
                      <tr key={id}>
                        <td>
                          <Form.Check
                            id={`burns-${id}`}
                            label={one.part.name}
                            checked={!off.includes(id)}
                            onChange={() =>
                              setOff(off.includes(id) ? off.filter((other) => other !== id) : [...off, id])
                            }
                          />
                        </td>
                        <td className="number">
                          <Amount quantity={{ value: applianceInputW(one.part), role: 'power' }} />
                        </td>
                        <td className="number">
                          {one.live ? (
                            <Amount
                              quantity={{ value: one.staticGaugePa, role: pressureDisplayRole(one.requiredGaugePa) }}
                            />
                          ) : (
                            '–'
                          )}
                        </td>
                        <td className="number">
                          <button type="button" className="figure" onClick={() => setAsked(id)}>
                            {one.live ? (
                              <Amount
                                quantity={{ value: one.flowingGaugePa, role: pressureDisplayRole(one.requiredGaugePa) }}
                              />
                            ) : (
                              '–'
                            )}
                          </button>
                        </td>
                        <td>
                          <span className="joint-mark">
                            <StateMark state={state.mark} size={22} /> {state.words}
                          </span>
                        </td>
                      </tr>
                    )
                  })}
                  {ports.map(({ part, name }) => (
                    <tr key={part.id}>
                      <td>{name}</td>
                      <td />
                      <td className="number">
                        <PressureAt check={check} id={part.id} when="locked up" />
                      </td>
                      <td className="number">
                        <PressureAt check={check} id={part.id} when="burning" />
                      </td>
                      <td>measured here</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          </section>
          <div className="fields narrow mt-3">
            <QuantityField
              label={hookupLabels.cylindersAreAt}
              role="temperature"
              typed={temperature}
              issue={tooWild ? 'Propane is judged from −99 to 134 °F (−73 to 57 °C) here.' : null}
              hint={
                <>
                  <Amount quantity={{ value: data.temperatureK, role: 'temperature' }} /> unless you say; air as at{' '}
                  <Amount quantity={{ value: data.altitudeM, role: 'altitude' }} />
                </>
              }
              onTyped={setTemperature}
            />
          </div>
          <Remedies remedies={remedies} starving={check.appliances.filter(({ starves }) => starves)} />
          {findings.length > 0 && (
            <section aria-label={sharedLabels.findings} className="mt-3">
              <FindingList findings={findings} />
            </section>
          )}
        </div>
        <div className="slip-side">
          <SlipPaper
            title={shown ? shown.part.name : 'Pressure'}
            sub="what is left of the pressure on the way"
            slip={shown ? pressureSlip(check, shown.part.part.id) : null}
          >
            {shown && !shown.live && (
              <p className="mb-0">No gas comes to it: a valve is shut, or the lever is at the empty side.</p>
            )}
          </SlipPaper>
        </div>
      </div>
    </div>
  )
}
