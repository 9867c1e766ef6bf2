import { zoneFacts } from '@/core/hookup/catalogue/zone'
import { gradeLabels } from '@/core/leak-test/sheet/leakReading'
import { type LeakItemState } from '@/core/leak-test/sheet/leakTestState'

/** Printable sheet, black on white, with room to write. */
export function PrintedSheet({ lineName, items }: { lineName: string; items: readonly LeakItemState[] }) {
  return (
    <section className="print-only" aria-hidden="true">
      <h1>Leak sheet · {lineName}</h1>
      <p>
        Prove the pressure first, by a gauge; without one by a burner after the soap. Soap every place, upstream first.
        Grades: none · slow beads · steady foam · fast bubbles · hiss. Any leak: shut the valve, repair, soap again.
        Closed when all read none and an appliance burned.
      </p>
      <table>
        <thead>
          <tr>
            <th>No.</th>
            <th>Place</th>
            <th>Pressure</th>
            <th>Reads</th>
            <th>After repair</th>
          </tr>
        </thead>
        <tbody>
          {items.map(({ item, last }, i) => (
            <tr key={item.id}>
              <td>{i + 1}</td>
              <td>
                {item.name}
                {item.inside ? ' (inside)' : ''}
              </td>
              <td>{zoneFacts[item.zone].name}</td>
              <td>{last && item.kind !== 'pressure' ? gradeLabels[last.grade].name : ''}</td>
              <td />
            </tr>
          ))}
        </tbody>
      </table>
      <p>Appliance burned: ____________________ Date: ______________ By: ____________________</p>
    </section>
  )
}
