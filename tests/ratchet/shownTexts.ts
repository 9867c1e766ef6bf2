import fs from 'node:fs'
import ts from 'typescript'

/** A template with its parts as one word each, so that a sentence is not torn at them. */
function templateText({ head, templateSpans }: ts.TemplateExpression): string {
  return [head.text, ...templateSpans.map(({ literal }) => `…${literal.text}`)].join('')
}

/** Texts that a file may show: string literals, templates, and text between tags; import paths are left out. */
export function shownTexts(file: string): string[] {
  const source = ts.createSourceFile(file, fs.readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return
    if (ts.isTemplateExpression(node)) {
      found.push(templateText(node))
      for (const { expression } of node.templateSpans) visit(expression)
      return
    }
    if (ts.isStringLiteralLike(node) || ts.isJsxText(node)) found.push(node.text)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}
