'use client'

import { useHotkeys } from 'react-hotkeys-hook'

/**
 * The keys that take a reading: `c` on the page, Alt and `c` from within a field.
 *
 * @param take - puts the reading into the field in focus
 * @param reading - the keys are set anew with each
 */
export function useCaptureKeys(take: () => void, reading: unknown): void {
  useHotkeys('c', take, [reading])
  useHotkeys('alt+c', take, { enableOnFormTags: true, preventDefault: true }, [reading])
}
