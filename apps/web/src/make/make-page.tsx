import { Button } from 'antd';
import { Redo2, Undo2 } from 'lucide-react';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import type { ClothView, ElasticView, MakeDetail, PersonView, Station } from '@arcus/contract';
import { constructionById } from '@arcus/core';
import { useCloths, useElastics } from '../api/cupboard.ts';
import { ApiProblem } from '../api/client.ts';
import { useMake } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { Docket } from '../docket/docket.tsx';
import { UnitsSwitch } from '../settings/units.tsx';
import { SaveBadge } from '../outbox/save-badge.tsx';
import { PageTop } from '../shell/shell.tsx';
import { useShortcut } from '../shell/use-shortcuts.ts';
import { WorkingProvider } from '../working/working.tsx';
import { MakeBars } from './make-bars.tsx';
import { MakeContext, useMakeState } from './make-context.ts';
import { STATION_PAGES } from './station-pages.ts';
import { isStation, neighbour, passed, STATION_ORDER } from './stations.ts';
import { StitchedLine } from './stitched-line.tsx';
import { useMakeEditor } from './use-make-editor.ts';
import { usePlan } from './use-plan.ts';
import { useStepSaid } from './use-step-said.ts';

const PrintPage = lazy(() => import('./print/print-page.tsx'));
const ChecksDrawer = lazy(() => import('./checks-drawer.tsx'));
const PAGES = Object.fromEntries(Object.entries(STATION_PAGES).map(([id, load]) => [id, lazy(load)])) as Record<
  Station,
  React.LazyExoticComponent<() => ReactNode>
>;

/** One make at one of its stations. */
export default function MakePage() {
  const { id = '', station } = useParams();
  const make = useMake(id);
  const people = usePeople();
  const cloths = useCloths();
  const elastics = useElastics();
  const loading = (content: ReactNode) => (
    <>
      <PageTop title="Make" />
      <div className="page-inner">{content}</div>
    </>
  );
  for (const [answer, what] of [
    [make, 'the make'],
    [people, 'people'],
    [cloths, 'the cupboard'],
    [elastics, 'the cupboard'],
  ] as const) {
    if (answer === make && answer.data === undefined && answer.error instanceof ApiProblem && [400, 404].includes(answer.error.status))
      return <NoSuchMake />;
    if (answer.data === undefined)
      return loading(
        <RequestState of={answer as typeof make} what={what}>
          {() => null}
        </RequestState>,
      );
  }
  if (!isStation(station) && station !== 'print') return <Navigate to={`/makes/${id}/${make.data!.station}`} replace />;
  return <Make key={id} make={make.data!} station={station} people={people.data!} cloths={cloths.data!} elastics={elastics.data!} />;
}

function NoSuchMake() {
  usePageTitle('No such make');
  return (
    <>
      <PageTop title="No such make" />
      <div className="page-inner empty">
        <h2>This link leads to no make</h2>
        <p>It may have been cut short on its way. Every make you have is in the list.</p>
        <Link to="/makes">All makes</Link>
        <Link to="/makes?away">Those that were put away</Link>
      </div>
    </>
  );
}

interface MakeProps {
  make: MakeDetail;
  station: Station | 'print';
  people: PersonView[];
  cloths: ClothView[];
  elastics: ElasticView[];
}

/** Stations one can leave before anything can be drawn: what comes after them needs pieces. */
const EARLY: ReadonlySet<Station> = new Set(['measure', 'shape']);

