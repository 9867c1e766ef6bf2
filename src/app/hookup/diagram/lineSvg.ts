import type { LineCheck } from '@/core/hookup/checks/checkLine'
import type { Zone } from '@/core/hookup/catalogue/zone'
import type { BoxPosition } from '@/workers/placeDiagram'
import { BOX } from './usePlaces'

const escape = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign)

/** Width and dashes of a zone's stroke: readable in black on white too. */
const strokes: Readonly<Record<Zone, string>> = {
  cylinder: 'stroke-width="7"',
  'co2-cylinder': 'stroke-width="7"',
  intermediate: 'stroke-width="4" stroke-dasharray="9 5"',
  low: 'stroke-width="2.5"',
  'co2-low': 'stroke-width="2.5"',
}

/** A name in lines of about sixteen letters, three at most. */
function wrapped(name: string): string[] {
  const rows: string[] = []
  for (const word of name.split(' ')) {
    const last = rows.at(-1)
    if (last !== undefined && `${last} ${word}`.length <= 16) rows[rows.length - 1] = `${last} ${word}`
    else rows.push(word)
  }
  return rows.slice(0, 4)
}

/**
 * The line as a drawing on its own, black on white.
 *
 * @param title - name of the line
 * @param check - of the line
 * @param places - of its parts
 */
export function lineSvg(
  title: string,
  { graph, zones }: LineCheck,
  places: Readonly<Record<string, BoxPosition>>,
): string {
  const at = (id: string): BoxPosition => places[id] ?? { x: 0, y: 0 }
  const widthPx = Math.max(200, ...graph.parts.map(({ part }) => at(part.id).x + BOX.widthPx)) + 20
  const heightPx = Math.max(80, ...graph.parts.map(({ part }) => at(part.id).y + BOX.heightPx)) + 50
  const joints = graph.joints.map(({ from, to }) => {
    const zone = zones.get(from.part.id)?.outlet
    const [a, b] = [at(from.part.id), at(to.part.id)]
    const [x1, y1, x2, y2] = [a.x + BOX.widthPx, a.y + BOX.heightPx / 2, b.x, b.y + BOX.heightPx / 2]
    const middle = (x1 + x2) / 2
    return `<path d="M${x1} ${y1}C${middle} ${y1} ${middle} ${y2} ${x2} ${y2}" fill="none" stroke="#000" ${zone ? strokes[zone] : 'stroke-width="1"'}/>`
  })
  const boxes = graph.parts.map(({ part, name }) => {
    const { x, y } = at(part.id)
    const rows = wrapped(name).map(
      (row, i) => `<text x="${x + BOX.widthPx / 2}" y="${y + 24 + i * 15}" text-anchor="middle">${escape(row)}</text>`,
    )
    return `<rect x="${x}" y="${y}" width="${BOX.widthPx}" height="${BOX.heightPx}" rx="10" fill="#fff" stroke="#000" stroke-width="1.500"/>${rows.join('')}`
  })
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-10 -40 ${widthPx} ${heightPx}" font-family="sans-serif" font-size="12">`,
    `<title>${escape(title)}</title>`,
    `<text x="0" y="-18" font-size="18">${escape(title)}</text>`,
    ...joints,
    ...boxes,
    '</svg>',
    '',
  ].join('\n')
}
