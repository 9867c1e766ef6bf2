import { type GraphPart } from '@/core/hookup/line/lineGraph'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { InputError } from '@/core/base/InputError'
import type { Phrase } from '@/core/base/quantity'
import { behaviorOf } from '@/core/practice/rig/applianceBehavior'
import { limitOf } from '@/core/practice/rig/practiceRig'
import { hasMark, type RigState, withoutMark, withPart, withSource, stateGraph } from '@/core/practice/rig/rigState'
import { attemptLabels, type AttemptOutcome, tryAppliance } from '@/core/practice/readings/attempt'
import { lineReading } from '@/core/practice/readings/lineReading'
import { liftedAs, shareOfLimit } from '@/core/practice/readings/signs'
import { faultContext, faultKinds } from '@/core/practice/faults/faults'
import { advance } from './advance'
import type { Bench, BenchEntry } from './bench'
import { type BenchAction, deedSeconds } from './benchAction'
import { dangerOf, harmOf } from './dangers'
import {
  alarmsOf,
  seenAlongLine,
  seenAtBattery,
  seenAtCylinders,
  seenAtJoints,
  seenBySoap,
  seenOutside,
  smellInside,
  smellOutside,
} from './senses'

/** Words that may hold an owner's own names. */
const words = (text: string): Phrase => ({ text: '{words}', parts: { words: text } })

/** What an action changes at once, before its time passes, and what is seen. */
interface Effect {
  bench: Bench
  did: string
  saw: string | Phrase
  /** Time it takes; what is usual for the deed when absent. */
  seconds?: number
}

const LOW_SHARE = 0.3
/** Time that a knob is held until its sensor is warm, and for which a shut valve resets its flow limiter. */
const HOLD_S = 60
const RESET_S = 120
/** Longest sleep, and wait after a flame went out before it is lit again. */
const NIGHT_S = 8 * 3600
const RELIGHT_S = 300
/** Density of propane gas at the pressure of the air, kg/m³, about. */
const GAS_KG_M3 = 1.9

function partOf(bench: Bench, id: string): GraphPart {
  const part = stateGraph(bench.rig).byId.get(id)
  if (!part) throw new InputError('actions', `This rig has no part “${id}”.`)
  return part
}

const setting = (rig: RigState, id: string, to: 'open' | 'shut'): RigState => withPart(rig, id, { setting: to })

/** A cylinder opened fast into an empty line trips its flow limiter; shut for two minutes it is reset. */
function turnValve(bench: Bench, { partId, to, slowly }: Extract<BenchAction, { do: 'valve' }>): Effect {
  const part = partOf(bench, partId)
  const isSource = bench.rig.sources[partId] !== undefined
  const did = `${to === 'open' ? (slowly ? 'Opened slowly' : 'Opened fast') : 'Shut'}: ${part.name}`
  if (to === 'shut') {
    return {
      bench: {
        ...bench,
        rig: setting(bench.rig, partId, 'shut'),
        shutAtS: { ...bench.shutAtS, [partId]: bench.timeS },
      },
      did,
      saw: '',
    }
  }
  const wasShut = part.part.setting === 'shut'
  const opened = setting(bench.rig, partId, 'open')
  if (!isSource) return { bench: { ...bench, rig: opened }, did, saw: wasShut ? 'It was shut.' : 'It was open.' }
  const restS = bench.timeS - (bench.shutAtS[partId] ?? -Infinity)
  if (wasShut && !slowly) {
    const context = faultContext(bench.rig.rig)
    const [place] = faultKinds.limiter.places(context)
    const tripped = place ? faultKinds.limiter.apply(opened, place, context) : opened
    return { bench: { ...bench, rig: tripped }, did, saw: 'A click at the hand-wheel.' }
  }
  const rig = wasShut && restS >= RESET_S ? withPart(opened, partId, { boreM: undefined, lengthM: undefined }) : opened
  return { bench: { ...bench, rig }, did, saw: wasShut ? 'It was shut. A short hiss.' : 'It was open.' }
}

const capitalized = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

const burning: readonly AttemptOutcome[] = ['good', 'weak', 'yellow', 'tall', 'popping', 'surging', 'drops-later']

