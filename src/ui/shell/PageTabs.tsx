'use client'

import { Link } from './Link'
import { usePathname, useSearchParams } from 'next/navigation'
import { useEffect, useRef } from 'react'

export interface PageTab {
  href: string
  label: string
}

/** Tabs of one station or item; the query of the address is kept. */
export function PageTabs({ tabs, label, keep }: { tabs: readonly PageTab[]; label: string; keep?: string }) {
  const here = usePathname()
  const kept = useSearchParams().get(keep ?? '')
  const nav = useRef<HTMLElement>(null)

  // On a phone the row is longer than the screen: scroll the current tab into view.
  useEffect(() => {
    const current = nav.current?.querySelector<HTMLElement>('[aria-current]')
    if (nav.current && current) nav.current.scrollLeft = current.offsetLeft - nav.current.offsetLeft
  }, [here])
  return (
    <nav className="page-tabs" aria-label={label} ref={nav}>
      {tabs.map(({ href, label: name }) => (
        <Link
          key={href}
          href={keep && kept ? `${href}?${keep}=${encodeURIComponent(kept)}` : href}
          aria-current={here === href ? 'page' : undefined}
        >
          {name}
        </Link>
      ))}
    </nav>
  )
}
