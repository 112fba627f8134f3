// A page of the docs as HTML, for Vite: `import url from '../../docs/page.md?page'` is the address of a built file.

import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { Marked, Renderer } from 'marked';

// Each heading ends in the anchor its figures link to: "## pH {#ph}".
const marked = new Marked({
  renderer: {
    heading({ tokens, depth }) {
      const html = this.parser.parseInline(tokens);
      const anchor = /\s*\{#([a-z-]+)\}$/.exec(html);
      return `<h${depth}${anchor ? ` id="${anchor[1]}" tabindex="-1"` : ''}>${html.replace(/\s*\{#[a-z-]+\}$/, '')}</h${depth}>`;
    },
    // a wide table scrolls by itself, so it has to be reached with the keyboard
    table(token) {
      const table = Renderer.prototype.table.call(this, token);
      return `<div class="wide-table" role="group" aria-label="table" tabindex="0">${table}</div>`;
    },
  },
});

const suffix = '?page';

export const docsPage = () => ({
  name: 'docs-page',
  enforce: 'pre',
  resolveId(source, importer) {
    return source.endsWith(`.md${suffix}`) ? resolve(importer ?? '.', '..', source) : null;
  },
  load(id) {
    if (!id.endsWith(`.md${suffix}`)) return null;
    const file = id.slice(0, -suffix.length);
    this.addWatchFile(file);
    const page = this.emitFile({
      type: 'asset',
      name: 'how.html',
      source: marked.parse(readFileSync(file, 'utf8'), { async: false }),
    });
    return `export default import.meta.ROLLUP_FILE_URL_${page};`;
  },
});
