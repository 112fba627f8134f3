import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import page from '../../../docs/computation.md?page';
import { TopBar } from '../shared/TopBar';

/** How the figures are computed: the page of the docs, as it ships. */
export function How() {
  const { hash } = useLocation();
  const text = useQuery({
    queryKey: ['how'],
    queryFn: async ({ signal }) => {
      const answer = await fetch(page, { signal });
      if (!answer.ok) throw new Error('The page could not be read. Is the server on?');
      return answer.text();
    },
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    document.title = 'How it is worked out · Vinculum';
  }, []);
  // it is there only once it has come
  useEffect(() => {
    if (!text.isSuccess) return;
    const heading = hash === '' ? null : document.getElementById(hash.slice(1));
    heading?.scrollIntoView();
    heading?.focus({ preventScroll: true });
  }, [hash, text.isSuccess]);
  return (
    <>
      <TopBar />
      <main className="how">
        {/* our own text, built in: nothing a maker typed is in it */}
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: our own text */}
        {text.isSuccess && <article className="panel" dangerouslySetInnerHTML={{ __html: text.data }} />}
        {text.isError && <p role="alert">{text.error.message}</p>}
      </main>
    </>
  );
}
