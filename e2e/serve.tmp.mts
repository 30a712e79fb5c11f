import { islandDatabase, startServer } from './application.ts';
const url = await islandDatabase('emberfield_e2e_look');
const s = await startServer(url, { EMBERFIELD_PORT: '4555', EMBERFIELD_DEMO: '1' });
console.log(s.url); setInterval(() => {}, 1e6);
