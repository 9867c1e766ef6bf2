import NextLink from 'next/link'
import type { ComponentProps } from 'react'

/**
 * A link to another page, which is fetched when it is asked for: every page is made of the records as they stand then,
 * so fetching its shell ahead is work for nothing.
 */
export function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />
}
