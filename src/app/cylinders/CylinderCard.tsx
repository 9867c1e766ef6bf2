import { Link } from '@/ui/shell/Link'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { cylinderSummary } from '@/core/cylinders/contents/cylinderSummary'
import { Amount } from '@/ui/figures/Amount'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { StateMark } from '@/ui/figures/StateMark'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { dueText } from './DueText'
import { FitnessLine } from './FitnessPlate'

/** Drawing size of each kind. */
function drawnWidth(waterCapacityKg: number): number {
  return Math.min(165, 62 + 26 * Math.sqrt(waterCapacityKg))
}

/** Card of one cylinder: level, contents and requalification. */
export function CylinderCard({ gear, nowIso }: { gear: CylinderGear; nowIso: string }) {
  const { net, level, share, mark, due } = cylinderSummary(gear, nowIso)
  return (
    <Link href={`/cylinders/${gear.id}`}>
      <span className="stands">
        <CylinderDrawing
          kind={gear.kind}
          waterCapacityKg={gear.waterCapacityKg}
          level={level}
          title={`${gear.name}, drawn with its level`}
          width={drawnWidth(gear.waterCapacityKg)}
        />
      </span>
      <span className="plate">
        <strong>
          <StateMark state={mark} size={18} /> {gear.name}
        </strong>
        <span className="held">{net ? <Amount quantity={net} /> : 'not known'}</span>
        <span className="hint d-block">
          {share && <Amount quantity={share} />}
          {share && ' of its limit'}
          {!gear.aboard && `${share ? ' · ' : ''}stays at home`}
        </span>
        <span className="hint d-block">{dueText(due)}</span>
        <FitnessLine fitness={vesselFitness(gear, nowIso.slice(0, 10))} />
      </span>
    </Link>
  )
}
