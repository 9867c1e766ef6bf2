import { QuantityField } from '@/ui/fields/QuantityField'
import { fillLabels } from '@/ui/terms/fillLabels'
import type { FillValues } from './useFill'

/** What was paid for a fill, and the part of it that is tax and fees. */
export function PaidFields({
  values,
  set,
  issueAt,
}: {
  values: Pick<FillValues, 'paid' | 'fees'>
  set: (typed: Partial<FillValues>) => void
  issueAt: (path: string) => string | null
}) {
  return (
    <>
      <QuantityField
        label={fillLabels.paid}
        optional
        role="money"
        typed={values.paid}
        issue={issueAt('paid')}
        onTyped={(paid) => set({ paid })}
      />
      <QuantityField
        label={fillLabels.taxAndFees}
        optional
        role="money"
        typed={values.fees}
        issue={issueAt('fees')}
        hint="the part of it that is not gas"
        onTyped={(fees) => set({ fees })}
      />
    </>
  )
}
