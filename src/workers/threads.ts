// The bundler finds a worker only by its address written out.

export const shelterThread = (): Worker => new Worker(new URL('./heat.worker.ts', import.meta.url), { type: 'module' })

export const runThread = (): Worker => new Worker(new URL('./run.worker.ts', import.meta.url), { type: 'module' })
