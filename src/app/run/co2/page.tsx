import { AssumedPlace } from '@/app/shared/AssumedPlace'
import { siteConditions } from '@/core/run/siteConditions'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { roomVolumeM3 } from '@/core/heat/room/roomGeometry'
import { Co2Bench } from './Co2Bench'

export const metadata: Metadata = { title: 'CO2 in use' }

export default function Co2Page() {
  const { rig, trip } = runPageData()
  const [room] = loadRigSnapshot().heat.rooms
  return (
    <>
      <AssumedPlace />
      <Co2Bench
        cylinders={rig.cylinders.filter(({ kind }) => kindFacts[kind].gas === 'co2')}
        altitudeM={siteConditions(trip?.plan).altitudeM}
        roomM3={room ? roomVolumeM3(room.shelter.room) : null}
      />
    </>
  )
}
