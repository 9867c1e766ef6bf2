import { BenchPicker } from '@/ui/shell/BenchPicker'

/** Line picker. */
export function LinePicker({
  lines,
  chosenId,
  mayAdd = false,
}: {
  lines: readonly { id: string; name: string }[]
  chosenId: string | null
  mayAdd?: boolean
}) {
  return <BenchPicker of="line" things={lines} chosenId={chosenId} addAt={mayAdd ? '/hookup' : null} />
}
