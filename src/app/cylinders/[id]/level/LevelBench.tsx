'use client'

import { kindFacts } from '@/core/cylinders/cylinderKind'
import Form from 'react-bootstrap/Form'
import { voidEventAction } from '@/actions/log'
import { recordLevelAction } from '@/actions/cylinders'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { FIXED_TANK_FULL, type FullMark, fixedTankLimitM3 } from '@/core/cylinders/contents/liquidLevel'
import { liftLabels, lifts, type Lift } from '@/core/cylinders/contents/liftedLevel'
import { SIXTY_F_K } from '@/core/units/convert'
import { calibrateGauge, type MeteredFill } from '@/core/cylinders/contents/calibrateGauge'
import { Amount } from '@/ui/figures/Amount'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { SaveBar } from '@/ui/fields/SaveBar'
import { instantOf, WhenField } from '@/ui/fields/WhenField'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useNotice } from '@/ui/state/UndoProvider'
import { PressureGaugeCard } from './PressureGaugeCard'
import { readLevel, type LevelTexts } from './readLevel'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const fullMarkLabels: readonly [FullMark, string][] = [
  ['usable', 'its full is the legal full, 80 % of the inside'],
  ['eighths', 'eighths of that'],
  ['whole', 'percent of the whole inside'],
]

