import { Link, useSearchParams } from 'react-router';
import { choiceShown, constructionById, formatQuantity, type ChoiceValue, type Plan } from '@arcus/core';
import { useExperience } from '../api/experience.ts';
import { useMakes } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { usePageTitle } from '../common/use-page-title.ts';
import { VERDICTS } from '../make/stations/wear/verdicts.ts';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';
import { MakePicture } from './make-rows.tsx';
import { useSketches, type Sketched } from './use-sketches.ts';

/** Two makes side by side: what was decided otherwise, what that came to, and what came out. */
export default function ComparePage() {
  usePageTitle('Compare');
  const [query] = useSearchParams();
  const { data: makes } = useMakes();
  const { data: people = [] } = usePeople();
  const { data: experience } = useExperience();
  const { units } = useUnits();
  const two = ['a', 'b'].flatMap((key) => (makes ?? []).filter(({ id }) => id === query.get(key)));
  const sketches = useSketches(two);
  const [a, b] = sketches;
  const lastOf = (id: string) => experience?.outcomes.findLast(({ makeId }) => makeId === id);
  return (
    <>
      <PageTop title="Two makes" />
      <div className="page">
        <div className="page-inner stack" style={{ gap: 24 }}>
          {!makes ? null : !a || !b ? (
            <p className="quiet">
              Two makes are needed. <Link to="/makes">Choose them</Link>
            </p>
          ) : (
            <table className="table compare">
              <thead>
                <tr>
                  <th />
                  {[a, b].map((sketch) => (
                    <th key={sketch.make.id} scope="col">
                      <MakePicture {...sketch} large />
                      <Link to={`/makes/${sketch.make.id}/shape`}>{sketch.make.name}</Link>
                      <span className="quiet small">
                        {constructionById(sketch.make.construction)?.name} for{' '}
                        {people.find(({ id }) => id === sketch.make.personId)?.name ?? 'somebody'}
                        {sketch.cloth ? ` · ${sketch.cloth.name}` : ''}
                      </span>
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                <Group label="Decided otherwise" rows={decided(a, b, units)} none="They were decided alike." />
                <Group label="What it comes to" rows={numbers(a, b, units)} none="Every number is the same." />
                <Group
                  label="What came out"
                  none="Neither was worn yet."
                  rows={[
                    ['Verdict', ...[a, b].map(({ make }) => VERDICTS.find(({ id }) => id === lastOf(make.id)?.verdict)?.label ?? '')],
                    ...cameOut(a, b, lastOf(a.make.id)?.actuals ?? {}, lastOf(b.make.id)?.actuals ?? {}, units),
                    ['Next time', ...[a, b].map(({ make }) => lastOf(make.id)?.nextTime ?? '')],
                  ].filter(([, ...values]) => values.some(Boolean))}
                />
              </tbody>
            </table>
          )}
        </div>
      </div>
    </>
  );
}

function Group({ label, rows, none }: { label: string; rows: string[][]; none: string }) {
  return (
    <>
      <tr>
        <th scope="rowgroup" colSpan={3} className="compare-group">
          {label}
        </th>
      </tr>
      {rows.length === 0 && (
        <tr>
          <td colSpan={3} className="quiet">
            {none}
          </td>
        </tr>
      )}
      {rows.map(([name, ...values]) => (
        <tr key={name}>
          <th scope="row">{name}</th>
          {values.map((value, i) => (
            <td key={i}>{value}</td>
          ))}
        </tr>
      ))}
    </>
  );
}

function decided(a: Sketched, b: Sketched, units: 'cm' | 'in'): string[][] {
  const [one, other] = [a, b].map(({ make }) => constructionById(make.construction));
  const all = [...(one?.choices ?? []), ...(other?.choices.filter(({ id }) => !one?.choices.some((each) => each.id === id)) ?? [])];
  return all.flatMap((choice) => {
    const values = [a, b].map(({ plan, make }): ChoiceValue | null => make.choices[choice.id] ?? plan?.choices.get(choice.id) ?? null);
    if (values[0] === values[1]) return [];
    return [[choice.label, ...values.map((value) => (value === null ? '' : choiceShown(choice, value, units)))]];
  });
}

const quantitiesOf = (plan: Plan | undefined) => new Map((plan?.quantities ?? []).map((each) => [each.id!, each]));

function numbers(a: Sketched, b: Sketched, units: 'cm' | 'in'): string[][] {
  const [one, other] = [quantitiesOf(a.plan), quantitiesOf(b.plan)];
  return [...new Map([...one, ...other]).values()].flatMap(({ id, label, unit, safeSide }) => {
    // what hangs on how it is laid is not known here
    if (id!.startsWith('cloth-') || id!.endsWith('-to-buy')) return [];
    const values = [one, other].map((each) => {
      const value = each.get(id!)?.value;
      return value === undefined ? '' : formatQuantity(value, unit, units, safeSide);
    });
    return values[0] === values[1] ? [] : [[label ?? id!, ...values]];
  });
}

function cameOut(a: Sketched, b: Sketched, one: Record<string, number>, other: Record<string, number>, units: 'cm' | 'in'): string[][] {
  const known = new Map([...quantitiesOf(a.plan), ...quantitiesOf(b.plan)]);
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].map((id) => [
    known.get(id)?.label ?? id,
    ...[one, other].map((each) => (each[id] === undefined ? '' : formatQuantity(each[id], known.get(id)?.unit ?? 'ratio', units))),
  ]);
}
