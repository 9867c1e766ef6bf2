import { Document, Page, Path, StyleSheet, Svg, Text, View } from '@react-pdf/renderer'
import { codePath, type DrawnCard } from '@/app/trips/card/tripCardOf'
import { formatPhrase } from '@/core/units/formatQuantity'
import { emergencies } from '@/ui/shell/emergencies'
import { plainText } from './pdfResponse'

const styles = StyleSheet.create({
  page: { paddingVertical: 28, paddingHorizontal: 32, fontFamily: 'Helvetica', color: '#000' },
  // The page never grows: what a very large rig has too much of is cut at its end, which is the small print.
  sheet: { height: 736, overflow: 'hidden' },
  head: { flexDirection: 'row', justifyContent: 'space-between', borderBottomWidth: 1.5, paddingBottom: 6 },
  title: { fontSize: 17, fontFamily: 'Helvetica-Bold', marginBottom: 3 },
  verdict: { fontSize: 11 },
  columns: { flexDirection: 'row', flexWrap: 'wrap', marginTop: 6 },
  block: { width: '50%', paddingRight: 12, marginBottom: 6 },
  small: { width: '100%', paddingRight: 0 },
  heading: { fontFamily: 'Helvetica-Bold', marginBottom: 2 },
  line: { marginBottom: 1.6 },
  // Above all else: where a large rig’s card does not fit, it is the end that is cut.
  emergency: { borderWidth: 1.5, padding: 6, marginTop: 8 },
})

/** Most lines of a block on the card; more are announced. */
const MAX_LINES = 14

/** Characters that fit on a page at each size. [by experiment] */
const sizes: readonly (readonly [letters: number, points: number])[] = [
  [2600, 9.4],
  [3600, 8.6],
  [5200, 7.6],
  [Infinity, 6.6],
]

function sizeFor(texts: readonly string[]): number {
  const letters = texts.reduce((sum, text) => sum + text.length, 0)
  return sizes.find(([most]) => letters <= most)?.[1] ?? 6.6
}

/** The trip card on one page, black on white. */
export function CardDocument({ head, blocks, system, code }: DrawnCard) {
  const fontSize = sizeFor(blocks.flatMap(({ lines }) => lines.map((phrase) => formatPhrase(phrase, system))))
  return (
    <Document title={plainText(`${head.rig} · ${head.trip}`)} producer="Gold Kettle" creator="Gold Kettle">
      <Page size="LETTER" style={styles.page}>
        <View style={[styles.sheet, { fontSize }]}>
          <View style={styles.head}>
            <View style={{ flexGrow: 1, flexShrink: 1 }}>
              <Text style={styles.title}>{plainText(`${head.rig} · ${head.trip}`)}</Text>
              <Text style={styles.verdict}>{plainText(`${head.when} · ${head.verdict}, ${head.made}`)}</Text>
            </View>
            <Svg viewBox={`0 0 ${code.size} ${code.size}`} style={{ width: 118, height: 118 }}>
              <Path d={codePath(code)} fill="#000" />
            </Svg>
          </View>
          <View style={styles.emergency}>
            <Text style={styles.heading}>Emergency: 911 in North America, 112 in Europe</Text>
            {emergencies.map(({ id, title, short }) => (
              <Text key={id} style={styles.line}>
                {plainText(`${title}: ${short}`)}
              </Text>
            ))}
          </View>
          <View style={styles.columns}>
            {blocks.map(({ title, lines, isSmall }) => (
              <View
                key={title}
                style={isSmall ? [styles.block, styles.small, { fontSize: fontSize - 1.4 }] : styles.block}
              >
                <Text style={styles.heading}>{plainText(title)}</Text>
                {lines.slice(0, MAX_LINES).map((phrase) => (
                  <Text key={phrase.text + JSON.stringify(phrase.parts)} style={styles.line}>
                    {plainText(`• ${formatPhrase(phrase, system)}`)}
                  </Text>
                ))}
                {lines.length > MAX_LINES && <Text>… and more, in the program.</Text>}
              </View>
            ))}
          </View>
        </View>
      </Page>
    </Document>
  )
}
