'use client'

import { Redo2, Undo2 } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useMemo, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useHotkeys } from 'react-hotkeys-hook'
import { catalogue } from '@/core/hookup/catalogue'
import type { LineEdit } from '@/core/hookup/editLine'
import type { Line } from '@/core/hookup/line'
import { sourceRoles, type PartType } from '@/core/hookup/partType'
import { newId } from '@/ui/newId'
import { SaveLine } from '@/ui/SaveLine'
import { useStable } from '@/ui/useStable'
import type { Connection } from '@xyflow/react'
import type { HookupWorld } from './hookupWorld'
import { LineDiagram } from './LineDiagram'
import { LineFiles } from './LineFiles'
import { LineFindings } from './LineFindings'
import { LinePicker } from './LinePicker'
import { marksOf } from './marksOf'
import { PartInspector } from './PartInspector'
import { PartList } from './PartList'
import { PartsTray } from './PartsTray'
import { PutLineAway } from './PutLineAway'
import { useCheck, useLine } from './useLine'

/** The line drawn part by part, judged as it is drawn. */
export function LineBench({
  world,
  begin,
  leave,
}: {
  world: HookupWorld
  begin: { name: string; line: Line }
  /** Of a new line: lets go of what it began from. */
  leave?: () => void
}) {
  const desk = useLine(world, begin)
  const check = useCheck(desk, world)
  // What is typed shows at once; drawing, list and findings of a long line come a moment later.
  const shown = useDeferredValue(check)
  const marks = useMemo(() => marksOf(shown), [shown])
  const router = useRouter()
  const searchField = useRef<HTMLInputElement>(null)
  const ofJoint = check.graph.joints.find(({ joint }) => joint.id === world.about)
  const [asked, setChosen] = useState<string | null>(ofJoint?.to.part.id ?? world.about)
  const chosen = asked === null ? undefined : check.graph.byId.get(asked)
  useHotkeys('ctrl+z, meta+z', () => desk.undo?.(), [desk.undo])
  useHotkeys('ctrl+y, meta+shift+z', () => desk.redo?.(), [desk.redo])

  const ownTypes = useMemo(() => [...world.ownTypes, ...desk.line.types], [world.ownTypes, desk.line.types])
  const add = useStable((type: PartType, after: string | null): void => {
    const id = newId(type.role)
    // What holds gas begins a line; it stands after nothing.
    desk.edit({ do: 'add', type, id, after: sourceRoles.includes(type.role) ? null : after })
    setChosen(id)
  })
  const edit = (...edits: LineEdit[]): void => desk.edit(...edits)
  const join = useStable(({ source, target, sourceHandle, targetHandle }: Connection): void => {
    if (!sourceHandle || !targetHandle || source === target) return
    const id = newId('joint')
    edit({
      do: 'join',
      id,
      from: { partId: source, portId: sourceHandle },
      to: { partId: target, portId: targetHandle },
    })
  })
  const dropOn = useStable((typeId: string, after: string | null): void => {
    const type = [...catalogue, ...ownTypes].find(({ id }) => id === typeId)
    if (type) add(type, after)
  })
  const addAfterChosen = useStable((type: PartType): void => add(type, chosen?.part.id ?? null))
  return (
    <div className="line-bench">
      <div className="line-head">
        <LinePicker lines={world.lines} chosenId={world.chosen?.id ?? null} mayAdd />
        <div>
          <Form.Label htmlFor="line-name">Name of the line</Form.Label>
          <Form.Control
            id="line-name"
            value={desk.name}
            maxLength={60}
            aria-invalid={desk.issueAt('name') !== null}
            onChange={(event) => desk.rename(event.target.value)}
          />
          {desk.issueAt('name') && (
            <p className="issue mb-0" role="alert">
              {desk.issueAt('name')}
            </p>
          )}
        </div>
        <div className="line-tools">
          <Button variant="quiet" size="sm" disabled={!desk.undo} onClick={() => desk.undo?.()}>
            <Undo2 size={16} aria-hidden="true" /> Undo
          </Button>
          <Button variant="quiet" size="sm" disabled={!desk.redo} onClick={() => desk.redo?.()}>
            <Redo2 size={16} aria-hidden="true" /> Redo
          </Button>
          <LineFiles desk={desk} check={check} />
        </div>
      </div>
      {desk.behind && (
        <p className="issue" role="alert">
          This line was saved somewhere else in the meantime. What you drew is kept here; to see theirs, leave yours.
        </p>
      )}
      <LineDiagram check={shown} chosen={chosen?.part.id ?? null} choose={setChosen} join={join} dropOn={dropOn} />
      <PartsTray ownTypes={ownTypes} after={chosen?.name ?? null} add={addAfterChosen} searchField={searchField} />
      <form
        noValidate
        onSubmit={async (event) => {
          event.preventDefault()
          const saved = await desk.save()
          if (saved === null || desk.id !== null) return
          leave?.()
          router.push(`/hookup?line=${saved}`)
        }}
      >
        <SaveLine label="Save the line" saving={desk.saving} dirty={desk.dirty}>
          {leave && (
            <Button
              variant="quiet"
              onClick={() => {
                desk.drop()
                leave()
              }}
            >
              Begin with another
            </Button>
          )}
          {desk.theirVersion !== null && (
            <Button variant="quiet" onClick={() => void desk.save(desk.theirVersion ?? undefined)}>
              Save mine over theirs
            </Button>
          )}
          {desk.dirty && desk.id !== null && (
            <Button variant="quiet" onClick={desk.drop}>
              Leave it as it was saved
            </Button>
          )}
        </SaveLine>
        {desk.saving.issues
          .filter(({ path }) => path !== '' && path !== 'name')
          .map(({ path, message }) => (
            <p key={path} className="issue" role="alert">
              {message}
            </p>
          ))}
      </form>
      <div className="line-two">
        <section aria-label="The line as a list">
          <h2>In the order of the gas</h2>
          <PartList check={shown} marks={marks} chosen={chosen?.part.id ?? null} choose={setChosen} />
        </section>
        <div>
          {chosen ? (
            <PartInspector
              key={`${chosen.part.id} ${chosen.part.applianceId ?? ''}`}
              one={chosen}
              graph={check.graph}
              world={world}
              edit={edit}
              findPart={() => searchField.current?.focus()}
            />
          ) : (
            <p className="hint">Choose a part in the drawing or in the list: what is known of it stands here.</p>
          )}
          <section aria-label="Findings" className="mt-3">
            <h2>What is to be said of it</h2>
            <LineFindings findings={shown.findings} />
          </section>
        </div>
      </div>
      {world.chosen && <PutLineAway id={world.chosen.id} version={world.chosen.version} name={world.chosen.name} />}
    </div>
  )
}
