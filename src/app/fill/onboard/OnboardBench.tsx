'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import {
  FIXED_TANK_FULL,
  gaugeLevel,
  type FullMark,
  fixedTankLimitM3,
  massAtLevelKg,
} from '@/core/cylinders/contents/liquidLevel'
import { waterCapacityForVolumeKg } from '@/core/cylinders/contents/waterCapacity'
import type { Finding } from '@/core/findings/Finding'
import { hasStop } from '@/core/findings/verdict'
import { calibrateGauge, type MeteredFill } from '@/core/cylinders/contents/calibrateGauge'
import { InputError } from '@/core/base/InputError'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { fillAccount } from '@/core/fill/fillAccount'
import { SIXTY_F_K } from '@/core/units/convert'
import { onboardSlip } from '@/core/fill/onboardSlip'
import type { Slip } from '@/core/rules/figure'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { FindingList } from '@/ui/figures/FindingList'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isEmpty, readQuantity } from '@/ui/fields/typedQuantity'
import { SaveBar } from '@/ui/fields/SaveBar'
import { WhenField } from '@/ui/fields/WhenField'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { FillCheck } from '@/app/fill/FillCheck'
import { PaidFields } from '@/app/fill/PaidFields'
import { useFill } from '@/app/fill/useFill'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface Worked {
  slip: Slip | null
  level: number | null
  issue: string | null
}

