import type { Metadata } from 'next'
import { codePath, tripCardOf } from '@/app/trips/card/tripCardOf'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { formatPhrase } from '@/core/units/formatQuantity'
import { emergencies } from '@/ui/shell/emergencies'
import { PrintButton } from './PrintButton'
import { tripsLabels } from '@/ui/terms/tripsLabels'

export const metadata: Metadata = { title: tripsLabels.tripCard }

export default async function CardPage({ params }: { params: Promise<{ id: string }> }) {
  const data = tripPageData((await params).id)
  const { head, blocks, system, code } = await tripCardOf(data)
  const { id } = data.row
  return (
    <>
      <div className="not-printed">
        <TripHeader trip={data.row} isNext={data.isNext} />
        <p className="card-tools">
          <PrintButton tripId={id} />
          <a className="btn btn-quiet" href={`/trips/${id}/card/pdf`} download>
            As PDF
          </a>
          <a className="btn btn-quiet" href="/leak-test/sheet" download>
            Leak sheet (PDF)
          </a>
          <span className="hint">One page, black on white: hang it by the door.</span>
        </p>
      </div>
      <article className="trip-card" aria-label={tripsLabels.tripCard}>
        <header>
          <div>
            <h2>
              {head.rig} · {head.trip}
            </h2>
            <p>
              {head.when} · <b>{head.verdict}</b>, {head.made}
            </p>
          </div>
          <svg
            viewBox={`-2 -2 ${code.size + 4} ${code.size + 4}`}
            role="img"
            aria-label="Printed code: this card as text"
            className="card-code"
          >
            <rect x="-2" y="-2" width={code.size + 4} height={code.size + 4} fill="#fff" />
            <path d={codePath(code)} fill="#000" />
          </svg>
        </header>
        <div className="card-blocks">
          {blocks.map(({ title, lines, isSmall }) => (
            <section key={title} className={isSmall ? 'small-print' : ''}>
              <h3>{title}</h3>
              <ul>
                {lines.map((phrase) => (
                  <li key={phrase.text + JSON.stringify(phrase.parts)}>{formatPhrase(phrase, system)}</li>
                ))}
              </ul>
            </section>
          ))}
        </div>
        <footer>
          <h3>Emergency: 911 in North America, 112 in Europe</h3>
          <ul>
            {emergencies.map(({ id: which, title, short }) => (
              <li key={which}>
                <b>{title}:</b> {short}
              </li>
            ))}
          </ul>
        </footer>
      </article>
    </>
  )
}
