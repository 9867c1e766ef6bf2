import type { LeakAction } from '@/core/leak-test/sheet/leakAction'

/** What is done about a leak, in order. */
export function ActionSteps({ action }: { action: LeakAction }) {
  return (
    <ol className="action-steps">
      {action.steps.map((step) => (
        <li key={step}>{step}</li>
      ))}
      <li>{action.then}</li>
    </ol>
  )
}
