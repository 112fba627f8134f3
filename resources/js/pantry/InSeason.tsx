import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { listSeasons, setSeason } from '../api/generated/client';
import type { SeasonInput, SeasonList } from '../api/generated/documents';

const months = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** The months in which it is in season here; what a swap prefers depends on them. */
export function InSeason({ slug, name, mayHave }: { slug: string; name: string; mayHave: boolean }) {
  const queries = useQueryClient();
  const seasons = useQuery({ queryKey: ['seasons'], queryFn: ({ signal }) => listSeasons({ signal }) });
  const keep = useMutation({
    mutationFn: (season: SeasonInput) => setSeason(slug, season),
    // one after the other, and shown at once: a second choice made while the first is on its way must not undo it
    scope: { id: 'seasons' },
    onMutate: async ({ first, last }) => {
      await queries.cancelQueries({ queryKey: ['seasons'] });
      queries.setQueryData<SeasonList>(['seasons'], (list) => {
        if (list === undefined) return list;
        const others = list.seasons.filter((each) => each.slug !== slug);
        const before = list.seasons.find((each) => each.slug === slug);
        if (first === null || last === null) return { ...list, seasons: others };
        return { ...list, seasons: [...others, { slug, name, now: before?.now ?? false, first, last }] };
      });
    },
    onSuccess: (answer) => queries.setQueryData(['seasons'], answer),
    onError: () => queries.invalidateQueries({ queryKey: ['seasons'] }),
  });
  const season = seasons.data?.seasons.find((each) => each.slug === slug);
  if (season === undefined && !mayHave) return null;
  const choose = (first: number | null, last: number | null) => keep.mutate({ first, last });
  return (
    <div className="on-hand in-season">
      <label>
        In season from
        <select
          aria-label={`${name}: first month of its season`}
          value={season?.first ?? ''}
          onChange={({ target }) =>
            target.value === ''
              ? choose(null, null)
              : choose(Number(target.value), season?.last ?? Number(target.value))
          }
        >
          <option value="">no season</option>
          {months.map((month, index) => (
            <option key={month} value={index + 1}>
              {month}
            </option>
          ))}
        </select>
      </label>
      {season !== undefined && (
        <label>
          to
          <select
            aria-label={`${name}: last month of its season`}
            value={season.last}
            onChange={({ target }) => choose(season.first, Number(target.value))}
          >
            {months.map((month, index) => (
              <option key={month} value={index + 1}>
                {month}
              </option>
            ))}
          </select>
          {season.now ? ' in season now' : ' not now'}
        </label>
      )}
      {keep.isError && (
        <p role="alert" className="trouble">
          {keep.error.message}
        </p>
      )}
    </div>
  );
}
