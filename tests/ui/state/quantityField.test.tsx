/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react'
import fc from 'fast-check'
import { CaptureProvider } from '@/ui/instruments/CaptureProvider'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity, shownText } from '@/ui/fields/typedQuantity'
import { useSessionState } from '@/ui/state/useSessionState'
import { UnitsSwitch } from '@/ui/state/UnitsProvider'
import { displayRoles } from '@/core/units/displayRoles'
import { displayedIn } from '@/ui/figures/axis'
import type { DisplayRole } from '@/core/base/quantity'
import { providers } from './providers'

function Weight() {
  const [gross, setGross] = useSessionState('weight', nothingTyped)
  return (
    <>
      <UnitsSwitch />
      <QuantityField label="Weight" role="cylinderMass" typed={gross} onTyped={setGross} />
      <output>{readQuantity(gross, 'cylinderMass').value ?? 'nothing'}</output>
    </>
  )
}

const field = () => screen.getByLabelText<HTMLInputElement>('Weight')
const type = (text: string) => fireEvent.change(field(), { target: { value: text } })
const turn = () => fireEvent.click(screen.getByRole('button', { name: /^Units/ }))

beforeEach(() => {
  sessionStorage.clear()
  const Providers = providers()
  render(
    <Providers>
      <CaptureProvider>
        <Weight />
      </CaptureProvider>
    </Providers>,
  )
})

const output = () => Number(document.querySelector('output')?.textContent)

test('the units are switched there and back: the number turns with them, and what was typed stands there again', () => {
  type('31 lb 6 oz')
  const kg = output()
  expect(kg).toBeCloseTo(31.375 * 0.45359237, 9)
  turn()
  expect(Number(field().value)).toBeCloseTo(14.231, 3)
  expect(output()).toBe(kg)
  turn()
  expect(field().value).toBe('31 lb 6 oz')
  expect(output()).toBe(kg)
})

test('a bare number typed after the switch is in the unit that stands beside it', () => {
  type('31.4')
  turn()
  type('14')
  expect(output()).toBe(14)
  turn()
  expect(Number(field().value)).toBeCloseTo(30.86, 9)
  expect(output()).toBe(14)
})

test('text that cannot be read stays as it is, with its sentence', () => {
  type('heavy')
  turn()
  expect(field().value).toBe('heavy')
  fireEvent.blur(field())
  expect(screen.getByRole('alert').textContent).toMatch(/number/)
  expect(output()).toBeNaN()
})

test('for every quantity: shown in the other system it still means the same, to what the field shows', () => {
  const roles = Object.keys(displayRoles) as DisplayRole[]
  fc.assert(
    fc.property(fc.constantFrom(...roles), fc.double({ min: 1, max: 300, noNaN: true }), (role, shown) => {
      const entered = { text: shown.toFixed(2), system: 'us' as const }
      const { value: si } = readQuantity(entered, role)
      if (si === null) return
      // What stands in the field has a step of its own: a number of few units is not compared.
      if (Math.abs(displayedIn({ value: si, role }, 'metric')) < 100) return
      const turned = { text: shownText(entered, role, 'metric'), system: 'metric' as const }
      expect(Math.abs((readQuantity(turned, role).value ?? NaN) / si - 1)).toBeLessThan(0.01)
      expect(shownText(entered, role, 'us')).toBe(entered.text)
    }),
  )
})
