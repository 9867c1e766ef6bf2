'use client'

import { recordFillAction } from '@/actions/fill'
import { voidEventAction } from '@/actions/log'
import { nothingTyped, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { instantOf } from '@/ui/fields/WhenField'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { useNotice } from '@/ui/state/UndoProvider'

/** What is typed at any fill; each bench shows the fields that it needs. */
export interface FillValues {
  /** On the scale. */
  gross: TypedQuantity
  source: 'typed' | 'scale'
  hanging: TypedQuantity
  temperature: TypedQuantity
  metered: TypedQuantity
  paid: TypedQuantity
  /** Tax and fees. */
  fees: TypedQuantity
  /** What the gauge shows before and after. */
  shown: TypedQuantity
  after: TypedQuantity
  price: TypedQuantity
  /** Water gallons of a tank that is not in the records. */
  water: TypedQuantity
  /** As the field of the browser gives it; empty for just now. */
  when: string
}

const blank: FillValues = {
  gross: nothingTyped,
  source: 'typed',
  hanging: nothingTyped,
  temperature: nothingTyped,
  metered: nothingTyped,
  paid: nothingTyped,
  fees: nothingTyped,
  shown: nothingTyped,
  after: nothingTyped,
  price: nothingTyped,
  water: nothingTyped,
  when: '',
}

/** What was of this fill only; the temperature, what hangs on the scale and the price stay for the next. */
const ofOneFill = ['gross', 'metered', 'paid', 'fees', 'shown', 'after', 'when'] as const

/**
 * The form of a fill, which offers the way back once it is saved.
 *
 * @param slot - names the bench and the cylinder
 * @param name - of the cylinder
 */
export function useFill(slot: string, name: string) {
  const say = useNotice()
  const form = useSavedForm({ slot: `fill ${slot}`, initial: blank, send: recordFillAction })
  const saveFill = async (fill: object): Promise<void> => {
    const sent = form.latest()
    const saved = await form.save({ ...fill, happenedAt: instantOf(sent.when) })
    if (!saved) return
    form.set({ ...sent, ...Object.fromEntries(ofOneFill.map((key) => [key, blank[key]])) })
    const { id } = saved.value
    say({
      done: `Fill of ${name} saved`,
      undo: async () => (await voidEventAction({ of: 'fill', id, reason: 'Undone right after it was saved' })).ok,
    })
  }
  const whenField = {
    text: form.values.when,
    issue: form.issueAt('happenedAt'),
    onText: (when: string): void => form.set({ when }),
  }
  return { ...form, saveFill, whenField }
}
