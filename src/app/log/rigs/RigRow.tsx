'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { archiveRigAction, copyRigAction, renameRigAction, activateRigAction } from '@/actions/log'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** One rig: activate, rename, copy, export, archive. */
export function RigRow({
  rig: { id, name, version },
  isAtHand,
  isAway,
}: {
  rig: { id: string; name: string; version: number }
  isAtHand: boolean
  isAway: boolean
}) {
  const [typed, setTyped] = useState(name)
  const say = useNotice()
  const rename = useSave(renameRigAction)
  const take = useSave(activateRigAction)
  const copy = useSave(copyRigAction)
  const archive = useSave(archiveRigAction)
  const wrong = [rename, take, copy, archive].flatMap(({ saving }) => saving.issues.map(({ message }) => message))[0]
  return (
    <li className={isAtHand ? 'chosen' : ''}>
      <form
        noValidate
        className="in-a-row"
        onSubmit={async (event) => {
          event.preventDefault()
          if (await rename.save({ id, version, name: typed })) say({ done: `${name} is called ${typed.trim()}` })
        }}
      >
        <div>
          <Form.Label htmlFor={`rig ${id}`}>{isAtHand ? 'At hand' : sharedLabels.rig}</Form.Label>
          <Form.Control
            id={`rig ${id}`}
            value={typed}
            maxLength={60}
            onChange={(event) => setTyped(event.target.value)}
          />
        </div>
        <Button type="submit" variant="quiet" size="sm" disabled={typed.trim() === name}>
          {sharedLabels.rename}
        </Button>
        {!isAway && !isAtHand && (
          <Button size="sm" onClick={() => void take.save({ id })}>
            Take {name} to hand
          </Button>
        )}
        {!isAway && (
          <>
            <Button
              variant="quiet"
              size="sm"
              onClick={async () => {
                if (await copy.save({ id, name: `${name} 2`.slice(0, 60) })) say({ done: `${name} copied` })
              }}
            >
              Copy {name}
            </Button>
            <a className="btn btn-quiet btn-sm" href={`/api/v1/export/rig/${encodeURIComponent(id)}`} download>
              {name} as a file, for a friend
            </a>
          </>
        )}
        <Button
          variant="quiet"
          size="sm"
          onClick={async () => {
            if (await archive.save({ id, version, away: !isAway })) {
              say({ done: isAway ? `${name} is back` : `${name} put away` })
            }
          }}
        >
          {isAway ? `Take ${name} out again` : `Put ${name} away`}
        </Button>
      </form>
      {wrong && (
        <p className="issue" role="alert">
          {wrong}
        </p>
      )}
    </li>
  )
}
