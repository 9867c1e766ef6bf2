'use client'

import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave, type Answer } from '@/ui/state/useSave'

/** Takes a thing out of the lists; what happened to it stays. */
export function ArchiveButton({
  id,
  version,
  name,
  what,
  home,
  archive,
}: {
  id: string
  version: number
  name: string
  what: string
  home: string
  archive: (input: { id: string; version: number }) => Promise<Answer<null>>
}) {
  const { save, issueAt } = useSave(archive)
  const say = useNotice()
  const router = useRouter()
  return (
    <p className="mt-4">
      <Button
        variant="quiet"
        size="sm"
        onClick={async () => {
          if (!(await save({ id, version }))) return
          say({ done: `${name} put away` })
          router.push(home)
        }}
      >
        Put this {what} away
      </Button>
      {issueAt('') && (
        <span className="issue" role="alert">
          {' '}
          {issueAt('')}
        </span>
      )}
    </p>
  )
}
