// What is built, once more in the two ways a browser takes it compressed, so that whoever serves it compresses nothing.

import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const text = /\.(?:js|css|html|svg|json|txt)$/;
// smaller than this fits one packet as it is
const leastBytes = 1000;

export const compressed = () => ({
  name: 'compressed',
  apply: 'build',
  closeBundle() {
    const folder = 'public/build/assets';
    for (const name of readdirSync(folder)) {
      const file = join(folder, name);
      const bytes = text.test(name) ? readFileSync(file) : null;
      if (bytes === null || bytes.length < leastBytes) continue;
      writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
      writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }));
    }
  },
});
