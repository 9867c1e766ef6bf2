import { vesselActs, type VesselAct, type VesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { PhraseText } from '@/ui/figures/Amount'
import { StateMark } from '@/ui/figures/StateMark'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { actAnswers } from './PumpPlate'

const actLabels: Readonly<Record<VesselAct, string>> = {
  use: cylindersLabels.fitToUse,
  fill: cylindersLabels.fitToFill,
  carry: cylindersLabels.fitToCarry,
}

/** Whether a vessel may be used, filled and carried, with what stands against it. */
export function FitnessPlate({ fitness }: { fitness: VesselFitness }) {
  return (
    <section className="fitness-plate" aria-label={cylindersLabels.mayItBeUsedFilledCarried}>
      <h2>{cylindersLabels.mayItBeUsedFilledCarried}</h2>
      <ul>
        {vesselActs.map((act) => {
          const { answer, reasons } = fitness[act]
          return (
            <li key={act} data-act={act} data-answer={answer}>
              <StateMark state={actAnswers[answer].mark} size={20} />
              <span>
                <strong>
                  {actLabels[act]}: {actAnswers[answer].word.toLowerCase()}
                </strong>
                {reasons
                  .filter((reason) => reason.answer !== 'yes')
                  .map(({ about, sentence }) => (
                    <span key={about} className="hint d-block">
                      <PhraseText phrase={sentence} />
                    </span>
                  ))}
              </span>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** The three answers in one line, for a card. */
export function FitnessLine({ fitness }: { fitness: VesselFitness }) {
  return (
    <span className="fitness-line">
      {vesselActs.map((act) => (
        <span key={act} data-act={act} data-answer={fitness[act].answer}>
          <StateMark state={actAnswers[fitness[act].answer].mark} size={14} /> {actLabels[act].toLowerCase()}
        </span>
      ))}
    </span>
  )
}
