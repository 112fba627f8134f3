import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { besideVersion, bringVersionBack, listVersions } from '../api/generated/client';

/** The recipe as it stood: what has changed since, and the way back. */
export function Versions({ recipeId }: { recipeId: string }) {
  const [shown, setShown] = useState<number | null>(null);
  const versions = useQuery({
    queryKey: ['versions', recipeId],
    queryFn: ({ signal }) => listVersions(recipeId, { signal }),
  });
  const beside = useQuery({
    queryKey: ['version-beside', recipeId, shown],
    queryFn: ({ signal }) => besideVersion(recipeId, `${shown}`, { signal }),
    enabled: shown !== null,
    gcTime: 0,
  });
  const back = useMutation({
    mutationFn: (version: number) => bringVersionBack(recipeId, `${version}`),
    onSuccess: () => window.location.reload(),
  });
  const all = versions.data?.versions ?? [];
  if (all.length === 0) return null;
  const changes = [...(beside.data?.lines ?? []), ...(beside.data?.stages ?? [])];
  return (
    <details className="versions">
      <summary>As it stood: {all.length === 1 ? '1 version' : `${all.length} versions`}</summary>
      {back.isError && (
        <p role="alert" className="trouble">
          {back.error.message}
        </p>
      )}
      <ul>
        {all.map((version) => (
          <li key={version.id}>
            <button
              type="button"
              className="plain"
              aria-expanded={version.id === shown}
              onClick={() => setShown(version.id === shown ? null : version.id)}
            >
              {new Date(version.at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
              {version.made_as !== '' && `, made as ${version.made_as}`}
            </button>
            {version.id === shown && beside.data !== undefined && (
              <>
                {changes.length === 0 && <p className="quiet">As it stands now.</p>}
                <ul>
                  {changes.map((change) => (
                    <li key={`${change.name} ${change.one}`}>
                      {change.name}: {change.one}, now {change.other}
                    </li>
                  ))}
                </ul>
                {changes.length > 0 && (
                  <button
                    type="button"
                    className="action"
                    disabled={back.isPending}
                    onClick={() => back.mutate(version.id)}
                  >
                    Bring it back
                  </button>
                )}
              </>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
