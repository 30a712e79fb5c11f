import { testServer } from './test-server.ts';

after(async () => {
  await (await testServer()).close();
});
