import * as odex from 'odex'

// The package ships TypeScript that fails this project's strict checks; its types are in odex.d.ts.
// It is CommonJS: Node puts the exports on the default export, a bundler on the namespace.
export const { Solver } = 'Solver' in odex ? odex : odex.default
