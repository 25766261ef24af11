import { Button, Checkbox } from 'antd';
import { ArrowLeft, Printer } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { usePageTitle } from '../../common/use-page-title.ts';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { ChalkPages } from './chalk-pages.tsx';
import { LayPages } from './lay-pages.tsx';
import { NumbersPage } from './numbers-page.tsx';
import { Labels } from './labels.tsx';
import { StepPages } from './step-pages.tsx';

const PARTS = [
  { id: 'numbers', label: 'Numbers and shopping', pages: NumbersPage },
  { id: 'lay', label: 'The lay', pages: LayPages },
  { id: 'chalk', label: 'Chalk sheets', pages: ChalkPages },
  { id: 'labels', label: 'Labels to pin', pages: Labels },
  { id: 'sew', label: 'Steps', pages: StepPages },
] as const;

/** The whole make on paper, to work from without the screen: black on white, A4 or Letter. Which parts stands in the address. */
export default function PrintPage() {
  const { make, plan, draft, person, cloth, construction } = useMakeState();
  const [query, setQuery] = useSearchParams();
  usePageTitle(`${draft.name} on paper`);
  const only = query.get('only')?.split(',') ?? PARTS.map(({ id }) => id);
  const wanted = PARTS.filter(({ id }) => only.includes(id));
  const back =
    wanted.length === 1 && wanted[0]!.id !== 'numbers' && wanted[0]!.id !== 'labels'
      ? { lay: 'cloth', chalk: 'chalk', sew: 'sew' }[wanted[0]!.id]
      : make.station;
  const toggle = (id: string, on: boolean) => {
    const next = PARTS.map((part) => part.id).filter((each) => (each === id ? on : only.includes(each)));
    setQuery(next.length === PARTS.length ? {} : { only: next.join(',') }, { replace: true });
  };
  return (
    <>
      <header className="top page-top no-print">
        <Link to={`/makes/${make.id}/${back}`}>
          <Button icon={<ArrowLeft size={18} />} tabIndex={-1}>
            Back
          </Button>
        </Link>
        <div className="top-title">
          <h1>On paper</h1>
        </div>
        <div className="top-end">
          <Button type="primary" icon={<Printer size={16} />} disabled={!plan || wanted.length === 0} onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </header>
      <div className="page paper-page">
        <div className="row no-print paper-parts" role="group" aria-label="What to print">
          {PARTS.map(({ id, label }) => (
            <Checkbox key={id} checked={only.includes(id)} onChange={(event) => toggle(id, event.target.checked)}>
              {label}
            </Checkbox>
          ))}
        </div>
        {plan ? (
          <article className="paper">
            <header className="paper-head">
              <h1>{draft.name}</h1>
              <p>
                {construction.name} for {person?.name ?? 'somebody'}
                {cloth ? `, of ${cloth.name}` : ''}
              </p>
            </header>
            {wanted.length === 0 && <p>Choose above what is to be printed.</p>}
            {wanted.map(({ id, pages: Pages }) => (
              <Pages key={id} plan={plan} name={draft.name} />
            ))}
          </article>
        ) : (
          <ProblemPanel />
        )}
      </div>
    </>
  );
}