function turnKnob(bench: Bench, { partId, to, holdS }: Extract<BenchAction, { do: 'knob' }>): Effect {
  const part = partOf(bench, partId)
  const lit = bench.lit.filter((id) => id !== partId)
  if (to === 'off') {
    const rig = withoutMark(bench.rig, partId, 'unlit-open')
    const outAtS = bench.lit.includes(partId) ? { ...bench.outAtS, [partId]: bench.timeS } : bench.outAtS
    const off = { ...bench, rig, lit, outAtS, open: { ...bench.open, [partId]: 0 } }
    return { bench: off, did: `Turned off: ${part.name}`, saw: '', seconds: 5 }
  }
  const share = to === 'low' ? LOW_SHARE : 1
  const { hasPilotSensor, lights, waitS } = behaviorOf(bench.rig.rig, part)
  const isTooSoon = bench.timeS - (bench.outAtS[partId] ?? -Infinity) < RELIGHT_S && hasPilotSensor
  const mistakes = isTooSoon ? [...bench.mistakes, `${part.name} was lit again within 5 minutes.`] : bench.mistakes
  const held = holdS >= HOLD_S ? withoutMark(bench.rig, partId, 'held-short') : bench.rig
  const waited = holdS >= waitS ? withoutMark(held, partId, 'cold-start') : held
  const flowKgS = (lineReading(waited, { [partId]: share }).burnedW.get(partId) ?? 0) / heatingValueJPerKg()
  const rig = { ...waited, airInLineM3: Math.max(0, waited.airInLineM3 - (flowKgS * holdS) / GAS_KG_M3) }
  const outcome = tryAppliance(rig, { ...part, part: { ...part.part } })
  const isLit = burning.includes(outcome)
  // Its own valve shuts what an automatic burner or a sensor does not see burn.
  const staysOpen = isLit || (!hasPilotSensor && lights !== 'automatic')
  const next = {
    ...bench,
    rig: isLit ? withoutMark(rig, partId, 'unlit-open') : rig,
    mistakes,
    lit: isLit ? [...lit, partId] : lit,
    open: { ...bench.open, [partId]: staysOpen ? share : 0 },
  }
  return {
    bench: next,
    did: `Started: ${part.name}`,
    saw: capitalized(`${attemptLabels[outcome]}.`),
    seconds: Math.max(10, holdS),
  }
}

function swapCylinder(bench: Bench, partId: string): Effect {
  const part = partOf(bench, partId)
  const full = withSource(setting(bench.rig, partId, 'shut'), partId, {
    massKg: limitOf(bench.rig.rig, partId),
    liquidK: bench.rig.rig.outsideK,
    holdsAir: false,
    isTipped: false,
  })
  const plain = withPart(full, partId, { boreM: undefined, lengthM: undefined })
  return {
    bench: { ...bench, rig: plain, shutAtS: { ...bench.shutAtS, [partId]: bench.timeS } },
    did: `Swapped: ${part.name}`,
    saw: 'A full cylinder is on. Its valve is shut.',
  }
}

function tighten(bench: Bench, at: string): Effect {
  const rig = bench.rig
  const leak = rig.leaks.find((one) => one.at === at)
  const isCured = leak?.place === 'joint' && !hasMark(rig, at, 'taped') && !hasMark(rig, at, 'lookalike')
  const wheel = stateGraph(rig).joints.find(({ joint }) => joint.id === at)?.to.part.id ?? ''
  const seated = hasMark(rig, wheel, 'unseated') ? setting(withoutMark(rig, wheel, 'unseated'), wheel, 'open') : rig
  const leaks = isCured ? rig.leaks.filter((one) => one !== leak) : rig.leaks
  const turned = isCured || seated !== rig
  return {
    bench: { ...bench, rig: { ...seated, leaks } },
    did: 'Tightened a joint by hand',
    saw: turned ? 'It turned a little further.' : 'It does not turn.',
  }
}

function look(bench: Bench, at: Extract<BenchAction, { do: 'look' }>['at']): string {
  switch (at) {
    case 'cylinders':
      return seenAtCylinders(bench)
    case 'hoses':
      return seenAlongLine(bench)
    case 'outside':
      return seenOutside(bench)
    case 'joints':
      return seenAtJoints(bench)
    case 'battery':
      return seenAtBattery(bench)
    case 'alarms': {
      const { alarmChirps } = bench.rig
      if (alarmChirps === null) return 'All alarms are in date and their lights are green.'
      return alarmChirps === 'battery' ? 'It chirps once a minute. It is in date.' : 'It chirps. Its date is past.'
    }
  }
}

function measure(bench: Bench): Phrase {
  const open = Object.fromEntries(bench.lit.map((id) => [id, bench.open[id] ?? 0]))
  const reading = lineReading(bench.rig, open)
  const at = reading.graph.sortFindings.find(
    ({ type }) => type.role === 'test-port' || type.regulator?.outlet === 'low',
  )
  const flow = at ? reading.parts.get(at.part.id) : undefined
  if (!flow?.live) return words('It reads 0.')
  const value = bench.lit.length > 0 ? flow.outletGaugePa : flow.staticGaugePa
  return { text: 'It reads {pressure}.', parts: { pressure: { value, role: 'linePressure' } } }
}

function lift({ rig }: Bench, partId: string): string {
  const felt = liftedAs(rig, partId)
  if (felt === 'light') return 'It is light: next to nothing in it.'
  if (felt === 'over') return 'The scale shows more than its limit.'
  return `About ${Math.round(shareOfLimit(rig, partId) * 10) * 10} % of its limit.`
}

