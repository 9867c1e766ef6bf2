import NextLink from 'next/link'
import type { ComponentProps } from 'react'

/**
 * A link without prefetching: every page is rendered from the present records,
 * so prefetching its shell is wasted work.
 */
export function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />
}
