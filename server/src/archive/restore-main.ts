// Puts a group back from its archive into the database that DATABASE_URL names: called by scripts/restore.mjs.
import { parseArgs } from 'node:util';
import { connect } from '../platform/database/database.ts';
import { migrateDatabase } from '../platform/database/migrate.ts';
import { restoreArchive } from './operations/restore-archive.ts';

const {
  values,
  positionals: [file],
} = parseArgs({ options: { as: { type: 'string' } }, allowPositionals: true });
const connection = connect(process.env['DATABASE_URL']!);
try {
  await migrateDatabase(connection);
  const { name, rows, photos, withoutPicture, people } = await restoreArchive(connection.db, file!, {
    as: values.as?.trim() || null,
    now: new Date(),
  });
  const say = (text: string): unknown => process.stdout.write(`${text}\n`);
  say(`Restored the group "${name}": ${rows} rows, ${photos} of them photos.`);
  if (withoutPicture > 0) say(`${withoutPicture} photos had no picture in the archive and were left out.`);
  for (const p of people.filter((x) => x.renamed))
    say(`${p.name} signs in as "${p.signInName}" here: another person has the name in the archive.`);
  for (const p of people)
    if (p.token !== null)
      say(`${p.name} ("${p.signInName}") chooses a password, once, within a day, at: /reset/${p.token}`);
  if (people.some((p) => p.isNew && p.token === null))
    say('The others come in by links that a keeper makes under Group, People.');
} catch (error) {
  process.stderr.write(`\nNot restored: ${(error as Error).message}.\n`);
  process.exitCode = 1;
}
await connection.close();
