import { temporaryFile } from '@tests/records/temporary'
import { GET } from '@/app/photos/[id]/route'
import { addCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { addPhoto } from '@/records/repositories/photos'
import { addRig } from '@/records/repositories/rigs/rigs'

process.env.GOLD_KETTLE_DB = temporaryFile()
const ask = (id: string) => GET(new Request('http://127.0.0.1/'), { params: Promise.resolve({ id }) })

test('a photo has the type of its content; an unknown or outside id is 404', async () => {
  const records = database()
  addRig(records, 'Marigold', 'rig')
  const { id: cylinderId } = addCylinder(records, 'rig', {
    ...plainCylinder,
    name: 'Left',
    kind: 'removable',
    tareKg: 8,
    waterCapacityKg: 21.6,
  })
  const jpeg = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(64, 1)])
  const { id } = addPhoto(records, cylinderId, jpeg, '2026-11-24T10:00:00.000Z')
  const answer = await ask(id)
  expect(answer.headers.get('content-type')).toBe('image/jpeg')
  expect(Buffer.from(await answer.arrayBuffer()).equals(jpeg)).toBe(true)

  for (const wrong of ['nowhere', '../records.db', '..%2Frecords.db', '']) expect((await ask(wrong)).status).toBe(404)
  records.$client.exec('DELETE FROM photo_contents')
  expect((await ask(id)).status).toBe(404)
})
