// What the QR code in a PNG says: jsQR (Apache-2.0) on what pngjs decodes. usage: node read-code.mjs file.png
import { readFileSync } from 'node:fs';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';

const { data, width, height } = PNG.sync.read(readFileSync(process.argv[2]));
const found = (jsQR.default ?? jsQR)(new Uint8ClampedArray(data), width, height);
process.stdout.write(found === null ? '' : found.data);
