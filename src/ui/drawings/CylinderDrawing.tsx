import { useId } from 'react'
import type { CylinderKind } from '@/core/cylinders/cylinderKind'

/** Outline of a vessel and the box its inside fills, in the drawing's own units. */
interface Outline {
  width: number
  height: number
  /** Closed path of the shell. */
  shell: string
  top: number
  bottom: number
  left: number
  right: number
}

type Form = 'squat' | 'bottle' | 'tall' | 'lying' | 'hundred-pound' | 'wide'

const outlines: Readonly<Record<Form, Outline>> = {
  squat: {
    width: 220,
    height: 300,
    shell: 'M20 106Q20 74 64 66H156Q200 74 200 106V246Q200 276 166 280H54Q20 276 20 246Z',
    top: 66,
    bottom: 280,
    left: 20,
    right: 200,
  },
  bottle: {
    width: 220,
    height: 300,
    shell: 'M58 128Q58 92 92 84H128Q162 92 162 128V268Q162 282 148 282H72Q58 282 58 268Z',
    top: 84,
    bottom: 282,
    left: 58,
    right: 162,
  },
  tall: {
    width: 220,
    height: 300,
    shell: 'M66 104Q66 70 100 62H120Q154 70 154 104V272Q154 286 140 286H80Q66 286 66 272Z',
    top: 62,
    bottom: 286,
    left: 66,
    right: 154,
  },
  // Tall and thin, with a collar.
  'hundred-pound': {
    width: 220,
    height: 420,
    shell: 'M58 112Q58 84 88 78H132Q162 84 162 112V376Q162 398 140 400H80Q58 398 58 376Z',
    top: 78,
    bottom: 400,
    left: 58,
    right: 162,
  },
  // Squat and wide, with a lid.
  wide: {
    width: 300,
    height: 300,
    shell: 'M14 116Q14 78 70 72H230Q286 78 286 116V240Q286 278 238 280H62Q14 278 14 240Z',
    top: 72,
    bottom: 280,
    left: 14,
    right: 286,
  },
  lying: {
    width: 220,
    height: 300,
    shell: 'M44 130H176Q212 134 212 195T176 260H44Q8 256 8 195T44 130Z',
    top: 130,
    bottom: 260,
    left: 8,
    right: 212,
  },
}

const formOf: Readonly<Record<CylinderKind, Form>> = {
  removable: 'squat',
  bottle: 'bottle',
  'refillable-bottle': 'bottle',
  onboard: 'lying',
  co2: 'tall',
}

/** Water capacities from which a removable cylinder is the tall 100 lb one, or the squat 420 lb one. */
const HUNDRED_POUND_KG = 60
const WIDE_KG = 250

function drawnForm(kind: CylinderKind, waterCapacityKg: number | undefined): Form {
  if (formOf[kind] !== 'squat' || waterCapacityKg === undefined) return formOf[kind]
  if (waterCapacityKg >= WIDE_KG) return 'wide'
  return waterCapacityKg >= HUNDRED_POUND_KG ? 'hundred-pound' : 'squat'
}

