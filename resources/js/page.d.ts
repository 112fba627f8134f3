/** The address of a page of the docs, as HTML (bin/docs-page.mjs). */
declare module '*.md?page' {
  const address: string;
  export default address;
}
