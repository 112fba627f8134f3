import type { Failure } from './generated/documents';

/** An answer that is a reason: what happened, in words for the maker, and which fields it is about. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly failure: Failure,
  ) {
    super(failure.error.message);
  }
}

/** The server did not answer at all, or not in time. */
export class NoAnswer extends Error {
  constructor(isLate = false) {
    super(
      isLate
        ? `No answer from Vinculum in ${patienceMs / 1000} seconds. It is tried again.`
        : 'No answer from Vinculum. Is it still running?',
    );
  }
}

const patienceMs = 20000;

/** What may be said besides: a signal to give up by, the revision that is changed, whether it may outlive the page. */
export interface Options {
  signal?: AbortSignal;
  revision?: number;
  keepalive?: boolean;
}

interface Asked extends Options {
  method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  body?: unknown;
  query?: Record<string, string | undefined>;
}

/** A part of an address. */
export const at = (part: string | number): string => encodeURIComponent(part);

/** Asks our own server. Called by the generated client, and by nothing else. */
export async function ask<Answer>(path: string, asked: Asked): Promise<Answer> {
  const { method, body, query, revision, signal, keepalive } = asked;
  const headers: Record<string, string> = { Accept: 'application/json' };
  if (method === 'POST' || method === 'PUT') headers['Content-Type'] = 'application/json';
  if (revision !== undefined) headers['If-Match'] = `"${revision}"`;
  const said = Object.entries(query ?? {}).filter((pair): pair is [string, string] => pair[1] !== undefined);
  const address = said.length === 0 ? path : `${path}?${new URLSearchParams(said)}`;
  let response: Response;
  const late = AbortSignal.timeout(patienceMs);
  try {
    response = await fetch(address, {
      method,
      headers,
      signal: signal === undefined ? late : AbortSignal.any([signal, late]),
      keepalive,
      body: method === 'POST' || method === 'PUT' ? JSON.stringify(body ?? {}) : undefined,
    });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError' && !late.aborted) throw error;
    throw new NoAnswer(late.aborted);
  }
  if (response.status === 204) return undefined as Answer;
  const answer = await response.json().catch(() => {
    throw new NoAnswer();
  });
  if (!response.ok) throw new Refusal(response.status, answer as Failure);
  return answer as Answer;
}
