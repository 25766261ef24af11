import { Collapse, Input } from 'antd';
import { useMemo } from 'react';
import { ChoiceField } from '../../fields/choice-field.tsx';
import { GarmentBoard } from '../../table/garment-board.tsx';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { isOffered, proposalsFor, wearerOf, type Choice } from '@arcus/core';
import { useUnits } from '../../settings/units.tsx';

/** Every decision on the left, the garment drawn from its numbers on the right. */
export default function ShapeStation() {
  const { construction, draft, change, plan, person, cloth } = useMakeState();
  const inForce = (id: string) => draft.choices[id] ?? plan?.choices.get(id) ?? construction.choices.find((each) => each.id === id)?.default ?? null;
  const shown = construction.choices.filter((choice) => isOffered(choice, construction.choices, inForce));
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Shape</h2>
          <p>{construction.summary}</p>
        </header>
        <div>
          <label className="choice-label" htmlFor="make-name">
            Name
          </label>
          <Input
            id="make-name"
            value={draft.name}
            maxLength={120}
            onChange={(event) => event.target.value.trim() !== '' && change({ name: event.target.value }, 'name')}
          />
        </div>
        <Choices of={shown.filter((each) => !each.fine)} />
        <Collapse
          ghost
          items={[{ key: 'fine', label: 'Allowances and other fine points', children: <Choices of={shown.filter((each) => each.fine)} /> }]}
        />
      </div>
      {plan?.view ? <GarmentBoard plan={plan} view={plan.view} colour={cloth?.colour ?? '#b96a5a'} name={person?.name ?? ''} /> : <ProblemPanel />}
    </>
  );
}

function Choices({ of }: { of: readonly Choice[] }) {
  const { construction, draft, choose, plan, person, cloth } = useMakeState();
  const { units } = useUnits();
  const body = person?.body;
  const wearer = body && wearerOf(body);
  const kind = cloth?.kind ?? undefined;
  const proposals = useMemo(
    () => proposalsFor(construction, { units, ...(wearer ? { wearer } : {}), ...(body ? { body } : {}), ...(kind ? { kind } : {}) }),
    [construction, units, wearer, kind, body],
  );
  return (
    <div className="stack" style={{ gap: 16 }}>
      {of.map((choice) => (
        <ChoiceField
          key={choice.id}
          choice={choice}
          value={draft.choices[choice.id] ?? plan?.choices.get(choice.id) ?? choice.default}
          workedOut={plan?.quantities.find((each) => each.id === choice.id)?.value}
          chosen={draft.choices[choice.id] !== undefined && draft.choices[choice.id] !== proposals[choice.id]}
          proposal={proposals[choice.id]}
          choose={choose}
        />
      ))}
    </div>
  );
}
