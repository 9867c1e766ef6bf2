import type { ActFitness } from '@/core/cylinders/fitness/vesselFitness'
import { PhraseText } from '@/ui/figures/Amount'
import { StateMark, type MarkState } from '@/ui/figures/StateMark'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

/** Word and mark of each answer. */
export const actAnswers = {
  yes: { word: 'Yes, as far as known', mark: 'ready' },
  ask: { word: 'Not sure', mark: 'fix-first' },
  no: { word: 'No', mark: 'stop' },
} as const satisfies Record<ActFitness['answer'], { word: string; mark: MarkState }>

/** Answer to “will the pump take it?” with all reasons. */
export function PumpPlate({ answer, name }: { answer: ActFitness; name: string }) {
  const { word, mark } = actAnswers[answer.answer]
  return (
    <section className={`pump-plate ${mark}`} aria-label={cylindersLabels.willThePumpTakeIt}>
      <h2>{cylindersLabels.willThePumpTakeIt}</h2>
      <p className="hint mb-2">{name}</p>
      <p className="large">
        <StateMark state={mark} size={34} /> {word}
      </p>
      <ul>
        {answer.reasons.map(({ about, answer: own, sentence }) => (
          <li key={about}>
            <StateMark state={actAnswers[own].mark} size={20} />
            <span>
              <PhraseText phrase={sentence} />
            </span>
          </li>
        ))}
      </ul>
      <p className="hint mb-0">The attendant decides, by what he sees and by the rules of the place.</p>
    </section>
  )
}
