import { Collapse } from 'antd';
import { useMemo } from 'react';
import { DayInput } from '../../fields/day-input.tsx';
import { NameInput } from '../../fields/name-input.tsx';
import { ChoiceField } from '../../fields/choice-field.tsx';
import { GarmentBoard } from '../../table/garment-board.tsx';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { isOffered, learnedFor, proposalsFor, wearerFor, type Choice } from '@arcus/core';
import { useExperience } from '../../api/experience.ts';
import { useSettings } from '../../api/settings.ts';
import { tableChoices } from '../../settings/table-choices.ts';
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
          <NameInput id="make-name" value={draft.name} onChange={(name) => change({ name }, 'name')} />
        </div>
        <div className="stack" style={{ gap: 2 }}>
          <label className="choice-label" htmlFor="make-due">
            Needed by
          </label>
          <DayInput id="make-due" label="Needed by" value={draft.dueOn} onChange={(dueOn) => change({ dueOn }, 'due')} />
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
  const { make, construction, draft, choose, plan, person, cloth } = useMakeState();
  const { data: experience } = useExperience();
  const learned = useMemo(
    () => (experience ? learnedFor(experience, { clothId: cloth?.id ?? null, makeId: make.id }).filter(({ declined }) => !declined) : []),
    [experience, cloth?.id, make.id],
  );
  const { units } = useUnits();
  const body = person?.body;
  const wearer = body && wearerFor(body, person.child);
  const kind = cloth?.kind ?? undefined;
  const table = useSettings().data?.table;
  const proposals = useMemo(
    () => ({
      ...tableChoices(construction, table),
      ...proposalsFor(construction, { units, ...(wearer ? { wearer } : {}), ...(body ? { body } : {}), ...(kind ? { kind } : {}) }),
    }),
    [construction, table, units, wearer, kind, body],
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
          learned={learned.find(({ id }) => id === choice.id)}
          choose={choose}
        />
      ))}
    </div>
  );
}
