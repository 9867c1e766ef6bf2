'use client'

import Link from 'next/link'
import { usePathname, useSearchParams } from 'next/navigation'

export interface PageTab {
  href: string
  label: string
}

/** Pages of one station or one thing, side by side; what is chosen in the address comes along. */
export function PageTabs({ tabs, label, keep }: { tabs: readonly PageTab[]; label: string; keep?: string }) {
  const here = usePathname()
  const kept = useSearchParams().get(keep ?? '')
  return (
    <nav className="page-tabs" aria-label={label}>
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
