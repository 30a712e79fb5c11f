import { MANIFEST, SUMS, type Manifest } from './format.ts';

/** What somebody reads who opens the archive without Emberfield, in ten years. */
export const readMe = ({
  name,
  madeAt,
  rows,
}: Manifest): string => `Everything that the group "${name}" entered in Emberfield, as it was at ${madeAt}.

${MANIFEST.padEnd(14)}  what this is: format, version, group, rows of each table
data/           every table as JSON, to be read back
csv/            the same tables for spreadsheets (a cell that would be taken for a formula has an apostrophe before it)
photos/         the pictures, by the ids in data/photo.json, in two sizes
${SUMS.padEnd(14)}  the SHA-256 digest of every other file: "sha256sum -c ${SUMS}" checks them

It holds the exact positions of all places, the secret ones too. Keep it as you would keep them.
It holds no passwords and no links. Not in it: who is signed in, invitations, calendar addresses, files that wait to be stored.

Back into Emberfield:  npm run restore -- FILE
As a group of its own beside one that is there:  npm run restore -- FILE --as "Another name"

${Object.entries(rows)
  .map(([table, n]) => `${table.padEnd(16)}${n}`)
  .join('\n')}
`;
