import { openScreen, comeInAs, closeBrowser } from './application.ts';
const URL = 'http://127.0.0.1:4555';
const s = await openScreen({});
await comeInAs(s, URL, 'Mirel');
console.log(
  await s.page.evaluate(async () => {
    const session = await (await fetch('/api/session')).json();
    const g = session.groups[0].id;
    const h = await (await fetch(`/api/groups/${g}/hearth`)).json();
    const sp = h.stands.find((x: any) => x.plantName.en === 'Norway spruce');
    const v = await (await fetch(`/api/groups/${g}/stands/${sp.id}`)).json();
    return JSON.stringify([v.counts, v.outlooks[0].allowance], null, 1);
  }),
);
await s.context.close();
await closeBrowser();
