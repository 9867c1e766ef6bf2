import fs from 'node:fs'
import ts from 'typescript'

/** Names of an earlier vocabulary that no declaration may use, with their replacements. */
export const oldNames: ReadonlyMap<string, string> = new Map([
  ['fallsToNothing', 'findRoot'],
  ['Around', 'StepEnvironment'],
  ['Held', 'StepStart'],
  ['hold', 'beginStep'],
  ['settle', 'commitStep'],
  ['alone', 'stepIdle'],
  ['allLiquid', 'boilToDryness'],
  ['ventVapour', 'drawVapor'],
  ['boilAt', 'interpolateSaturation'],
  ['boilTable', 'propaneSaturationTable'],
  ['Boiling', 'CylinderThermalState'],
  ['allVapourKg', 'saturatedVaporMassKg'],
  ['residueKg', 'unusableMassKg'],
  ['boilingZ', 'compressibilityFactor'],
  ['pressureOf', 'cylinderPressurePa'],
  ['seam', 'phaseBoundary'],
  ['cubicThrough', 'lagrangeCubic'],
  ['carriedOn', 'extrapolate'],
  ['studentFactor', 'tQuantile95'],
  ['settles', 'condensationRate'],
  ['naturalFlowM3S', 'ventilationFlowM3S'],
  ['peopleGive', 'occupantEmissions'],
  ['drawGas', 'stepCylinders'],
  ['sourceDraw', 'drawFromSource'],
  ['Wants', 'Demand'],
  ['Meeting', 'DemandContext'],
  ['applianceWants', 'demandModel'],
  ['Watch', 'OccupantState'],
  ['better', 'bestAlternative'],
  ['nothingSupposed', 'baselineScenario'],
  ['chanceOf', 'samplePerturbation'],
  ['RunChance', 'Perturbation'],
  ['tripSpread', 'monteCarlo'],
  ['under', 'quantile'],
  ['tripLeft', 'remainingTrip'],
  ['lessonOf', 'calibrateUsage'],
  ['notToldSince', 'unmeasuredSinceStart'],
  ['lastToldMs', 'lastMeasuredMs'],
  ['momentWords', 'formatTripTime'],
  ['acts', 'activities'],
  ['downTheLine', 'topologicalOrder'],
  ['ringOf', 'findCycle'],
  ['islands', 'unreachableParts'],
  ['portsVerdict', 'portCompatibility'],
  ['shelf', 'catalogueById'],
  ['turnAbout', 'rotate'],
  ['insideBy', 'penetrationM'],
  ['marginTo', 'clearanceTo'],
  ['KeepOff', 'RequiredClearances'],
  ['leastBeyond', 'minSeparationM'],
  ['tried', 'tryCalculation'],
  ['useKept', 'useSessionState'],
  ['useDrawing', 'useDocumentDraft'],
  ['rigAtHand', 'activeRig'],
  ['World', 'Archive or RigSnapshot'],
  ['world', 'archive, snapshot or data'],
  ['desk', 'editor'],
  ['proveRecords', 'validateRecords'],
  ['floors', 'layers'],
])

const british =
  /[vV]apour|[cC]olour|[lL]itre|[mM]etre[^d]|[tT]yre|[gG]rey|[bB]ehaviour|[nN]eighbour|[vV]aporis|[aA]luminium|[cC]entre/

/** Fields of the HTTP interface and of stored values, which keep their spelling. */
const storedNames = new Set(['vapourDensityKgM3', 'vaporisation', 'acts', 'under', 'tried', 'hold'])

/** Declared identifiers of a file that carry an old name or a British spelling. */
export function oldDeclarations(file: string): string[] {
  const source = ts.createSourceFile(file, fs.readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    const name = (node as Partial<ts.NamedDeclaration>).name
    const isDeclaration =
      ts.isFunctionDeclaration(node) ||
      ts.isVariableDeclaration(node) ||
      ts.isParameter(node) ||
      ts.isBindingElement(node) ||
      ts.isInterfaceDeclaration(node) ||
      ts.isTypeAliasDeclaration(node) ||
      ts.isClassDeclaration(node) ||
      ts.isPropertySignature(node) ||
      ts.isPropertyAssignment(node)
    const isField = ts.isPropertySignature(node) || ts.isPropertyAssignment(node) || ts.isBindingElement(node)
    if (isDeclaration && name && ts.isIdentifier(name) && !(isField && storedNames.has(name.text))) {
      if (oldNames.has(name.text) || british.test(name.text)) found.push(`${file}: ${name.text}`)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}