function Fixtures({ form }: { form: Form }) {
  switch (form) {
    case 'hundred-pound':
      return (
        <>
          <path d="M66 82V44Q66 36 74 36H146Q154 36 154 44V82" fill="none" stroke="#17302b" strokeWidth="5" />
          <rect x="98" y="40" width="24" height="40" rx="4" fill="#b07a1e" />
          <path d="M92 34h36" stroke="#17302b" strokeWidth="12" strokeLinecap="round" />
          <path d="M76 400v14h68v-14" fill="none" stroke="#17302b" strokeWidth="5" />
        </>
      )
    case 'wide':
      return (
        <>
          <path d="M98 74Q98 36 150 34Q202 36 202 74Z" fill="#ece2ca" stroke="#17302b" strokeWidth="5" />
          <circle cx="150" cy="56" r="10" fill="#fffdf6" stroke="#17302b" strokeWidth="3" />
          <path d="M150 56l5 -6" stroke="#9c2f1f" strokeWidth="3" />
          <path d="M60 280v14h180v-14" fill="none" stroke="#17302b" strokeWidth="5" />
        </>
      )
    case 'squat':
      return (
        <>
          <path d="M52 70V38Q52 30 60 30H160Q168 30 168 38V70" fill="none" stroke="#17302b" strokeWidth="5" />
          <rect x="97" y="30" width="26" height="38" rx="4" fill="#b07a1e" />
          <path d="M88 20h44" stroke="#17302b" strokeWidth="15" strokeLinecap="round" />
          <circle cx="110" cy="16" r="12" fill="#17302b" />
          <path d="M46 280v14h128v-14" fill="none" stroke="#17302b" strokeWidth="5" />
        </>
      )
    case 'bottle':
      return (
        <>
          <rect x="97" y="58" width="26" height="28" rx="3" fill="#b07a1e" />
          <path d="M97 64h26M97 71h26M97 78h26" stroke="#7e5716" strokeWidth="2" />
          <path d="M66 284q44 12 88 0" fill="none" stroke="#17302b" strokeWidth="4" />
        </>
      )
    case 'tall':
      return (
        <>
          <rect x="98" y="34" width="24" height="30" rx="3" fill="#b07a1e" />
          <rect x="122" y="42" width="26" height="12" rx="2" fill="#d9a94b" />
          <rect x="88" y="22" width="44" height="12" rx="6" fill="#17302b" />
        </>
      )
    case 'lying':
      return (
        <>
          <rect x="92" y="104" width="36" height="28" rx="4" fill="#b07a1e" />
          <path d="M40 262l-8 20h28l-6-20M166 262l-6 20h28l-8-20" fill="none" stroke="#17302b" strokeWidth="5" />
        </>
      )
  }
}

export interface CylinderDrawingProps {
  kind: CylinderKind
  /** Shape of the larger removable cylinders. */
  waterCapacityKg?: number
  /** Liquid's share of the inside, 0 to 1; null when unknown. */
  level: number | null
  /** Level at the fill limit, drawn as a mark. */
  limitLevel?: number | null
  /** Name read out for the picture. */
  title: string
  width?: number
}

/** Drawing of a cylinder with its liquid level. */
export function CylinderDrawing({
  kind,
  waterCapacityKg,
  level,
  limitLevel,
  title,
  width = 220,
}: CylinderDrawingProps) {
  const form = drawnForm(kind, waterCapacityKg)
  const outline = outlines[form]
  const { shell, top, bottom, left, right } = outline
  const clip = useId()
  const at = (share: number): number => bottom - share * (bottom - top)
  const surface = level === null ? null : at(level)
  return (
    <svg viewBox={`0 0 ${outline.width} ${outline.height}`} width={width} role="img" aria-label={title}>
      <clipPath id={clip}>
        <path d={shell} />
      </clipPath>
      <path d={shell} fill="#fffdf6" />
      <g clipPath={`url(#${clip})`}>
        {surface !== null && level !== null && level > 0 && (
          <>
            <rect x="0" y={surface} width={outline.width} height={bottom - surface} fill="#bfd6cc" />
            <path
              d={`M0 ${surface}q18 -6 37 0t37 0 37 0 37 0 37 0 37 0 37 0 37 0`}
              fill="none"
              stroke="#23573f"
              strokeWidth="3"
            />
          </>
        )}
        {level === null && (
          <text
            x={(left + right) / 2}
            y={(top + bottom) / 2 + 24}
            textAnchor="middle"
            fontSize="72"
            fontWeight="700"
            fill="#7a4e08"
          >
            ?
          </text>
        )}
      </g>
      <path d={shell} fill="none" stroke="#17302b" strokeWidth="5" />
      <Fixtures form={form} />
      {limitLevel !== null && limitLevel !== undefined && (
        <path
          d={`M${left - 8} ${at(limitLevel)}H${right + 8}`}
          stroke="#9c2f1f"
          strokeWidth="3"
          strokeDasharray="8 5"
        />
      )}
    </svg>
  )
}
