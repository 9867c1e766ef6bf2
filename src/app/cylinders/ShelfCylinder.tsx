import Link from 'next/link'
import type { CylinderGear } from '@/core/cylinders/gear'
import { shelfFigures } from '@/core/cylinders/shelfFigures'
import { Amount } from '@/ui/Amount'
import { CylinderDrawing } from '@/ui/CylinderDrawing'
import { StateMark } from '@/ui/StateMark'

/** Taller vessels stand taller on the shelf; the steps are by eye. */
function drawnWidth(waterCapacityKg: number): number {
  return Math.min(165, 62 + 26 * Math.sqrt(waterCapacityKg))
}

/** One cylinder on the shelf, with its level and what it holds. */
export function ShelfCylinder({ gear }: { gear: CylinderGear }) {
  const { net, level, share, mark } = shelfFigures(gear)
  return (
    <Link href={`/cylinders/${gear.id}`}>
      <span className="stands">
        <CylinderDrawing
          kind={gear.kind}
          level={level}
          title={`${gear.name}, drawn with its level`}
          width={drawnWidth(gear.waterCapacityKg)}
        />
      </span>
      <span className="plate">
        <strong>{gear.name}</strong>
        <span className="held">{net ? <Amount quantity={net} /> : 'not known'}</span>
        <span className="hint d-block">
          {mark !== 'ready' && <StateMark state={mark} size={18} />} {share && <Amount quantity={share} />}
          {share && ' of its limit'}
          {!gear.aboard && ' · stays at home'}
        </span>
      </span>
    </Link>
  )
}
