import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import { useNotice } from '@/ui/state/UndoProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Takes the file that is shown, or leaves it. */
export function ImportActions({
  label,
  done,
  upload: { take, leave, busy },
}: {
  label: string
  /** Said when it was taken. */
  done: string
  upload: { take: () => Promise<boolean>; leave: () => void; busy: boolean }
}) {
  const say = useNotice()
  const router = useRouter()
  return (
    <div className="save-line">
      <Button
        disabled={busy}
        onClick={async () => {
          if (!(await take())) return
          say({ done })
          router.refresh()
        }}
      >
        {label}
      </Button>
      <Button variant="quiet" onClick={leave}>
        {sharedLabels.leaveIt}
      </Button>
    </div>
  )
}
