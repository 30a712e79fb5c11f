import { openScreen, comeInAs, closeBrowser } from './application.ts';
const URL = 'http://127.0.0.1:4555';
const pick = process.argv.slice(2);
for (const [tag, opts] of [
  ['desk', {}],
  ['night', { night: true }],
  ['phone', { phone: true }],
] as const) {
  const s = await openScreen(opts);
  await comeInAs(s, URL, 'Tavi');
  const stands = await s.page.evaluate(async () => {
    const session = await (await fetch('/api/session')).json();
    const g = session.groups[0].id;
    return (await (await fetch(`/api/groups/${g}/hearth`)).json()).stands.map((x: any) => [x.id, x.plantName.en]);
  });
  const of = (n: string) => stands.find((x: any) => x[1] === n)[0];
  for (const [name, path] of [
    ['hearth', '/hearth'],
    ['stand', `/stands/${of('Norway spruce')}`],
    ['visit', `/stands/${of('Ramsons')}/visit`],
    ['identify', `/stands/${of('Ramsons')}/identify`],
    ['new', '/patches/new'],
  ] as const) {
    if (pick.length && !pick.includes(`${tag}-${name}`)) continue;
    await s.page.goto(URL + path);
    await s.page.waitForTimeout(1600);
    await s.page.screenshot({ path: `/tmp/shots/${tag}-${name}.png`, fullPage: name !== 'hearth' && name !== 'stand' });
  }
  if (s.complaints.length) console.log(tag, s.complaints);
  await s.context.close();
}
await closeBrowser();
