import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  addReading,
  batchAsStyle,
  createOwnIngredient,
  deleteBatch,
  listBatches,
  makeBatch,
  setReadingAside,
} from '../api/generated/client';
import type { Batch, OwnIngredient, RecipeRecord } from '../api/generated/documents';
import { AsStyle } from '../shared/AsStyle';
import { CautionList } from '../shared/CautionList';
import { dayOf } from '../shared/day';
import { HowIsThisWorkedOut } from '../shared/HowIsThisWorkedOut';
import { typedNumber } from '../shared/typedNumber';
import { FamilyCard } from './FamilyCard';
import { Versions } from './Versions';

type Kind = Batch['readings'][number]['kind'];
type Instrument = Batch['readings'][number]['instrument'];

const instruments: [Instrument, string][] = [
  ['calibrated', 'a meter, checked in buffer today'],
  ['uncalibrated', 'a meter, not checked'],
  ['strips', 'paper strips'],
];

/** When this recipe was made, what was measured of each batch, and where that leaves it. */
export function BatchesCard({ record, onClose }: { record: RecipeRecord; onClose: () => void }) {
  const recipeId = record.id;
  const queries = useQueryClient();
  const key = ['batches', recipeId];
  const batches = useQuery({ queryKey: key, queryFn: ({ signal }) => listBatches(recipeId, { signal }) });
  const refresh = () => queries.invalidateQueries({ queryKey: key });
  const [day, setDay] = useState(() => dayOf(new Date()));
  const make = useMutation({
    mutationFn: () => makeBatch(recipeId, { made_on: day }),
    onSuccess: refresh,
  });
  return (
    <>
      <div className="panel-head">
        <h2>Batches</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="quiet">
        A batch keeps what the recipe comes to today. What you measure of it moves it, and only it.
      </p>
      <p className="made-on">
        <button type="button" className="action" disabled={make.isPending || day === ''} onClick={() => make.mutate()}>
          {day === dayOf(new Date()) ? 'Made it today' : 'Made it then'}
        </button>{' '}
        <label>
          on <input type="date" value={day} max={dayOf(new Date())} onChange={(event) => setDay(event.target.value)} />
        </label>
      </p>
      {make.isError && (
        <p role="alert" className="trouble">
          {make.error.message}
        </p>
      )}
      {(batches.data?.batches ?? []).map((batch) => (
        <OneBatch key={batch.id} batch={batch} onChange={refresh} />
      ))}
      <FamilyCard key={record.id} record={record} />
      <Versions recipeId={recipeId} />
      {(batches.data?.count ?? 0) > (batches.data?.batches.length ?? 0) && (
        <p>
          The last {batches.data?.batches.length} of {batches.data?.count}. <Link to="/log">All are in the Log.</Link>
        </p>
      )}
      <HowIsThisWorkedOut about="batches" />
    </>
  );
}

