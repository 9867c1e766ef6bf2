'use client'

import type { Line } from '@/core/hookup/line/line'
import { linkToRig } from '@/core/hookup/line/linkToRig'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import type { PartRole } from '@/core/hookup/catalogue/partRoles'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import type { HookupPageData } from './hookupPageData'
import { LineBench } from './LineBench'
import { PartDrawing } from '@/app/hookup/diagram/PartDrawing'
import { useSessionState } from '@/ui/state/useSessionState'

const EMPTY: Line = { parts: [], joints: [], types: [] }

/** A new line: from a similar one, or part by part. */
export function NewLine({ data }: { data: HookupPageData }) {
  const [chosen, begin, leave] = useSessionState<string | null>('new line begun', null)
  const start = readyMadeLines.find(({ id }) => id === chosen)
  if (chosen !== null) {
    return (
      <LineBench
        key={chosen}
        data={data}
        begin={{ name: start?.name ?? 'New line', line: start ? linkToRig(start.line, data) : EMPTY }}
        leave={leave}
      />
    )
  }
  return (
    <section aria-label="Begin a line">
      <p className="lead">Begin with the one that is most like yours; every part can be changed.</p>
      <ul className="line-starts">
        {readyMadeLines.map(({ id, name, line }) => (
          <li key={id}>
            <button type="button" onClick={() => begin(id)}>
              <strong>{name}</strong>
              <span className="hint">{line.parts.length} parts</span>
              <span className="start-drawing" aria-hidden="true">
                <StartDrawing line={line} />
              </span>
            </button>
          </li>
        ))}
        <li>
          <button type="button" onClick={() => begin('empty')}>
            <strong>An empty bench</strong>
            <span className="hint">part by part, from the cylinder on</span>
          </button>
        </li>
      </ul>
    </section>
  )
}

/** Short description of a starting line. */
const tellingRoles: readonly PartRole[] = ['cylinder', 'tank', 'regulator', 'changeover', 'appliance', 'keg', 'chuck']

function StartDrawing({ line }: { line: Line }) {
  return lineGraph(line)
    .sortFindings.filter(({ type }) => tellingRoles.includes(type.role))
    .map(({ part, type }) => <PartDrawing key={part.id} role={type.role} width={40} />)
}
