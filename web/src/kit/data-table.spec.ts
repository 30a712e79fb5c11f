import { expect } from 'chai';
import { csvOf, orderOf, type DataColumn } from './data-table.ts';

interface Row {
  readonly name: string;
  readonly n: number | null;
}
const columns: readonly DataColumn<Row>[] = [
  { key: 'name', title: 'Name', text: (r) => r.name },
  { key: 'n', title: 'How many', text: (r) => `${r.n} tips`, sort: (r) => r.n },
  { key: 'act', title: '' },
];

describe('a table', () => {
  it('is sorted by value, not by what stands there: nine before ten, and nothing before all', () => {
    const rows = [10, 9, null, 100].map((n) => ({ name: '', n }));
    expect([...rows].sort(orderOf((r: Row) => r.n)).map((r) => r.n)).to.deep.equal([null, 9, 10, 100]);
    expect(['Ö', 'a', 'z'].sort(orderOf((x: string) => x))).to.deep.equal(['a', 'Ö', 'z']);
  });
  it('is taken along as CSV: values, quoted where it must be, and nothing that is run when opened', async () => {
    const said = await csvOf(columns, [
      { name: 'Mill, sunny', n: 3 },
      { name: '=1+1', n: null },
    ]);
    expect(said).to.equal('Name,How many\n"Mill, sunny",3\n"\'=1+1",');
  });
});
