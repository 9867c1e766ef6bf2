'use client'

import { useEffect } from 'react'

const TONE_HZ = 880
const PULSES_HZ = 2.5
const LOUDNESS = 0.2

/**
 * Sounds a pulsing tone for as long as something is wrong: whoever fills looks at the valve, not at the screen.
 *
 * @param on - whether it sounds
 */
export function useAlarm(on: boolean): void {
  useEffect(() => {
    if (!on || typeof AudioContext === 'undefined') return
    const context = new AudioContext()
    const tone = context.createOscillator()
    const pulses = context.createOscillator()
    const gain = context.createGain()
    const depth = context.createGain()
    tone.frequency.value = TONE_HZ
    pulses.type = 'square'
    pulses.frequency.value = PULSES_HZ
    gain.gain.value = LOUDNESS / 2
    depth.gain.value = LOUDNESS / 2
    pulses.connect(depth).connect(gain.gain)
    tone.connect(gain).connect(context.destination)
    tone.start()
    pulses.start()
    return () => void context.close()
  }, [on])
}
