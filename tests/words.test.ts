import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import ts from 'typescript';

interface Text {
  readonly file: string;
  readonly text: string;
}

interface Rule {
  readonly say: string;
  readonly never: readonly string[];
}

/** All that a source says in words: strings, templates with `#` for what is filled in, and what stands between tags. */
function textsIn(file: string, source: string): Text[] {
  const texts: Text[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    const said =
      ts.isStringLiteralLike(node) || ts.isJsxText(node)
        ? node.text
        : ts.isTemplateExpression(node)
          ? node.head.text + node.templateSpans.map(({ literal }) => `#${literal.text}`).join('')
          : '';
    const text = said.replaceAll(/\s+/g, ' ').trim();
    if (text !== '') texts.push({ file, text });
    ts.forEachChild(node, look);
  };
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  look(ts.createSourceFile(file, source, ts.ScriptTarget.Latest, false, kind));
  return texts;
}

/** The rows under `Said so` of the glossary. */
function rulesIn(glossary: string): Rule[] {
  const rows = glossary.slice(glossary.indexOf('## Said so')).split('\n');
  return rows
    .filter((row) => row.startsWith('|'))
    .slice(2)
    .map((row) => {
      const [say = '', never = ''] = row.split('|').slice(1, -1);
      return { say: say.trim(), never: never.split(';').map((each) => each.trim()) };
    });
}

const says = (text: string, words: string) => {
  const at = text.toLowerCase().indexOf(words.toLowerCase());
  if (at < 0) return false;
  const isLetter = (letter: string | undefined) => /[a-z]/i.test(letter ?? '');
  return !isLetter(text[at - 1]) && !isLetter(text[at + words.length]);
};

const broken = (texts: readonly Text[], { never }: Rule) =>
  texts.filter(({ text }) => text.includes(' ') && never.some((words) => says(text, words)));

describe('the texts of the pages', () => {
  const listed = execFileSync('git', ['ls-files', 'src'], { encoding: 'utf8' });
  const files = listed.split('\n').filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file));
  const texts = files.flatMap((file) => textsIn(file, readFileSync(file, 'utf8')));
  const rules = rulesIn(readFileSync('docs/glossary.md', 'utf8'));

  it('are found, and so are the rules', () => {
    expect(texts.length).toBeGreaterThan(5000);
    expect(rules.length).toBeGreaterThan(25);
  });

  it.each(rules.map((rule) => [rule.say, rule] as const))(
    'say %j, and none of what it stands for',
    (_, rule) => {
      expect(broken(texts, rule)).toEqual([]);
      expect(texts.some(({ text }) => says(text, rule.say))).toBe(true);
    },
  );

  it('are read from strings, templates and tags, across lines, and only as whole words', () => {
    const source = `
      const a = 'Nothing is reckoned here.';
      const b = \`\${n} heavy of \${mark}, a guess\`;
      const c = <p>By the
        sums alone</p>;
      import d from 'by the sums';`;
    const found = textsIn('a.tsx', source);
    expect(broken(found, { say: '', never: ['reckoned'] })).toHaveLength(1);
    expect(broken(found, { say: '', never: ['reckon'] })).toHaveLength(0);
    expect(broken(found, { say: '', never: ['heavy of #'] })).toHaveLength(1);
    expect(broken(found, { say: '', never: ['by the sums'] })).toHaveLength(1);
  });
});
