'use client'

import type { Connection } from '@xyflow/react'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useMemo, useRef, useState } from 'react'
import { archiveLineAction } from '@/actions/hookup'
import { LineDiagram } from '@/app/hookup/diagram/LineDiagram'
import { PartInspector } from '@/app/hookup/parts/PartInspector'
import { PartList } from '@/app/hookup/parts/PartList'
import { PartsTray } from '@/app/hookup/parts/PartsTray'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { type PartType } from '@/core/hookup/catalogue/partType'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import type { LineEdit } from '@/core/hookup/line/editLine'
import type { Line } from '@/core/hookup/line/line'
import { freePorts } from '@/core/hookup/line/lineGraph'
import { Behind, DrawingSave, DrawingTools, NameField } from '@/ui/fields/DrawingParts'
import { ArchiveButton } from '@/ui/shell/ArchiveButton'
import { newId } from '@/ui/state/newId'
import { useStableValue } from '@/ui/state/useSessionState'
import type { HookupPageData } from './hookupPageData'
import { LineFiles } from './LineFiles'
import { LineFindings } from './LineFindings'
import { partsWithoutPlace } from '@/core/hookup/checks/placeFindings'
import { PlaceAll } from './PlaceAll'
import { LinePicker } from './LinePicker'
import { marksOf } from './marksOf'
import { useCheck, useLine } from './useLine'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Takes a line out of the lists; its tests and its history stay. */
function ArchiveLineButton(props: { id: string; version: number; name: string }) {
  return <ArchiveButton {...props} what="line" home="/hookup" archive={archiveLineAction} />
}

/** Line editor with immediate checks. */
export function LineBench({
  data,
  begin,
  leave,
}: {
  data: HookupPageData
  begin: { name: string; line: Line }
  /** Of a new line: lets go of what it began from. */
  leave?: () => void
}) {
  const editor = useLine(data, begin)
  const check = useCheck(editor, data)
  // What is typed shows at once; drawing, list and findings of a long line come a moment later.
  const shown = useDeferredValue(check)
  const unplaced = useMemo(() => partsWithoutPlace(shown), [shown])
  const marks = useMemo(() => marksOf(shown), [shown])
  const router = useRouter()
  const searchField = useRef<HTMLInputElement>(null)
  const ofJoint = check.graph.joints.find(({ joint }) => joint.id === data.about)
  const [asked, setChosen] = useState<string | null>(ofJoint?.to.part.id ?? data.about)
  const chosen = asked === null ? undefined : check.graph.byId.get(asked)

  const ownTypes = useMemo(() => [...data.ownTypes, ...editor.line.types], [data.ownTypes, editor.line.types])
  const add = useStableValue((type: PartType, after: string | null): void => {
    const id = newId(type.role)
    // A source starts a line and has no part before it.
    editor.edit({ do: 'add', type, id, after: roleTraits[type.role].isSource ? null : after })
    setChosen(id)
  })
  const edit = (...edits: LineEdit[]): void => editor.edit(...edits)
  const join = useStableValue(({ source, target, sourceHandle, targetHandle }: Connection): void => {
    if (!sourceHandle || !targetHandle || source === target) return
    const id = newId('joint')
    edit({
      do: 'join',
      id,
      from: { partId: source, portId: sourceHandle },
      to: { partId: target, portId: targetHandle },
    })
  })
  const dropOn = useStableValue((typeId: string, after: string | null): void => {
    const type = [...catalogue, ...ownTypes].find(({ id }) => id === typeId)
    if (type) add(type, after)
  })
  const ends = useMemo(() => (chosen ? freePorts(chosen).filter(({ way }) => way !== 'in') : []), [chosen])
  const addAfterChosen = useStableValue((type: PartType): void => add(type, chosen?.part.id ?? null))
  return (
    <div className="line-bench">
      <div className="line-head">
        <LinePicker lines={data.lines} chosenId={data.chosen?.id ?? null} mayAdd />
        <NameField id="line-name" label={hookupLabels.nameOfTheLine} drawing={editor} />
        <div className="line-tools">
          <DrawingTools drawing={editor} />
          <LineFiles editor={editor} check={check} />
        </div>
      </div>
      <Behind drawing={editor} what="line" />
      <LineDiagram check={shown} chosen={chosen?.part.id ?? null} choose={setChosen} join={join} dropOn={dropOn} />
      <PartsTray
        ownTypes={ownTypes}
        after={chosen?.name ?? null}
        ends={ends}
        add={addAfterChosen}
        searchField={searchField}
      />
      <form
        noValidate
        onSubmit={async (event) => {
          event.preventDefault()
          const saved = await editor.save()
          if (saved === null || editor.id !== null) return
          leave?.()
          router.push(`/hookup?line=${saved}`)
        }}
      >
        <DrawingSave label={hookupLabels.saveTheLine} drawing={editor} {...(leave && { leave })} />
      </form>
      <div className="line-two">
        <section aria-label="The line as a list">
          <h2>In the order of the gas</h2>
          <PartList check={shown} marks={marks} chosen={chosen?.part.id ?? null} choose={setChosen} />
        </section>
        <div>
          <PlaceAll parts={unplaced} edit={edit} />
          {chosen ? (
            <PartInspector
              key={`${chosen.part.id} ${chosen.part.applianceId ?? ''}`}
              one={chosen}
              graph={check.graph}
              data={data}
              edit={edit}
              findPart={() => searchField.current?.focus()}
            />
          ) : (
            <p className="hint">Choose a part in the drawing or in the list: what is known of it stands here.</p>
          )}
          <section aria-label={sharedLabels.findings} className="mt-3">
            <h2>What is to be said of it</h2>
            <LineFindings findings={shown.findings} />
          </section>
        </div>
      </div>
      {data.chosen && <ArchiveLineButton id={data.chosen.id} version={data.chosen.version} name={data.chosen.name} />}
    </div>
  )
}