function Make({ make, station, people, cloths, elastics }: MakeProps) {
  const editor = useMakeEditor(make);
  const { draft } = editor;
  const construction = constructionById(make.construction)!;
  const person = people.find((each) => each.id === draft.personId);
  const cloth = cloths.find((each) => each.id === draft.clothId);
  const elastic = elastics.find((each) => each.id === draft.elasticId);
  const { otherCloths } = draft;
  const others = useMemo(
    () => Object.fromEntries(Object.entries(otherCloths).flatMap(([role, of]) => cloths.filter(({ id }) => id === of).map((each) => [role, each]))),
    [otherCloths, cloths],
  );
  const planned = usePlan(make, draft, { person, cloth, others, elastic });
  usePageTitle(draft.name);
  const state = useMemo(
    () => ({ ...editor, ...planned, make, construction, person, people, cloth, others, cloths, elastic, elastics }),
    [editor, planned, make, construction, person, people, cloth, others, cloths, elastic, elastics],
  );
  return (
    <MakeContext value={state}>
      <WorkingProvider>
        {station === 'print' ? (
          <Suspense fallback={<p className="page-inner quiet">Setting out the pages…</p>}>
            <PrintPage />
          </Suspense>
        ) : (
          <MakeFrame station={station} />
        )}
      </WorkingProvider>
    </MakeContext>
  );
}

function MakeFrame({ station }: { station: Station }) {
  const { make, draft, construction, person, cloth, plan, laying, byHand, undo, redo, canUndo, canRedo, settle } = useMakeState();
  const navigate = useNavigate();
  const [checksOpen, setChecksOpen] = useState(false);
  const go = useCallback(
    (to: Station | undefined) => {
      if (to) void navigate(`/makes/${make.id}/${to}`);
    },
    [navigate, make.id],
  );
  // moving on sews the station one leaves; looking back unpicks nothing
  const forward = useCallback(() => {
    const next = neighbour(station, 1);
    if (!passed(draft, station))
      settle((state) => ({ ...state, done: [...new Set([...state.done, `station:${station}`])], station: next ?? state.station }));
    go(next);
  }, [station, draft, settle, go]);
  useShortcut('next-station', forward);
  useShortcut(
    'previous-station',
    useCallback(() => go(neighbour(station, -1)), [go, station]),
  );
  useStepSaid();
  useShortcut('undo', undo);
  useShortcut('redo', redo);
  useEffect(() => {
    if (draft.station !== station && !passed(draft, station)) settle((state) => ({ ...state, station }));
    // only when the station in the address changes
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [station]);
  // the other stations come in the background, so that moving on waits for nothing
  useEffect(() => {
    const timer = setTimeout(() => Object.values(STATION_PAGES).forEach((load) => void load()), 400);
    return () => clearTimeout(timer);
  }, []);
  const Page = PAGES[station];
  const next = STATION_ORDER.find(({ id }) => id === neighbour(station, 1));
  return (
    <>
      <header className="top">
        <div className="top-title">
          <h1>{draft.name}</h1>
          <p className="quiet small">
            {construction.name.toLowerCase()} for {person?.name ?? 'nobody yet'}
            {cloth ? ` · ${cloth.name}` : ''}
          </p>
        </div>
        <StitchedLine makeId={make.id} draft={draft} at={station} />
        <div className="top-end">
          <SaveBadge />
          <span className="row" style={{ gap: 2, flexWrap: 'nowrap' }}>
            <Button type="text" aria-label="Undo" disabled={!canUndo} onClick={undo} icon={<Undo2 size={18} />} />
            <Button type="text" aria-label="Redo" disabled={!canRedo} onClick={redo} icon={<Redo2 size={18} />} />
          </span>
          <UnitsSwitch />
        </div>
      </header>
      <MakeBars />
      <div className="bench">
        <Suspense fallback={<div className="decisions quiet">Opening…</div>}>
          <Page />
          {next && (plan || EARLY.has(station)) && (
            <div className="next-station no-print">
              <Button type="primary" onClick={forward}>
                On to {next.label}
              </Button>
            </div>
          )}
        </Suspense>
      </div>
      {plan && <Docket plan={plan} laying={laying && !byHand} onVerdict={() => setChecksOpen(true)} />}
      {checksOpen && (
        <Suspense fallback={null}>
          <ChecksDrawer onClose={() => setChecksOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
