import type { NextConfig } from 'next'

const securityHeaders = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'Referrer-Policy', value: 'same-origin' },
  { key: 'Permissions-Policy', value: 'camera=(), microphone=(), geolocation=()' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
]

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  serverExternalPackages: ['better-sqlite3'],
  // Types and lint are steps of their own in `npm test`.
  typescript: { ignoreBuildErrors: true },
  sassOptions: {
    quietDeps: true,
    silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
  },
  experimental: {
    serverActions: { bodySizeLimit: '1mb' },
    // Exports and backups come whole; every other route reads no further than it must.
    proxyClientMaxBodySize: '66mb',
  },
  // Browsers ask for it unasked, whatever icon the page names.
  rewrites: async () => [{ source: '/favicon.ico', destination: '/icon.svg' }],
  headers: async () => [{ source: '/(.*)', headers: securityHeaders }],
}

export default config
