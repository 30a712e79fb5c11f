// Makes core/src/population/loops-bytes.ts of core/loops/loops.ts. With --check it only says whether that is what it would make.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import asc from 'assemblyscript/asc';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const BYTES = join(ROOT, 'core', 'src', 'population', 'loops-bytes.ts');

let bytes = null;
const options = [
  '-O3',
  '--noAssert',
  '--runtime',
  'stub',
  '--importMemory',
  '--enable',
  'simd',
  '--outFile',
  'loops.wasm',
];
const { error, stderr } = await asc.main(['loops.ts', '--baseDir', join(ROOT, 'core', 'loops'), ...options], {
  writeFile: (name, contents) => void (name === 'loops.wasm' && (bytes = contents)),
});
if (error || !bytes) throw new Error(`the loops do not compile:\n${stderr.toString()}`, { cause: error });

const lines = Buffer.from(bytes)
  .toString('base64')
  .match(/.{1,110}/g);
const made = `// Made by \`npm run loops\` from core/loops/loops.ts. Not edited by hand.
export const LOOPS_BYTES = [
${lines.map((line) => `  '${line}',`).join('\n')}
].join('');
`;
if (!process.argv.includes('--check')) writeFileSync(BYTES, made);
else if (readFileSync(BYTES, 'utf8') !== made)
  throw new Error('loops-bytes.ts is not what loops.ts compiles to: run `npm run loops`');
