import { freshDatabase, loadDemo, startServer } from '/work/main/e2e/application.ts';
const url = await freshDatabase('emberfield_look');
await loadDemo(url);
const s = await startServer(url, { EMBERFIELD_PORT: '4555', EMBERFIELD_DEMO: '1' });
console.log('READY', s.url);
process.on('SIGTERM', async () => {
  await s.stop();
  process.exit(0);
});
setInterval(() => {}, 1e6);
