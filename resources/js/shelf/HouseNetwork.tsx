import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { forgetDevice, pairDevice, readDoor, setPassphrase } from '../api/generated/client';
import { ago } from '../shared/ago';

/**
 * Phones that may come in over the house network: the word they need, six digits for one of them, and who was let
 * in.
 */
export function HouseNetwork({ now }: { now: number }) {
  const queries = useQueryClient();
  const door = useQuery({ queryKey: ['door'], queryFn: ({ signal }) => readDoor({ signal }) });
  const [word, setWord] = useState('');
  const [code, setCode] = useState('');
  const keep = useMutation({
    mutationFn: () => setPassphrase({ passphrase: word }),
    onSuccess: (answer) => {
      queries.setQueryData(['door'], answer);
      setWord('');
    },
  });
  const pair = useMutation({
    mutationFn: () => pairDevice(),
    onSuccess: async () => {
      const address = door.data?.address ?? '';
      // the code's library is fetched when it is first wanted
      if (address !== '')
        setCode(await (await import('qrcode')).toString(`${address}/sign-in`, { type: 'svg', margin: 0 }));
    },
  });
  const forget = useMutation({
    mutationFn: (id: string) => forgetDevice(id),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['door'] }),
  });
  if (door.data === undefined) return null;
  const trouble = keep.error ?? pair.error ?? forget.error;
  return (
    <section aria-labelledby="network">
      <h2 id="network">The house network</h2>
      <p className="quiet">
        {door.data.address === ''
          ? 'Phones in this house may come in when the product is started with bin/start --house. They are asked for the passphrase; on this machine nobody is.'
          : `Phones in this house find it at ${door.data.address}.`}
      </p>
      {trouble !== null && <p role="alert">{trouble.message}</p>}
      {door.data.is_first_machine && (
        <form
          className="house-word"
          onSubmit={(event) => {
            event.preventDefault();
            keep.mutate();
          }}
        >
          <label>
            {door.data.has_passphrase ? 'Another passphrase (everybody is asked again)' : 'The household’s passphrase'}
            <input
              type="password"
              autoComplete="new-password"
              value={word}
              maxLength={200}
              onChange={(event) => setWord(event.target.value)}
            />
          </label>
          <button type="submit" className="action" disabled={word.trim() === ''}>
            Keep it
          </button>
          <button type="button" className="plain" onClick={() => pair.mutate()}>
            Connect a phone with a code
          </button>
        </form>
      )}
      {pair.data !== undefined && (
        <p className="house-digits" aria-live="polite">
          <strong>{pair.data.digits}</strong> <span className="quiet">opens once, for five minutes</span>
          {code !== '' && (
            <img
              alt={`opens ${door.data.address}`}
              src={`data:image/svg+xml;utf8,${encodeURIComponent(code)}`}
              width={120}
              height={120}
            />
          )}
        </p>
      )}
      <ul className="house-list">
        {door.data.devices.map((device) => (
          <li key={device.id}>
            <span>
              {device.name}
              {device.is_this && ', this one'}
            </span>
            <span className="quiet">seen {ago(Date.parse(device.seen_at), now)}</span>
            {door.data.is_first_machine && (
              <button
                type="button"
                className="plain"
                aria-label={`Take ${device.name} out`}
                onClick={() => forget.mutate(device.id)}
              >
                Take out
              </button>
            )}
            {device.is_this && (
              <a className="plain" href="/sign-out">
                Sign this device out
              </a>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
