'use client'

import { useMemo, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { voidEventAction } from '@/actions/log'
import { recordHoldAction } from '@/actions/leakTest'
import type { LineBranch } from '@/core/hookup/line/lineBranches'
import type { LineSide } from '@/core/hookup/line/lineVolume'
import type { BranchHold } from '@/core/leak-test/hold/isolateLeakingBranch'
import { holdOutcome, leastHoldS } from '@/core/leak-test/hold/holdOutcome'
import { holdSlip } from '@/core/leak-test/hold/holdSlip'
import { holdSteps } from '@/core/leak-test/hold/holdSteps'
import { useTicks, type LoggedTick } from '@/app/shared/useTicks'
import { Amount } from '@/ui/figures/Amount'
import { useTubeReading } from '@/ui/instruments/ManometerProvider'
import { HoldTimer } from '@/ui/instruments/HoldTimer'
import { SaveBar } from '@/ui/fields/SaveBar'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StepRail } from '@/ui/shell/StepRail'
import { Term } from '@/ui/figures/Term'
import { useNotice } from '@/ui/state/UndoProvider'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useSessionState } from '@/ui/state/useSessionState'
import { BranchSearch } from './BranchSearch'
import { HoldFields } from './HoldFields'
import { HoldVerdict } from './HoldVerdict'
import { emptyHold, isByGauge, readHold } from './readHold'
import { UTube } from './UTube'
import { typedOf } from '@/ui/fields/typedQuantity'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

export interface HoldGear {
  rigId: string
  lineId: string
  name: string
  gas: 'propane' | 'co2'
  volumeM3: Readonly<Record<LineSide, number>>
  branches: readonly LineBranch[]
  /** Holds with branches isolated, since the last repair. */
  branchHolds: readonly BranchHold[]
  aboardKg: number | null
  pricePerKg: number | null
  atmospherePa: number
  ticks: Readonly<Record<LineSide, readonly LoggedTick[]>>
}

const timerLabels = {
  column: {
    start: leakTestLabels.startTheThreeMinutes,
    due: 'Read the columns now',
    stop: leakTestLabels.stopItHere,
  },
  fine: { start: leakTestLabels.startTheThreeMinutes, due: 'Read the gauge now', stop: leakTestLabels.stopItHere },
  dial: {
    start: leakTestLabels.startTheQuarterOfAnHour,
    due: 'Read the gauge now',
    stop: leakTestLabels.stopItHere,
  },
} as const

function HoldRail({ side, gear }: { side: LineSide; gear: HoldGear }) {
  const { ticks, tick, untick } = useTicks(
    { rigId: gear.rigId, procedure: `hold ${side}`, subjectId: gear.lineId },
    gear.ticks[side],
  )
  return (
    <StepRail
      label="Procedure"
      steps={holdSteps(isByGauge(side, gear.gas) ? 'cylinder' : 'low')}
      ticks={ticks}
      tick={tick}
      untick={untick}
    />
  )
}

/** The hold test: the tube drawn, the timer, the fall turned into what it means. */
export function HoldBench({ gear }: { gear: HoldGear }) {
  const { system } = useUnits()
  const say = useNotice()
  const { lineId } = gear
  const [side, setSide] = useSessionState<LineSide>(`hold side ${lineId}`, 'low')
  const form = useSavedForm({ slot: `hold ${lineId} ${side}`, initial: emptyHold, send: recordHoldAction })
  const { values: texts, set: change, saving, issueAt } = form
  const [open, setOpen] = useState<readonly string[] | null>(null)
  const [follows, setFollows] = useState(false)
  const live = useTubeReading(follows)
  const read = useMemo(
    () => readHold(texts, side, gear.volumeM3[side], { atmospherePa: gear.atmospherePa, gas: gear.gas }),
    [texts, side, gear],
  )
  const tube = live ?? read.tube
  const gaugePa = live?.quantity.value ?? read.input?.endGaugePa ?? 0
  const volumeHint = (
    <>
      <Amount quantity={{ value: gear.volumeM3[side], role: 'lineVolume' }} /> by the drawing
    </>
  )

  return (
    <form
      className="bench-and-slip"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (!read.input) return
        const saved = await form.save({ lineId, side, input: read.input, openBranches: open })
        if (!saved) return
        const { id } = saved.value
        change({
          ...emptyHold,
          way: texts.way,
          ...(texts.gauge && { gauge: texts.gauge }),
          volume: texts.volume,
          space: texts.space,
        })
        say({
          done: 'Hold test saved',
          undo: async () =>
            (await voidEventAction({ of: 'hold-test', id, reason: 'Undone right after it was saved' })).ok,
        })
      }}
    >
      <div>
        <div className="hold-bench">
          {!isByGauge(side, gear.gas) && texts.way !== 'gauge' && (
            <div>
              <UTube openM={tube?.openM ?? 0} gasM={tube?.gasM ?? 0} gaugePa={gaugePa} live={live !== null} />
              <Form.Check
                id="follow-manometer"
                className="mt-2"
                label={leakTestLabels.followTheManometerLive}
                checked={follows}
                onChange={() => setFollows(!follows)}
              />
            </div>
          )}
          <div>
            <HoldFields
              side={side}
              gas={gear.gas}
              setSide={setSide}
              texts={texts}
              change={change}
              issueAt={read.issueAt}
              volumeHint={volumeHint}
              atmospherePa={gear.atmospherePa}
            >
              <HoldTimer
                slot={`${lineId} ${side}`}
                holdS={leastHoldS(side, texts.gauge === 'fine')}
                words={timerLabels[side === 'low' ? 'column' : (texts.gauge ?? 'dial')]}
                done={(elapsedS) => change({ minutes: typedOf(elapsedS, 'minutes', system) })}
              />
            </HoldFields>
            {read.input && read.rate && <HoldVerdict outcome={holdOutcome(side, read.input)} />}
            <SaveBar label={leakTestLabels.saveTheHoldTest} saving={saving} dirty={read.input !== null} />
            {issueAt('input') && <p className="issue">{issueAt('input')}</p>}
          </div>
        </div>
        {side === 'low' && gear.branches.length > 1 && (
          <BranchSearch branches={gear.branches} holds={gear.branchHolds} open={open} setOpen={setOpen} />
        )}
        <HoldRail key={side} side={side} gear={gear} />
      </div>
      <div className="slip-side">
        <SlipPaper
          title={gear.name}
          sub="what the fall means"
          slip={read.input && read.rate ? holdSlip(read.input, read.rate, gear) : null}
        >
          {!read.rate && (
            <p className="hint mb-0">
              Two readings of the <Term id="manometer">manometer</Term> and the time between them: then the sum stands
              here.
            </p>
          )}
          {read.rate && read.rate.kgToLfl !== null && (
            <p className="caution-note mb-0">
              How little gas makes the space burn is a measure of danger, never the time one has: gas pools on the
              floor.
            </p>
          )}
        </SlipPaper>
      </div>
    </form>
  )
}
