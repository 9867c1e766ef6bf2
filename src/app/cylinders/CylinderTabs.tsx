import { kindFacts, type CylinderKind } from '@/core/cylinders/cylinderKind'
import { PageTabs } from '@/ui/shell/PageTabs'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

/** Pages of the station. */
export function StationTabs() {
  return (
    <PageTabs
      label="Pages of Cylinders"
      tabs={[
        { href: '/cylinders', label: 'The shelf' },
        { href: '/cylinders/equipment', label: 'Hoses, regulators, alarms' },
        { href: '/cylinders/rules', label: 'Date rules' },
      ]}
    />
  )
}

/** Pages of one cylinder. A fixed tank is never weighed: its first page is its gauge. */
export function CylinderTabs({ id, kind }: { id: string; kind: CylinderKind }) {
  const base = `/cylinders/${id}`
  const { isFixed, hasLevel } = kindFacts[kind]
  return (
    <PageTabs
      label="Pages of this cylinder"
      tabs={[
        { href: base, label: isFixed ? 'Contents' : cylindersLabels.weigh },
        ...(hasLevel && !isFixed ? [{ href: `${base}/level`, label: 'Gauge and level' }] : []),
        { href: `${base}/dates`, label: 'Dates' },
        { href: `${base}/look-over`, label: cylindersLabels.lookOver },
        { href: `${base}/heat`, label: 'Hot car, cold night' },
        { href: `${base}/stamps`, label: cylindersLabels.stamps },
      ]}
    />
  )
}