/** From the gauge to gallons and cost; metered fills calibrate the gauge. */
export function OnboardBench({
  gear,
  fullMark,
  fills,
  findings,
}: {
  /** Null for a tank that is not in the records: a sum only. */
  gear: CylinderGear | null
  fullMark: FullMark | null
  fills: readonly MeteredFill[]
  findings: readonly Finding[]
}) {
  const [mark, setMark] = useState<FullMark>(fullMark ?? 'usable')
  const [learn, setLearn] = useState(fills.length >= 3)
  const { values, set, saveFill, whenField, saving, issueAt } = useFill(
    `onboard ${gear?.id ?? ''}`,
    gear?.name ?? 'the tank',
  )
  const { water, shown, price, metered, paid, fees, after } = values
  const [toSpray, setToSpray] = useState(false)
  const stopped = hasStop(findings)
  const read = {
    water: readQuantity(water, 'liquidVolume'),
    shown: readQuantity(shown, 'share'),
    price: readQuantity(price, 'pricePerVolume'),
    metered: readQuantity(metered, 'liquidVolume'),
    paid: readQuantity(paid, 'money'),
    fees: readQuantity(fees, 'money'),
    after: readQuantity(after, 'share'),
  }
  const waterCapacityKg = gear?.waterCapacityKg ?? waterCapacityForVolumeKg(read.water.value ?? 0)
  const worked = ((): Worked => {
    const { value } = read.shown
    if (value === null || waterCapacityKg === 0) {
      return { slip: null, level: gear?.lastLevel?.liquidFraction ?? null, issue: null }
    }
    try {
      const level = gaugeLevel(value, mark)
      const learnedM3 =
        learn && fills.length > 0 ? calibrateGauge(fills, fixedTankLimitM3(waterCapacityKg), value).liquidM3 : null
      const slip = onboardSlip({
        waterCapacityKg,
        shown: value,
        fullMark: mark,
        learnedM3,
        pricePerM3: read.price.value,
      })
      return { slip, level, issue: null }
    } catch (error) {
      if (error instanceof InputError) return { slip: null, level: null, issue: error.message }
      throw error
    }
  })()
  const stoppedBy = toSpray ? 'bleeder' : 'unseen'
  const massAt = (share: number | null): number | null => {
    if (share === null || share > 1 || waterCapacityKg === 0) return null
    return massAtLevelKg('propane', waterCapacityKg, gaugeLevel(share, mark), SIXTY_F_K)
  }
  const account =
    gear && worked.issue === null
      ? fillAccount({
          cylinder: gear,
          beforeKg: massAt(read.shown.value) ?? gearContents(gear)?.netKg ?? null,
          meteredM3: read.metered.value,
          stoppedBy,
          measuredKg: massAt(read.after.value),
          liquidK: null,
        })
      : null
  const readable = Object.values(read).every(({ issue }) => issue === null) && worked.issue === null

  return (
    <form
      className="bench-and-slip fill-form"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (!readable || !gear) return
        const reading = read.after.value === null ? null : { way: 'gauge', shown: read.after.value, fullMark: mark }
        const paidFor = { paid: read.paid.value, fees: read.fees.value }
        const fill = {
          meteredM3: read.metered.value,
          shownBefore: read.shown.value,
          ...paidFor,
          stoppedBy,
          fullMark: mark,
          note: null,
        }
        await saveFill({ cylinderId: gear.id, mode: 'onboard', after: reading, ...fill })
      }}
    >
      {findings.length > 0 && (
        <section className="across" aria-label={sharedLabels.findings}>
          <FindingList findings={findings} />
        </section>
      )}
      <div className="weigh-bench">
        <figure className="drawing mb-0">
          <CylinderDrawing
            kind={gear?.kind ?? 'onboard'}
            level={worked.level}
            limitLevel={stopped ? null : FIXED_TANK_FULL}
            title={`${gear?.name ?? fillLabels.aFixedTank} with its level`}
          />
          <figcaption>red mark: 80 % of its inside</figcaption>
        </figure>
        <div className="at-the-scale">
          <div className="fields">
            {!gear && (
              <QuantityField
                label={fillLabels.waterGallonsOnItsPlate}
                role="liquidVolume"
                typed={water}
                hint="no fixed tank is entered; a sum only"
                onTyped={(typed) => set({ water: typed })}
              />
            )}
            <QuantityField
              label={sharedLabels.theGaugeShows}
              role="share"
              typed={shown}
              issue={worked.issue}
              hint="such as 50, or 4/8"
              onTyped={(typed) => set({ shown: typed })}
            />
            <div>
              <Form.Label htmlFor="onboard-mark">{sharedLabels.whatItsFullMarkMeans}</Form.Label>
              <Form.Select id="onboard-mark" value={mark} onChange={(event) => setMark(event.target.value as FullMark)}>
                <option value="usable">the legal full, 80 % of the inside</option>
                <option value="eighths">eighths of that</option>
                <option value="whole">the whole inside, in percent</option>
              </Form.Select>
            </div>
            <QuantityField
              label={sharedLabels.price}
              optional
              role="pricePerVolume"
              typed={price}
              onTyped={(typed) => set({ price: typed })}
              hint="as asked at the pump"
            />
            {fills.length > 0 && (
              <Form.Check
                id="learn"
                label={`Go by ${fills.length} metered ${fills.length === 1 ? 'fill' : 'fills'} instead of the dial`}
                checked={learn}
                onChange={(event) => setLearn(event.target.checked)}
              />
            )}
          </div>
          {!stopped && gear && (
            <>
              <h2 className="mt-3">Afterwards</h2>
              <div className="fields">
                <QuantityField
                  label={fillLabels.thePumpMetered}
                  optional
                  role="liquidVolume"
                  typed={metered}
                  issue={issueAt('meteredM3')}
                  hint="filled to its stop: the gauge is learned from it"
                  onTyped={(typed) => set({ metered: typed })}
                />
                <PaidFields values={values} set={set} issueAt={issueAt} />
                <QuantityField
                  label={fillLabels.theGaugeShowsThen}
                  optional
                  role="share"
                  typed={after}
                  issue={issueAt('shown')}
                  onTyped={(typed) => set({ after: typed })}
                />
              </div>
              <Form.Check
                id="to-spray"
                label={fillLabels.filledUntilTheBleederSpat}
                checked={toSpray}
                onChange={(event) => setToSpray(event.target.checked)}
              />
              {account && <FillCheck account={account} />}
              <WhenField {...whenField} />
              <SaveBar
                label={fillLabels.saveTheFill}
                saving={saving}
                dirty={![metered, paid, fees, after].every(isEmpty) || toSpray}
              />
            </>
          )}
        </div>
      </div>
      <SlipPaper
        title={gear?.name ?? fillLabels.aFixedTank}
        sub="from the gauge to gallons"
        slip={stopped ? null : worked.slip}
      >
        {stopped && <p className="mb-0">Choose a fixed tank.</p>}
        {!stopped && !worked.slip && <p className="mb-0">Type what the gauge shows: what it takes appears here.</p>}
      </SlipPaper>
    </form>
  )
}