function effectOf(bench: Bench, action: BenchAction): Effect {
  const only = (did: string, saw: string | Phrase = '', change: Partial<Bench> = {}): Effect => ({
    bench: { ...bench, ...change },
    did,
    saw,
  })
  switch (action.do) {
    case 'valve':
      return turnValve(bench, action)
    case 'lever':
      return only(`Lever to ${action.to}`, '', { rig: withPart(bench.rig, action.partId, { lever: action.to }) })
    case 'knob':
      return turnKnob(bench, action)
    case 'gas-mode':
      return only(`Switch of ${partOf(bench, action.partId).name} to gas`, '', {
        rig: withoutMark(bench.rig, action.partId, 'electric-mode'),
      })
    case 'prime': {
      const part = partOf(bench, action.partId)
      return only(`Pressed the gauge of ${part.name}`, 'Its gauge rises and stays.', {
        rig: setting(bench.rig, action.partId, 'open'),
      })
    }
    case 'look':
      return only(`Looked: ${action.at}`, look(bench, action.at))
    case 'sniff': {
      const smell = action.where === 'inside' ? smellInside(bench) : smellOutside(bench)
      return only(`Smelled ${action.where}`, smell === 'none' ? 'No smell of gas.' : `A ${smell} smell of gas.`)
    }
    case 'soap':
      return only('Soaped the joints', seenBySoap(bench))
    case 'test-port':
      return only('Measured the line pressure', measure(bench))
    case 'lift':
      return only(`Lifted ${partOf(bench, action.partId).name}`, lift(bench, action.partId))
    case 'tighten':
      return tighten(bench, action.at)
    case 'swap':
      return swapCylinder(bench, action.partId)
    case 'charge':
      return only('Charged the battery', 'The charger runs.', {
        rig: { ...bench.rig, batteryShare: Math.max(bench.rig.batteryShare ?? 0, CHARGED_SHARE) },
      })
    case 'opening':
      return only('Set a window or vent', '', { openings: { ...bench.openings, [action.id]: action.openM } })
    case 'out':
      return only('Everybody out', '', { people: 'outside', asleep: 0 })
    case 'away':
      return only('Went 330 ft (100 m) away, upwind', '', { people: 'away', asleep: 0 })
    case 'go-in':
      return only('Went back in', '', { people: 'inside' })
    case 'call':
      return only(`Called ${calleeNames[action.whom]}`, '', { called: [...bench.called, action.whom] })
    case 'wait':
      return { bench, did: 'Waited', saw: '', seconds: action.seconds }
    case 'sleep':
      return { bench: { ...bench, asleep: bench.rig.rig.people }, did: 'Went to sleep', saw: '', seconds: NIGHT_S }
    case 'switch':
      return only('Turned on a light')
    case 'stop-rig':
      return only('Pulled off the road', '', { isDriving: false })
    case 'engine-off':
      return only('Turned the engine off', '', { isEngineOn: false })
    case 'drive':
      return only('Drove on', '', { isDriving: true, isEngineOn: true })
    case 'choose':
      return only('', '', { chosen: [...bench.chosen, action.id] })
    default:
      return only(action.do)
  }
}

/** Charge after half an hour at a charger. */
const CHARGED_SHARE = 0.4

const calleeNames = {
  '911': '911',
  technician: 'a technician',
  supplier: 'the gas supplier',
  'fire-non-emergency': 'the fire department’s non-emergency line',
} as const

/** An alarm wakes people and cuts a wait short. */
const isAlarming = (bench: Bench): boolean => alarmsOf(bench).some((alarm) => alarm !== 'chirp')

/**
 * Does one thing on the bench: its effect, its time, and what comes of it.
 *
 * @param bench - before
 * @param action - what is done
 * @param choice - what a choice of a drill says; other deeds have their own
 * @returns the bench after it; unchanged when the drill has ended
 * @throws InputError for a part that the rig does not have
 */
export function applyAction(bench: Bench, action: BenchAction, choice?: { did: string; saw: string }): Bench {
  if (bench.badEnd !== null) return bench
  const reason = dangerOf(bench, action)
  const effect = effectOf(bench, action)
  const saw = choice?.saw ?? effect.saw
  const entry: BenchEntry = {
    atS: bench.timeS,
    action,
    did: choice?.did ?? effect.did,
    saw: typeof saw === 'string' ? words(saw) : saw,
  }
  const logged = { ...effect.bench, log: [...bench.log, entry] }
  if (reason !== null) return { ...logged, badEnd: reason }
  const before = isAlarming(logged)
  const after = advance(logged, effect.seconds ?? deedSeconds[action.do], (now) => !before && isAlarming(now))
  const ignoredAlarmS =
    before && after.people === 'inside' ? after.ignoredAlarmS + after.timeS - logged.timeS : after.ignoredAlarmS
  const next = { ...after, ignoredAlarmS, asleep: 0 }
  return { ...next, badEnd: harmOf(next) }
}
