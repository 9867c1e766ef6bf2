import fs from 'node:fs'
import ts from 'typescript'

/** Phrases of an earlier wording that screens should lose. Matched in text of TSX and in string literals. */
const phrases = [
  /what is to be said/i,
  /\bis to be [a-z]+ed\b/,
  /\breckon/i,
  /\bnobody knows\b/i,
  /\bat hand\b/i,
  /\bstands? (on|at|in)\b/,
  /\btold\b/,
  /\bwants? (a|an|to|turning|entering)\b/,
  /\btaken? in\b/i,
  /\bput(s|ting)? (it |this \w+ )?away\b/i,
  /\bmend(ed|s)?\b/i,
  /\bmore than nothing\b/,
  /\bless than nothing\b/,
  /\bvapour\b|\bcolour|\blitre|\btyre|\bgrey\b/i,
  /\bwould take it\b/,
  /\bleave it\b/i,
  /\btorch\b/i,
]

/** Forbidden phrases in the texts that a file may show. */
export function forbiddenPhrases(file: string): string[] {
  const source = ts.createSourceFile(file, fs.readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    const isText = ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node)
    if (isText || ts.isJsxText(node)) {
      for (const phrase of phrases) if (phrase.test(node.text)) found.push(`${file}: ${node.text.trim().slice(0, 80)}`)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}
