import { openScreen, comeInAs, closeBrowser } from '/work/main/e2e/application.ts';
const URL = 'http://127.0.0.1:4555';
const s = await openScreen({});
await comeInAs(s, URL, 'Mirel');
await s.page.waitForTimeout(1500);
await s.page.screenshot({ path: '/tmp/shots/hearth.png' });
const stands = await s.page.evaluate(async () => {
  const session = await (await fetch('/api/session')).json();
  const g = session.groups[0].id;
  const h = await (await fetch(`/api/groups/${g}/hearth`)).json();
  return h.stands.map((x: any) => ({
    id: x.id,
    n: x.plantName.en,
    p: x.patchName,
    i: x.identity,
    o: h.outlooks
      .filter((o: any) => o.standId === x.id)
      .map((o: any) =>
        [
          o.part,
          o.allowance.kind,
          o.allowance.plants,
          o.allowance.perPlant,
          o.allowance.amount,
          o.allowance.amountLeft,
          o.allowance.plantsLeft,
          o.allowance.ceilings.find((c: any) => c.binding)?.kind,
        ].join(' '),
      ),
  }));
});
console.log(JSON.stringify(stands, null, 1));
const spruce = stands.find((x: any) => x.n === 'Norway spruce' && /Brack/.test(x.p));
await s.page.goto(`${URL}/stands/${spruce.id}`);
await s.page.waitForTimeout(1500);
await s.page.screenshot({ path: '/tmp/shots/stand.png' });
console.log(s.complaints);
await s.context.close();
await closeBrowser();
