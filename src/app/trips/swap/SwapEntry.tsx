'use client'

import { useId } from 'react'
import { voidEventAction } from '@/actions/log'
import { recordSwapAction } from '@/actions/trip'
import type { Supply } from '@/core/cylinders/cylinderKind'
import { swapFinds, swapFindLabels, type SwapFind } from '@/core/trip/usage/swap'
import { Amount } from '@/ui/figures/Amount'
import { Choice } from '@/ui/fields/Choice'
import { SaveBar } from '@/ui/fields/SaveBar'
import { instantOf, WhenField } from '@/ui/fields/WhenField'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** A cylinder that may run out, with its last known contents. */
export interface SwapCylinder {
  id: string
  name: string
  supply: Supply
  netKg: number | null
  small: boolean
}

const shutLabels = [
  ['not-known', 'not known'],
  ['shut', 'shut'],
  ['open', 'open too'],
] as const

type Shut = (typeof shutLabels)[number][0]

const NONE = 'none'

interface SwapValues {
  /** Null for the first one. */
  cylinderId: string | null
  otherId: string | null
  found: SwapFind
  shut: Shut
  at: string
}

const blankSwap: SwapValues = { cylinderId: null, otherId: null, found: 'empty', shut: 'not-known', at: '' }

/** A cylinder that is only cold still holds gas: what to do with it now. */
function ColdAdvice() {
  return (
    <section className="answer mt-3" aria-label={tripsLabels.onlyColdDoThis}>
      <strong>{tripsLabels.onlyColdDoThis}</strong>
      <ul className="plain-list mb-0">
        <li>It is not empty: keep it upright outside, off the snow and out of the wind. By day it gives again.</li>
        <li>Burn less at a time: one burner, a lower setting. Frost on it means that it boils slower than you burn.</li>
        <li>Never warm it with a flame, a heater or hot water, and never bring it in.</li>
        <li>Open both cylinders together in the cold, where the changeover allows it: each gives half.</li>
        <li>Weigh it when you can: the scale tells cold from empty.</li>
      </ul>
    </section>
  )
}

/** Form for a swap of cylinders, which also shows what was burned until then. */
export function SwapEntry({ cylinders }: { cylinders: readonly SwapCylinder[] }) {
  const id = useId()
  const form = useSavedForm({
    slot: `swap ${cylinders.map((one) => one.id).join(' ')}`,
    initial: blankSwap,
    send: recordSwapAction,
  })
  const { values, set, saving, issueAt } = form
  const { found, shut, at } = values
  const cylinderId = values.cylinderId ?? cylinders[0]?.id ?? ''
  const gone = cylinders.find((one) => one.id === cylinderId)
  const others = cylinders.filter((one) => one.id !== cylinderId && one.supply === gone?.supply)
  const otherId = [NONE, ...others.map((one) => one.id)].find((one) => one === values.otherId) ?? others[0]?.id ?? NONE
  const say = useNotice()
  if (!gone) return <p className="hint">No cylinder is aboard that an appliance burns from.</p>
  const other = others.find((one) => one.id === otherId)
  return (
    <form
      noValidate
      aria-label={tripsLabels.aSwap}
      className="mt-4 mb-3"
      onSubmit={async (event) => {
        event.preventDefault()
        const saved = await form.save({
          cylinderId,
          otherId: other?.id ?? null,
          found,
          otherShut: other && shut !== 'not-known' ? shut === 'shut' : null,
          // A date that the browser cannot parse is sent as it is, to be refused at its field.
          swappedAt: at === '' ? null : (instantOf(at) ?? at),
        })
        if (!saved) return
        // Which cylinder it was stays chosen.
        set({ ...values, at: '' })
        const { id: swapId } = saved.value
        say({
          done: `Swap of ${gone.name} saved`,
          undo: async () =>
            (await voidEventAction({ of: 'swap', id: swapId, reason: 'Undone right after it was saved' })).ok,
        })
      }}
    >
      <h2>{tripsLabels.aSwap}</h2>
      <p className="hint">
        One found empty tells as much as a weigh-in, and so does the other where it had stayed shut. One that is only
        cold tells nothing: by day it gives again.
      </p>
      <div className="fields narrow">
        <div>
          <Choice
            id={`${id}-gone`}
            label={sharedLabels.gaveOut}
            value={cylinderId}
            options={cylinders.map((one) => [one.id, one.name] as const)}
            set={(one) => set({ cylinderId: one })}
          />
          <p className="hint">
            {gone.netKg === null ? (
              'never weighed'
            ) : (
              <>
                last told: <Amount quantity={{ value: gone.netKg, role: gone.small ? 'bottleMass' : 'cylinderMass' }} />
              </>
            )}
          </p>
          {issueAt('cylinderId') && <p className="issue">{issueAt('cylinderId')}</p>}
        </div>
        <Choice
          id={`${id}-found`}
          label={tripsLabels.liftedItWas}
          value={found}
          options={swapFinds.map((one) => [one, swapFindLabels[one]] as const)}
          set={(one) => set({ found: one })}
        />
        <div>
          <Choice
            id={`${id}-other`}
            label={tripsLabels.openedInstead}
            value={otherId}
            options={[...others.map((one) => [one.id, one.name] as const), [NONE, 'none'] as const]}
            set={(one) => set({ otherId: one })}
          />
          {issueAt('otherId') && <p className="issue">{issueAt('otherId')}</p>}
        </div>
        {other && (
          <Choice
            id={`${id}-shut`}
            label={tripsLabels.itsValveUntilThen}
            value={shut}
            options={shutLabels}
            set={(one) => set({ shut: one })}
          />
        )}
        <WhenField text={at} issue={issueAt('swappedAt')} onText={(one) => set({ at: one })} />
      </div>
      {found === 'cold' && <ColdAdvice />}
      <SaveBar label={tripsLabels.saveTheSwap} saving={saving} dirty={false} />
    </form>
  )
}
