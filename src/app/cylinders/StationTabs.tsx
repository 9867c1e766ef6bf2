import { PageTabs } from '@/ui/shell/PageTabs'

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
