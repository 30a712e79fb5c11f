import { expect } from 'chai';
import { ref } from 'vue';
import type { HearthRow } from './sections.ts';
import { useMarks } from './use-marks.ts';

const row = (key: string): HearthRow => ({ key }) as HearthRow;

describe('marks on the Hearth', () => {
  it('are set and taken away one by one, and keep the order of the lines', () => {
    const [a, b, c] = [row('a'), row('b'), row('c')];
    const { marked, toggle, isMarked } = useMarks(ref([a, b, c]));
    toggle(c);
    toggle(a);
    expect(marked.value.map((r) => r.key)).to.deep.equal(['a', 'c']);
    toggle(c);
    expect([isMarked(a), isMarked(c)]).to.deep.equal([true, false]);
  });
  it('show all again once none is left, so that the Hearth is never empty for no reason', () => {
    const a = row('a');
    const { only, toggle, toggleOnly, clear } = useMarks(ref([a]));
    toggle(a);
    toggleOnly();
    toggle(a);
    expect(only.value).to.equal(false);
    toggle(a);
    toggleOnly();
    clear();
    expect(only.value).to.equal(false);
  });
  it('are none of lines that are not there any more', () => {
    const rows = ref([row('a'), row('b')]);
    const { marked, toggle } = useMarks(rows);
    toggle(rows.value[0]!);
    rows.value = [rows.value[1]!];
    expect(marked.value).to.deep.equal([]);
  });
});
