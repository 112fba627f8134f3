import type { Plugin } from 'vite';

/** What is built, once more as gzip and brotli, beside each file. */
export function compressed(): Plugin;
