'use client'

import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import { archiveLineAction } from '@/actions/hookup'
import { useNotice } from '@/ui/UndoProvider'
import { useSave } from '@/ui/useSave'

/** Takes a line out of the lists; its tests and its history stay. */
export function PutLineAway({ id, version, name }: { id: string; version: number; name: string }) {
  const { save, issueAt } = useSave(archiveLineAction)
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
          router.push('/hookup')
        }}
      >
        Put this line away
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
