'use client'

import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import { archiveCylinderAction } from '@/actions/cylinders'
import { useSave } from '@/ui/state/useSave'

/** Archives a cylinder; its history stays. */
export function ArchiveButton({ id, version }: { id: string; version: number }) {
  const router = useRouter()
  const { save, saving } = useSave(archiveCylinderAction)
  return (
    <section className="mt-4">
      <h2>Put it away</h2>
      <p className="hint">For a cylinder that was sold, scrapped or given away. Its weighings stay in the records.</p>
      <Button
        variant="quiet"
        disabled={saving.state === 'saving'}
        onClick={async () => {
          if (await save({ id, version })) router.push('/cylinders')
        }}
      >
        Put it away
      </Button>
      {saving.issues.map(({ message }) => (
        <p key={message} className="issue" role="alert">
          {message}
        </p>
      ))}
    </section>
  )
}
