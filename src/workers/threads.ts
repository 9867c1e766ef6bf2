// The bundler finds a worker only by its address written out.

export const createHeatWorker = (): Worker =>
  new Worker(new URL('./heat.worker.ts', import.meta.url), { type: 'module' })

export const createRunWorker = (): Worker => new Worker(new URL('./run.worker.ts', import.meta.url), { type: 'module' })

export const createPracticeWorker = (): Worker =>
  new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module' })
