import * as odex from 'odex'

// The package ships its own TypeScript, which does not pass this project's strict checks; its types stand in odex.d.ts.
// It is an older kind of module: bare Node hands it over whole, a bundler by its names.
export const { Solver } = 'Solver' in odex ? odex : odex.default