function OneBatch({ batch, onChange }: { batch: Batch; onChange: () => void }) {
  const [kind, setKind] = useState<Kind>('ph');
  const [typed, setTyped] = useState('');
  const [hot, setHot] = useState(false);
  const [rested, setRested] = useState(true);
  const [instrument, setInstrument] = useState<Instrument>('calibrated');
  const [correcting, setCorrecting] = useState<number | null>(null);
  const read = useMutation({
    mutationFn: () =>
      addReading(batch.id, {
        kind,
        value: typedNumber(typed) as number,
        hot,
        rested,
        instrument,
        instead_of: correcting,
      }),
    onSuccess: () => {
      setTyped('');
      setCorrecting(null);
      onChange();
    },
  });
  const correct = useMutation({
    mutationFn: (ingredient: OwnIngredient) => createOwnIngredient(ingredient),
  });
  const forget = useMutation({
    mutationFn: () => deleteBatch(batch.id),
    onSuccess: onChange,
  });
  const setAside = useMutation({
    mutationFn: (reading: number) => setReadingAside(batch.id, reading),
    onSuccess: onChange,
  });
  const trouble = read.error ?? setAside.error ?? correct.error ?? forget.error;
  return (
    <section className="batch" aria-label={`Batch of ${batch.made_on}`}>
      <h3>{batch.made_on}</h3>
      {batch.stirred_in.length > 0 && (
        <p className="quiet">Stirred in to taste, in order: {batch.stirred_in.join('; then ')}.</p>
      )}
      <table className="strip">
        <thead>
          <tr>
            <td />
            <th scope="col">Estimated</th>
            <th scope="col">As read</th>
          </tr>
        </thead>
        <tbody>
          {batch.figures.map((figure) => (
            <tr key={figure.kind}>
              <th scope="row">{figure.label}</th>
              <td>{figure.estimate_text}</td>
              <td>
                <strong>{figure.now_text}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {batch.figures.map(
        (figure) =>
          figure.now_text !== '' && (
            <p key={figure.kind} className="quiet">
              {figure.label}: {figure.moved_text}. {figure.offer?.text}{' '}
              {figure.offer !== null && !correct.isSuccess && (
                <button
                  type="button"
                  className="suggestion"
                  onClick={() => figure.offer && correct.mutate(figure.offer.ingredient)}
                >
                  Keep it as my own
                </button>
              )}
              {correct.isSuccess && <strong>{correct.data.name} is in the Pantry.</strong>}
            </p>
          ),
      )}
      {batch.readings.length > 0 && (
        <ul className="contains" aria-label="What was read">
          {batch.readings.map((reading) => (
            <li key={reading.id} className={reading.stands ? undefined : 'set-aside'}>
              {reading.label} {reading.text}
              {reading.note !== '' && <span className="quiet"> {reading.note}</span>}
              {reading.question !== '' && reading.stands && <p className="trouble">{reading.question}</p>}
              {reading.stands && (
                <>
                  {' '}
                  <button
                    type="button"
                    className="plain"
                    onClick={() => {
                      setKind(reading.kind);
                      setTyped(String(reading.value));
                      setInstrument(reading.instrument);
                      setCorrecting(reading.id);
                    }}
                  >
                    Correct
                  </button>{' '}
                  <button type="button" className="plain" onClick={() => setAside.mutate(reading.id)}>
                    Set aside
                  </button>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
      {batch.times !== null && <p>{batch.times.text}</p>}
      <CautionList cautions={batch.cautions.filter(({ grade }) => grade === 'stop')} />
      <div className="stage-fields">
        <label>
          I measured
          <select value={kind} onChange={(event) => setKind(event.target.value as Kind)}>
            {batch.figures.map((figure) => (
              <option key={figure.kind} value={figure.kind}>
                {figure.label}
              </option>
            ))}
          </select>
        </label>
        <label>
          Reading
          <input inputMode="decimal" value={typed} onChange={(event) => setTyped(event.target.value)} />
        </label>
        {kind === 'ph' && (
          <label className="wide">
            With
            <select value={instrument} onChange={(event) => setInstrument(event.target.value as Instrument)}>
              {instruments.map(([each, words]) => (
                <option key={each} value={each}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        )}
        <label className="check">
          <input type="checkbox" checked={hot} onChange={(event) => setHot(event.target.checked)} />
          still hot
        </label>
        <label className="check">
          <input type="checkbox" checked={rested} onChange={(event) => setRested(event.target.checked)} />
          rested
        </label>
      </div>
      <div className="doings">
        <button type="button" className="action" disabled={typed.trim() === ''} onClick={() => read.mutate()}>
          {correcting === null ? 'Note it' : 'Put it right'}
        </button>
        <AsStyle called={`Like ${batch.name}, ${batch.made_on}`} capture={(name) => batchAsStyle(batch.id, { name })} />
        <button type="button" className="plain" onClick={() => forget.mutate()}>
          Forget this batch
        </button>
      </div>
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
      <details>
        <summary>What to mind with it</summary>
        <CautionList cautions={batch.cautions.filter(({ grade }) => grade !== 'stop')} />
      </details>
    </section>
  );
}
