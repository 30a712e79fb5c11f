import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import { parse } from 'vue/compiler-sfc';

const ROOT = join(import.meta.dirname, '..');
const components = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.vue'));

/** Attributes that are read or heard. */
const SAID = new Set([
  'title',
  'label',
  'placeholder',
  'alt',
  'aria-label',
  'ok-text',
  'cancel-text',
  'text',
  'description',
]);
/** What needs no language: signs, the letter of a key, the name of the house, and what a code looks like. */
const NO_WORDS = /^[^\p{L}]*$|^[a-z]$|^Emberfield$|^abcd-efgh-jkmn-pqrs$/u;

interface Node {
  readonly type: number;
  readonly content?: unknown;
  readonly children?: readonly Node[];
  readonly props?: readonly {
    readonly type: number;
    readonly name: string;
    readonly value?: { readonly content: string };
  }[];
}

function saidIn(node: Node): readonly string[] {
  const TEXT = 2;
  const ATTRIBUTE = 6;
  const own = node.type === TEXT && typeof node.content === 'string' ? [node.content.trim()] : [];
  const attributes = (node.props ?? []).flatMap((p) =>
    p.type === ATTRIBUTE && SAID.has(p.name) && p.value ? [p.value.content.trim()] : [],
  );
  return [...own, ...attributes, ...(node.children ?? []).flatMap(saidIn)].filter((s) => !NO_WORDS.test(s));
}

const saidInTemplate = (component: string): readonly string[] => {
  const root = parse(component).descriptor.template?.ast;
  return root ? saidIn(root as unknown as Node) : [];
};

describe('what the screens say', () => {
  it('finds words that stand in a template', () => {
    const found = saidInTemplate('<template><p title="Go on">Take it <b>{{ x }}</b> · 5 %</p></template>');
    expect(found).to.deep.equal(['Go on', 'Take it']);
  });
  it('stands in the words and never in a component', () => {
    expect(components.length).to.be.above(100);
    const left = components.flatMap((file) =>
      saidInTemplate(readFileSync(join(ROOT, file), 'utf8')).map((said) => `${file}: ${said}`),
    );
    expect(left).to.deep.equal([]);
  });
});
