import { Button } from 'antd';
import { lazy, Suspense } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { ClothView, ElasticView } from '@arcus/contract';
import { formatCloth, formatLength } from '@arcus/core';
import { shelfActions, useClothRecords, useCloths, useElasticRecords, useElastics, useShelfAway } from '../api/cupboard.ts';
import { PutAwayList } from '../common/put-away-list.tsx';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { useSpokenFor, type SpokenFor } from '../makes/use-spoken-for.ts';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';

const ClothForm = lazy(() => import('./cloth-form.tsx'));
const ElasticForm = lazy(() => import('./elastic-form.tsx'));

/** Cloths and elastics. What is open for editing stands in the address. */
export default function CupboardPage() {
  usePageTitle('Cupboard');
  const cloths = useCloths();
  const elastics = useElastics();
  const [clothRecords, elasticRecords] = [useClothRecords().data, useElasticRecords().data];
  const spoken = useSpokenFor();
  const [query, setQuery] = useSearchParams();
  const close = () => setQuery({});
  const clothId = query.get('cloth');
  const elasticId = query.get('elastic');
  return (
    <>
      <PageTop title="Cupboard">
        <Button onClick={() => setQuery({ elastic: 'new' })}>Add elastic</Button>
        <Button type="primary" onClick={() => setQuery({ cloth: 'new' })}>
          Add cloth
        </Button>
      </PageTop>
      <div className="page">
        <div className="page-inner stack" style={{ gap: 34 }}>
          <section className="stack">
            <h2>Cloth</h2>
            <RequestState of={cloths} what="cloths">
              {(all) =>
                all.length === 0 ? (
                  <p className="empty">The shelf is empty. Add a cloth with its width; the rest can wait.</p>
                ) : (
                  <ul className="list">
                    {all.map((cloth) => (
                      <ClothRow key={cloth.id} cloth={cloth} spoken={spoken.get(cloth.id)} />
                    ))}
                  </ul>
                )
              }
            </RequestState>
          </section>
          <section className="stack">
            <h2>Elastic</h2>
            <RequestState of={elastics} what="elastics">
              {(all) =>
                all.length === 0 ? (
                  <p className="empty">No elastic yet. Its width and how far it stretches decide casings and waists.</p>
                ) : (
                  <ul className="list">
                    {all.map((elastic) => (
                      <ElasticRow key={elastic.id} elastic={elastic} />
                    ))}
                  </ul>
                )
              }
            </RequestState>
          </section>
          <PutAwayList of={useShelfAway('cloths')} what="cloths" takeOut={shelfActions('cloths').takeOut} />
          <PutAwayList of={useShelfAway('elastics')} what="elastics" takeOut={shelfActions('elastics').takeOut} />
        </div>
      </div>
      <Suspense>
        {clothId && (clothId === 'new' || clothRecords?.some(({ id }) => id === clothId)) && (
          <ClothForm key={clothId} cloth={clothRecords?.find(({ id }) => id === clothId)} onClose={close} />
        )}
        {elasticId && (elasticId === 'new' || elasticRecords?.some(({ id }) => id === elasticId)) && (
          <ElasticForm key={elasticId} elastic={elasticRecords?.find(({ id }) => id === elasticId)} onClose={close} />
        )}
      </Suspense>
    </>
  );
}

const PRINTS = { none: '', up: 'print up the length', across: 'print across' };

function ClothRow({ cloth, spoken }: { cloth: ClothView; spoken: SpokenFor | undefined }) {
  const { units } = useUnits();
  const traits = [
    cloth.weight,
    cloth.kind,
    cloth.fibre,
    PRINTS[cloth.print],
    cloth.oneWay && 'one-way',
    cloth.sheer && 'sheer',
    cloth.stretchAcross > 0 && `stretches ${Math.round(cloth.stretchAcross * 100)} % across`,
  ].filter(Boolean);
  return (
    <li className="cloth-item">
      <Link className="list-row cloth-row" to={`?cloth=${cloth.id}`}>
        <span className="swatch" style={{ backgroundColor: cloth.colour }} aria-hidden="true" />
        <span>
          <b style={{ fontSize: 18 }}>{cloth.name}</b>
          <br />
          <span className="quiet small">{traits.join(', ')}</span>
        </span>
        <span>{formatLength(cloth.width, units)} wide</span>
        <span>{cloth.lengthOnHand === null ? 'to be bought' : `${formatCloth(cloth.lengthOnHand, units, 'down')} here`}</span>
        <span>{cloth.prewashed ? <span className="quiet small">washed</span> : <span className="tag yes">wash first</span>}</span>
      </Link>
      <Link className="row-link small" to={`/cupboard/${cloth.id}/becomes`}>
        What can it become?
      </Link>
      {spoken && (
        <p className="spoken-for small">
          <span className={cloth.lengthOnHand !== null && spoken.takes > cloth.lengthOnHand + 1e-6 ? 'short' : 'quiet'}>
            {spoken.atMost ? 'At most ' : ''}
            {formatCloth(spoken.takes, units)} spoken for by {spoken.by.map(({ name }) => name).join(', ')}.
          </span>{' '}
          {spoken.by.length > 1 && <Link to={`/cupboard/${cloth.id}/together`}>Lay them together</Link>}
        </p>
      )}
    </li>
  );
}

function ElasticRow({ elastic }: { elastic: ElasticView }) {
  const { units } = useUnits();
  return (
    <li>
      <Link className="list-row cloth-row" to={`?elastic=${elastic.id}`}>
        <span className="elastic-swatch" aria-hidden="true" />
        <span>
          <b style={{ fontSize: 18 }}>{elastic.name}</b>
          <br />
          <span className="quiet small">{elastic.kind.replace(/-/g, ' ')}</span>
        </span>
        <span>{formatLength(elastic.width, units)} wide</span>
        <span>stretches to {elastic.greatestStretch} ×</span>
        <span>{elastic.lengthOnHand === null ? '' : formatCloth(elastic.lengthOnHand, units, 'down')}</span>
      </Link>
    </li>
  );
}
