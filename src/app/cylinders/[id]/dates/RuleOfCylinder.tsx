import { Link } from '@/ui/shell/Link'
import type { RuleSet } from '@/core/rules/dateRules'

/** Date rule of this cylinder, and why when it differs from the rig's. */
export function RuleOfCylinder({
  row,
  rule,
}: {
  row: { id: string; ruleSetId: string | null; ruleReason: string | null }
  rule: RuleSet
}) {
  return (
    <p className="mt-4">
      {row.ruleSetId === null ? (
        <>
          Judged by the rig’s rule, <strong>{rule.name}</strong>.{' '}
          <Link href="/cylinders/rules">Pick another for all</Link>, or give this one{' '}
          <Link href={`/cylinders/${row.id}/stamps`}>a rule of its own</Link>.
        </>
      ) : (
        <>
          Judged by a rule of its own, <strong>{rule.name}</strong>: {row.ruleReason}.{' '}
          <Link href={`/cylinders/${row.id}/stamps`}>Change it</Link>.
        </>
      )}
    </p>
  )
}
