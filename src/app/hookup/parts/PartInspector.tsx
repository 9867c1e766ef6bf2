'use client'

import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { LineEdit } from '@/core/hookup/line/editLine'
import { changeoverSide, type GraphPart, type LineGraph } from '@/core/hookup/line/lineGraph'
import { partPlaces, type LinePart, type PartPlace } from '@/core/hookup/line/line'
import type { HookupPageData } from '@/app/hookup/hookupPageData'
import { JoinFields } from './JoinFields'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import { Linked, MadeDateField } from './partFields'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const placeLabels: Readonly<Record<PartPlace, string>> = {
  'not-known': 'not known yet',
  outside: 'outside, in the open',
  locker: 'in a locker vented outside',
  bay: 'in a closed bay, not vented',
  road: 'under the floor',
  inside: 'in the living space',
}

const knownLabels = [
  ['not-known', 'not known'],
  ['yes', 'yes'],
  ['no', 'no'],
] as const

/** What is known of the part that is chosen, and what is done with it. */
export function PartInspector({
  one,
  graph,
  data,
  edit,
  findPart,
}: {
  one: GraphPart
  graph: LineGraph
  data: HookupPageData
  edit: (...edits: LineEdit[]) => void
  findPart: () => void
}) {
  const { part, type, name } = one
  const { role } = type
  const change = (to: Partial<Omit<LinePart, 'id' | 'typeId'>>): void => edit({ do: 'change', id: part.id, to })
  const field = (key: string): string => `${key}-${part.id}`
  const { isRun, isSource, hasStem } = roleTraits[role]
  return (
    <section className="part-inspector" aria-label={`About ${name}`} key={part.id}>
      <h2>{name}</h2>
      {name !== type.name && <p className="hint mb-2">{type.name}</p>}
      <div className="fields">
        <div>
          <Form.Label htmlFor={field('name')}>{sharedLabels.whatYouCallIt}</Form.Label>
          <Form.Control
            id={field('name')}
            size="sm"
            value={part.name ?? ''}
            placeholder={type.name}
            maxLength={60}
            onChange={(event) => change({ name: event.target.value })}
          />
        </div>
        <Choice
          id={field('place')}
          label={hookupLabels.whereItSits}
          value={part.place}
          options={partPlaces.map((place) => [place, placeLabels[place]] as const)}
          set={(place) => change({ place: place as PartPlace })}
        />
        {isSource ? (
          <Linked
            id={field('cylinder')}
            label={hookupLabels.whichOfTheRigs}
            things={data.cylinders}
            value={part.cylinderId}
            set={(thing) =>
              change({
                cylinderId: thing?.id,
                holdsKg: thing?.holdsKg,
                ...(thing && !part.name && { name: thing.name }),
              })
            }
          />
        ) : null}
        {(role === 'cylinder' || role === 'tank') && (
          <Choice
            id={field('leased')}
            label="Whose it is"
            value={part.leased ? 'leased' : 'own'}
            options={[
              ['own', 'mine'],
              ['leased', 'leased or rented: its owner repairs it'],
            ]}
            set={(whose) => change({ leased: whose === 'leased' })}
          />
        )}
        {role === 'appliance' && (
          <Linked
            id={field('appliance')}
            label={hookupLabels.whichOfTheRigs}
            things={data.appliances}
            value={part.applianceId}
            set={(thing) =>
              change({
                applianceId: thing?.id,
                ...(thing?.inputW && { inputW: thing.inputW }),
                ...(thing && !part.name && { name: thing.name }),
              })
            }
          />
        )}
        {type.appliance && (
          <Measure
            key={`${part.applianceId} input`}
            label={sharedLabels.heatInput}
            role="power"
            value={part.inputW ?? type.appliance.inputW}
            set={(inputW) => change({ inputW })}
          />
        )}
        {isRun && (
          <Measure label={hookupLabels.length} role="run" value={one.lengthM} set={(lengthM) => change({ lengthM })} />
        )}
        {isRun && (
          <Measure
            label={sharedLabels.insideDiameter}
            role="bore"
            value={one.boreM}
            set={(boreM) => change({ boreM })}
          />
        )}
        {type.oldMonths && (
          <Linked
            id={field('equipment')}
            label="Its dates are kept under"
            things={data.equipment}
            value={part.equipmentId}
            set={(thing) => change({ equipmentId: thing?.id })}
          />
        )}
        {type.oldMonths && !part.equipmentId && (
          <MadeDateField part={part} latest={data.thisMonth} set={(madeMonth) => change({ madeMonth })} />
        )}
        {type.material === 'rubber' && (
          <Choice
            id={field('condition')}
            label="As it looks"
            value={part.condition ?? 'not-known'}
            options={[
              ['not-known', 'not looked at'],
              ['sound', 'sound'],
              ['bad', 'stiff, cracked, chafed or kinked'],
            ]}
            set={(condition) => change({ condition: condition as NonNullable<LinePart['condition']> })}
          />
        )}
        {type.regulator && type.gas === 'propane' && (
          <Choice
            id={field('vent')}
            label="Vent points down, covered"
            value={part.ventDown ?? 'not-known'}
            options={knownLabels}
            set={(ventDown) => change({ ventDown: ventDown as NonNullable<LinePart['ventDown']> })}
          />
        )}
        {type.regulator && (
          <Choice
            id={field('cover')}
            label={hookupLabels.coverAndScrewCap}
            value={part.cover ?? 'unread'}
            options={[
              ['unread', 'not looked at'],
              ['as-made', 'as they were made'],
              ['altered', 'altered or missing'],
            ]}
            set={(cover) => change({ cover: cover === 'unread' ? undefined : cover })}
          />
        )}
        {role === 'shut-off' && (
          <Choice
            id={field('fits')}
            label="Bracket, cover and hose still fit"
            value={part.stillFits ?? 'not-known'}
            options={knownLabels}
            set={(stillFits) => change({ stillFits: stillFits as NonNullable<LinePart['stillFits']> })}
          />
        )}
        {isRun && part.place === 'road' && (
          <Choice
            id={field('supported')}
            label="Clipped, sleeved, out of the road’s reach"
            value={part.supported ?? 'not-known'}
            options={knownLabels}
            set={(supported) => change({ supported: supported as NonNullable<LinePart['supported']> })}
          />
        )}
        {role === 'changeover' && (
          <Choice
            id={field('lever')}
            label="Takes its gas from"
            value={changeoverSide(one)}
            options={[
              ...(type.automatic ? ([['automatic', 'the primary, then the reserve by itself']] as const) : []),
              ['left', 'the left: the right is the reserve'],
              ['right', 'the right: the left is the reserve'],
              ['both', 'both, lever in the middle'],
            ]}
            set={(lever) => change({ lever: lever as NonNullable<LinePart['lever']> })}
          />
        )}
        {type.automatic && (
          <Choice
            id={field('flag')}
            label={hookupLabels.itsFlagShows}
            value={part.flag ?? 'unread'}
            options={[
              ['unread', 'not looked at'],
              ['green', 'green: pressure is there, maybe trapped'],
              ['red', 'red: the side to use first is empty'],
            ]}
            set={(flag) => change({ flag: flag === 'unread' ? undefined : flag })}
          />
        )}
        {hasStem && (
          <Choice
            id={field('setting')}
            label="Its valve stands"
            value={part.setting ?? 'open'}
            options={[
              ['open', 'open'],
              ['shut', 'shut'],
              ['between', 'in between'],
            ]}
            set={(setting) => change({ setting: setting as NonNullable<LinePart['setting']> })}
          />
        )}
      </div>
      <JoinFields one={one} graph={graph} edit={edit} />
      <div className="save-line">
        <Button size="sm" onClick={findPart}>
          Add a part after it
        </Button>
        <Button size="sm" variant="quiet" onClick={() => edit({ do: 'remove', id: part.id })}>
          {sharedLabels.takeItOut}
        </Button>
      </div>
    </section>
  )
}
