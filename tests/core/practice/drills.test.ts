import { debrief } from '@/core/practice/drills/debrief'
import { benchOf, drillIds, drills, drillState, playAction, startDrill } from '@/core/practice/drills/drills'
import { sampleRigs } from '@/core/practice/rig/sampleRigs'
import { faultKey } from '@/core/practice/faults/faults'
import { playWell } from './playDrill'

const seeds = [1, 2, 3, 4, 5, 6, 7, 8]

it('has at least 20 drills, over all of the work', () => {
  expect(drillIds.length).toBeGreaterThanOrEqual(20)
  const stations = new Set(drillIds.map((id) => drills[id].station))
  expect([...stations].toSorted()).toEqual(['cylinders', 'fill', 'heat', 'hookup', 'leak-test', 'run', 'trip'])
})

describe.each(drillIds)('%s', (id) => {
  it('comes to a good end when it is played as the sheet or the repair says', () => {
    for (const seed of seeds) {
      const drill = startDrill(id, seed, sampleRigs.marigold)
      const bench = playWell(drill)
      const open = drillState(drill, bench).needs.filter(({ isMet }) => !isMet)
      expect({ seed, faults: drill.scene.faults.map(faultKey), bad: bench.badEnd, open }).toEqual({
        seed,
        faults: drill.scene.faults.map(faultKey),
        bad: null,
        open: [],
      })
    }
  })

  it('is the same for the same seed and differs between seeds', () => {
    const words = seeds.map((seed) => JSON.stringify(startDrill(id, seed, sampleRigs.marigold).scene))
    expect(JSON.stringify(startDrill(id, 3, sampleRigs.marigold).scene)).toBe(words[2])
    expect(new Set(words).size).toBeGreaterThan(1)
  })

  it('is not done before anything is done, and says what an expert does', () => {
    const drill = startDrill(id, 1, sampleRigs.marigold)
    expect(drillState(drill, benchOf(drill)).result).toBe('open')
    const ended = debrief(drill, playWell(drill))
    expect(ended.result).toBe('good')
    expect(ended.expert.length).toBeGreaterThan(0)
    expect(ended.missing).toEqual([])
  })

  it('ends badly by each of its bad choices', () => {
    const drill = startDrill(id, 1, sampleRigs.marigold)
    for (const { id: choice, bad } of drill.scene.choices) {
      const after = playAction(drill, benchOf(drill), { do: 'choose', id: choice })
      expect(after.badEnd).toBe(bad ?? null)
    }
  })
})

it('plays on a sample rig, and says so, where the owner’s cannot have the drill', () => {
  expect(startDrill('nothing-works', 1, null)).toMatchObject({ isOwnRig: false, rigName: 'Marigold' })
  expect(startDrill('grill-long-hose', 1, sampleRigs.van)).toMatchObject({ isOwnRig: false, rigName: 'Motorhome' })
  expect(startDrill('nothing-works', 1, sampleRigs.van)).toMatchObject({ isOwnRig: true, rigName: 'Van' })
})
