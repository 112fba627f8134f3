import type { Plugin } from 'vite';

/** Pages of the docs as built files: `import address from '../docs/page.md?page'`. */
export function docsPage(): Plugin;
