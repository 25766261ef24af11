import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { MakeView } from '@arcus/contract';
import { constructionById } from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { useExperience } from '../api/experience.ts';
import { makesActions, useMakes, useMakesAway } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { usePutAway } from '../common/use-put-away.tsx';
import { PutAwayList } from '../common/put-away-list.tsx';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { VERDICTS } from '../make/stations/wear/verdicts.ts';
import { PageTop } from '../shell/shell.tsx';
import { findMakes, SORTS, wantedIn, type Sort } from './find-makes.ts';
import { MakeRows } from './make-rows.tsx';

/** All makes: under way, then finished. */
export default function MakesPage() {
  usePageTitle('Makes');
  const makes = useMakes();
  const { data: people = [] } = usePeople();
  const away = useMakesAway();
  return (
    <>
      <PageTop title="Makes">
        <Link to="/makes/new">
          <Button type="primary" tabIndex={-1}>
            New make
          </Button>
        </Link>
      </PageTop>
      <div className="page">
        <div className="page-inner stack" style={{ gap: 30 }}>
          <RequestState of={makes} what="the makes">
            {(all) =>
              all.length === 0 ? (
                <div className="empty">
                  <h2>Nothing on the table yet</h2>
                  <p>A make is one garment for one person: its measures, numbers, cloth, chalk marks and seams in one place.</p>
                  <Link to="/makes/new">Start the first one</Link>
                </div>
              ) : (
                <Sections all={all} people={people} />
              )
            }
          </RequestState>
          <PutAwayList of={away} what="makes" takeOut={makesActions.takeOut} />
        </div>
      </div>
    </>
  );
}

function Sections({ all, people }: { all: MakeView[]; people: Parameters<typeof MakeRows>[0]['people'] }) {
  const putAway = usePutAway(makesActions);
  const [query, setQuery] = useSearchParams();
  const { data: cloths = [] } = useCloths();
  const { data: experience } = useExperience();
  const [held, setHeld] = useState<readonly string[]>([]);
  const outcomes = experience?.outcomes ?? [];
  const wanted = wantedIn(query);
  const found = findMakes(all, wanted, { people, cloths, outcomes });
  const ask = (key: string, value: string) =>
    setQuery(
      (now) => {
        const next = new URLSearchParams(now);
        if (value) next.set(key, value);
        else next.delete(key);
        return next;
      },
      { replace: true },
    );
  const hold = (id: string) => setHeld((now) => (now.includes(id) ? now.filter((each) => each !== id) : [...now, id].slice(-2)));
  const action = (make: MakeView) => (
    <span className="row-action">
      <Link className="small" to={`/makes/new?again=${make.id}`}>
        Make again
      </Link>
      <Button type="text" size="small" aria-pressed={held.includes(make.id)} onClick={() => hold(make.id)}>
        {held.includes(make.id) ? 'Compared' : 'Compare'}
      </Button>
      <Button type="text" size="small" onClick={() => void putAway(make.id, make.name)}>
        Put away
      </Button>
    </span>
  );
  const open = found.filter(({ finishedOn }) => !finishedOn);
  const finished = found.filter(({ finishedOn }) => finishedOn);
  const kinds = [...new Set(all.map(({ construction }) => construction))];
  const used = cloths.filter(({ id }) => all.some((make) => make.clothId === id || Object.values(make.otherCloths).includes(id)));
  const select = (key: keyof typeof wanted, label: string, options: ReadonlyArray<{ value: string; label: string }>) => (
    <Select
      aria-label={label}
      value={wanted[key]}
      onChange={(value: string) => ask(key, value)}
      options={[{ value: '', label }, ...options]}
      popupMatchSelectWidth={false}
    />
  );
  return (
    <div className="stack" style={{ gap: 26 }}>
      <div className="find row wrap" role="search">
        <Input.Search
          aria-label="Find a make"
          placeholder="Name, person, cloth, what you wrote down"
          allowClear
          value={wanted.text}
          onChange={(event) => ask('q', event.target.value)}
          style={{ width: 320 }}
        />
        {select(
          'person',
          'For anybody',
          people.map(({ id, name }) => ({ value: id, label: name })),
        )}
        {select(
          'kind',
          'Of any kind',
          kinds.map((id) => ({ value: id, label: constructionById(id)?.name ?? id })),
        )}
        {select(
          'cloth',
          'Of any cloth',
          used.map(({ id, name }) => ({ value: id, label: name })),
        )}
        {select(
          'verdict',
          'Whatever came of it',
          VERDICTS.map(({ id, label }) => ({ value: id, label })),
        )}
        <Select
          aria-label="In which order"
          value={wanted.sort}
          onChange={(value: Sort) => ask('sort', value === 'due' ? '' : value)}
          options={(Object.keys(SORTS) as Sort[]).map((id) => ({ value: id, label: SORTS[id] }))}
          popupMatchSelectWidth={false}
        />
      </div>
      {held.length > 0 && (
        <p className="row" role="status">
          {held.length === 1 ? 'Choose a second one to compare it with.' : ''}
          {held.length === 2 && (
            <Link to={`/makes/compare?a=${held[0]}&b=${held[1]}`}>
              <Button type="primary" tabIndex={-1}>
                Compare the two
              </Button>
            </Link>
          )}
        </p>
      )}
      {found.length === 0 && (
        <p className="quiet">
          None is like that.{' '}
          <button type="button" className="plain-button underlined" onClick={() => setQuery({}, { replace: true })}>
            Show all {all.length}
          </button>
        </p>
      )}
      {open.length > 0 && <MakeRows makes={open} people={people} action={action} />}
      {finished.length > 0 && (
        <section className="stack">
          <h2>Finished</h2>
          <MakeRows makes={finished} people={people} action={action} />
        </section>
      )}
    </div>
  );
}
