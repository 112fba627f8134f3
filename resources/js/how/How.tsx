import { Marked, Renderer } from 'marked';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import page from '../../../docs/computation.md?raw';
import { TopBar } from '../shared/TopBar';

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
const html = marked.parse(page, { async: false });

/** How the figures are computed: the page of the docs, as it ships. */
export function How() {
  const { hash } = useLocation();
  useEffect(() => {
    document.title = 'How it is worked out · Vinculum';
    const heading = hash === '' ? null : document.getElementById(hash.slice(1));
    heading?.scrollIntoView();
    heading?.focus({ preventScroll: true });
  }, [hash]);
  return (
    <>
      <TopBar />
      <main className="how">
        {/* our own text, built in: nothing a maker typed is in it */}
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: our own text */}
        <article className="panel" dangerouslySetInnerHTML={{ __html: html }} />
      </main>
    </>
  );
}
