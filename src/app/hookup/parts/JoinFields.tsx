'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { connections } from '@/core/hookup/catalogue/connections'
import type { LineEdit } from '@/core/hookup/line/editLine'
import { freePorts, type GraphPart, type LineGraph } from '@/core/hookup/line/lineGraph'
import type { Port } from '@/core/hookup/catalogue/partType'
import { portCompatibility } from '@/core/hookup/catalogue/portCompatibility'
import { newId } from '@/ui/state/newId'
import { hookupLabels } from '@/ui/terms/hookupLabels'

const verdictLabels = { mates: 'fits', lookalike: 'looks alike, never seals', 'does-not-fit': 'does not fit' } as const

interface FreeEnd {
  part: GraphPart
  port: Port
}

const describePort = (port: Port): string =>
  port.fits.map(({ connection }) => connections[connection].name).join(' or ')

/** Free inlets of other parts, fitting ones first. */
function freeWaysIn(graph: LineGraph, own: GraphPart, from: Port): FreeEnd[] {
  return graph.parts
    .filter((part) => part !== own)
    .flatMap((part) =>
      freePorts(part)
        .filter(({ way }) => way !== 'out')
        .map((port) => ({ part, port })),
    )
    .toSorted(
      (a, b) =>
        Number(portCompatibility(from.fits, a.port.fits).verdict !== 'mates') -
        Number(portCompatibility(from.fits, b.port.fits).verdict !== 'mates'),
    )
}

/** Where each way out of a part leads: joined to another, or free to be. */
export function JoinFields({
  one,
  graph,
  edit,
}: {
  one: GraphPart
  graph: LineGraph
  edit: (...edits: LineEdit[]) => void
}) {
  const used = new Set(one.into.map(({ toPort }) => toPort.id))
  const ways = one.type.ports.filter(({ id, way }) => way !== 'in' && !used.has(id))
  if (ways.length === 0) return null
  return (
    <div className="join-fields">
      {ways.map((port) => {
        const joined = one.outOf.find(({ fromPort }) => fromPort === port)
        const fieldId = `join-${one.part.id}-${port.id}`
        if (joined) {
          return (
            <p key={port.id} className="mb-0">
              {describePort(port)} → <strong>{joined.to.name}</strong>{' '}
              <Button size="sm" variant="quiet" onClick={() => edit({ do: 'unjoin', id: joined.joint.id })}>
                {hookupLabels.partThem}
              </Button>
            </p>
          )
        }
        const free = freeWaysIn(graph, one, port)
        return (
          <div key={port.id}>
            <Form.Label htmlFor={fieldId}>
              {describePort(port)}: <em>open</em>
            </Form.Label>
            <Form.Select
              id={fieldId}
              size="sm"
              value=""
              disabled={free.length === 0}
              onChange={(event) => {
                const end = free[Number(event.target.value)]
                if (!end) return
                edit({
                  do: 'join',
                  id: newId('joint'),
                  from: { partId: one.part.id, portId: port.id },
                  to: { partId: end.part.part.id, portId: end.port.id },
                })
              }}
            >
              <option value="">{free.length === 0 ? 'nothing is free to join it to' : 'Join it to …'}</option>
              {free.map((end, i) => (
                <option key={`${end.part.part.id} ${end.port.id}`} value={i}>
                  {end.part.name}
                  {end.part.into.length + end.part.outOf.length > 0 && end.part.type.ports.length > 2
                    ? `, ${end.port.id} way in`
                    : ''}{' '}
                  ({verdictLabels[portCompatibility(port.fits, end.port.fits).verdict]})
                </option>
              ))}
            </Form.Select>
          </div>
        )
      })}
    </div>
  )
}