/** Contents by gauge or liquid height, and what a pressure gauge shows. */
export function LevelBench({
  gear,
  fullMark,
  fills,
  altitudeM,
}: {
  gear: CylinderGear
  fullMark: FullMark | null
  fills: readonly MeteredFill[]
  altitudeM: number
}) {
  const { isFixed } = kindFacts[gear.kind]
  const say = useNotice()
  const initial: LevelTexts & { when: string } = {
    way: isFixed ? 'gauge' : 'height',
    lift: 'half',
    shown: nothingTyped,
    fullMark: fullMark ?? 'usable',
    height: nothingTyped,
    diameter: nothingTyped,
    length: nothingTyped,
    stands: isFixed ? 'lying' : 'upright',
    temperature: nothingTyped,
    when: '',
  }
  const form = useSavedForm({ slot: `level ${gear.id}`, initial, send: recordLevelAction })
  const { values: texts, set, saving, issueAt } = form
  const read = readLevel(gear, texts)
  const shown = readQuantity(texts.shown, 'share').value
  const learned =
    fills.length > 0 && texts.way === 'gauge' && shown !== null && shown >= 0 && shown <= 1
      ? calibrateGauge(fills, fixedTankLimitM3(gear.waterCapacityKg), shown)
      : null
  const quantity = (name: 'shown' | 'height' | 'diameter' | 'length' | 'temperature') => ({
    typed: texts[name],
    onTyped: (typed: TypedQuantity) => set({ [name]: typed }),
  })
  const level = read.liquidFraction ?? gear.lastLevel?.liquidFraction ?? null

  return (
    <form
      className="bench-and-slip"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (read.toSave === null) return
        const saved = await form.save({ ...read.toSave, happenedAt: instantOf(texts.when) })
        if (!saved) return
        set({ ...texts, shown: nothingTyped, height: nothingTyped, when: '' })
        say({
          done: `Reading of ${gear.name} saved`,
          undo: async () =>
            (await voidEventAction({ of: 'reading', id: saved.value.id, reason: 'Undone right after it was saved' }))
              .ok,
        })
      }}
    >
      <div className="weigh-bench">
        <figure className="drawing mb-0">
          <CylinderDrawing
            kind={gear.kind}
            waterCapacityKg={gear.waterCapacityKg}
            level={level}
            limitLevel={isFixed ? FIXED_TANK_FULL : null}
            title={`${gear.name} with its level`}
          />
          <figcaption>
            {gear.lastLevel ? (
              <>
                last read at <Amount quantity={{ value: gear.lastLevel.liquidFraction, role: 'share' }} /> of its inside
              </>
            ) : (
              'not read yet'
            )}
          </figcaption>
        </figure>
        <div className="at-the-scale">
          <Form.Label htmlFor="level-way">{cylindersLabels.howItIsTold}</Form.Label>
          <Form.Select
            id="level-way"
            value={texts.way}
            onChange={(event) => set({ way: event.target.value as LevelTexts['way'] })}
          >
            <option value="gauge">by its gauge</option>
            <option value="height">by the height of the liquid</option>
            {!isFixed && <option value="lifted">by lifting it</option>}
          </Form.Select>
          <div className="fields mt-3">
            {texts.way === 'lifted' ? (
              <div>
                <Form.Label htmlFor="lift">{cylindersLabels.liftedItIs}</Form.Label>
                <Form.Select
                  id="lift"
                  value={texts.lift}
                  onChange={(event) => set({ lift: event.target.value as Lift })}
                >
                  {lifts.map((lift) => (
                    <option key={lift} value={lift}>
                      {liftLabels[lift]}
                    </option>
                  ))}
                </Form.Select>
                <p className="hint mb-0">An arm is no scale: the least that it may be counts.</p>
              </div>
            ) : texts.way === 'gauge' ? (
              <>
                <QuantityField
                  label={sharedLabels.theGaugeShows}
                  role="share"
                  issue={read.issueAt('shown') ?? issueAt('read.shown')}
                  hint="such as 50, or 4/8"
                  {...quantity('shown')}
                />
                <div>
                  <Form.Label htmlFor="full-mark">{sharedLabels.whatItsFullMarkMeans}</Form.Label>
                  <Form.Select
                    id="full-mark"
                    value={texts.fullMark}
                    onChange={(event) => set({ fullMark: event.target.value as FullMark })}
                  >
                    {fullMarkLabels.map(([mark, words]) => (
                      <option key={mark} value={mark}>
                        {words}
                      </option>
                    ))}
                  </Form.Select>
                  <p className="hint mb-0">Most gauges: the first. At a full fill it then shows full, not 80 %.</p>
                </div>
              </>
            ) : (
              <>
                <QuantityField
                  label={cylindersLabels.heightOfTheLiquid}
                  role="length"
                  issue={read.issueAt('heightM')}
                  hint="by a sensor under the foot, or where the wall stays cold after warm water"
                  {...quantity('height')}
                />
                <QuantityField
                  label={sharedLabels.insideDiameter}
                  role="length"
                  issue={read.issueAt('diameterM')}
                  optional={!isFixed}
                  hint="empty: usual of its size"
                  {...quantity('diameter')}
                />
                <QuantityField
                  label={texts.stands === 'upright' ? cylindersLabels.insideHeight : 'Inside length'}
                  role="length"
                  issue={read.issueAt('lengthM')}
                  optional={!isFixed}
                  hint="ends included; empty: usual of its size"
                  {...quantity('length')}
                />
                <div>
                  <Form.Label htmlFor="level-stands">It is used</Form.Label>
                  <Form.Select
                    id="level-stands"
                    value={texts.stands}
                    onChange={(event) => set({ stands: event.target.value as LevelTexts['stands'] })}
                  >
                    <option value="upright">upright</option>
                    <option value="lying">lying</option>
                  </Form.Select>
                </div>
              </>
            )}
            <QuantityField
              label={sharedLabels.temperatureOfTheLiquid}
              optional
              role="temperature"
              issue={read.issueAt('temperatureK') ?? issueAt('temperatureK')}
              hint="60 °F (16 °C) if not entered"
              {...quantity('temperature')}
            />
          </div>
          {learned && (
            <p className="learned">
              By {learned.fills} metered {learned.fills === 1 ? 'fill' : 'fills'} this gauge means{' '}
              <strong>
                <Amount quantity={{ value: learned.liquidM3, role: 'liquidVolume' }} />
              </strong>{' '}
              of liquid
              {learned.strayM3 !== null && (
                <>
                  , give or take <Amount quantity={{ value: learned.strayM3, role: 'liquidVolume' }} />
                </>
              )}
              .
            </p>
          )}
          <WhenField text={texts.when} issue={issueAt('happenedAt')} onText={(when) => set({ when })} />
          <SaveBar label={cylindersLabels.saveTheReading} saving={saving} dirty={read.toSave !== null} />
        </div>
        <PressureGaugeCard
          altitudeM={altitudeM}
          temperatureK={readQuantity(texts.temperature, 'temperature').value ?? SIXTY_F_K}
        />
      </div>
      <SlipPaper title={gear.name} sub={read.slip ? cylindersLabels.asTypedNotSavedYet : 'by level'} slip={read.slip}>
        {!read.slip && (
          <p className="mb-0">Type what the gauge shows, or how high the liquid stands: the sum appears here.</p>
        )}
      </SlipPaper>
    </form>
  )
}
