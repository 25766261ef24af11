import { useMemo, useState } from 'react';
import { BadInput, formatLength, formatQuantity, Unmakeable, type Choice, type ChoiceValue, type Plan, type PlanRequest } from '@arcus/core';
import { unlaidPlan } from '../make/unlaid-plan.ts';
import { useMakeState } from '../make/make-context.ts';
import { useUnits } from '../settings/units.tsx';
import { GarmentThumb } from '../table/garment-thumb.tsx';

interface Props {
  choice: Choice;
  /** What is in force. */
  value: ChoiceValue | null;
  onTake(value: ChoiceValue): void;
}

interface Way {
  value: ChoiceValue;
  label: string;
  plan?: Plan;
  why?: string;
}

/** The schools of a choice side by side, each with this person's own numbers, and the figure drawn where the eye should decide. */
export function Schools({ choice, value, onTake }: Props) {
  const [open, setOpen] = useState(false);
  if (!choice.compare) return null;
  return (
    <div>
      <button type="button" className="plain-button small schools-open" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close the comparison' : 'Side by side, with these numbers'}
      </button>
      {open && <Table choice={choice} value={value} onTake={onTake} />}
    </div>
  );
}

function Table({ choice, value, onTake }: Props) {
  const { request, cloth } = useMakeState();
  const colour = cloth?.colour ?? '#b96a5a';
  const { units } = useUnits();
  const ways = useMemo(() => waysOf(choice, request, units), [choice, request, units]);
  const rows = choice.compare!.quantities.filter((id) => ways.some(({ plan }) => plan && quantity(plan, id)));
  const labelOf = (id: string) => ways.map(({ plan }) => plan && quantity(plan, id)).find(Boolean)!.label;
  return (
    <div className="schools">
      <table className="table">
        <thead>
          <tr>
            <td />
            {ways.map((way) => (
              <th key={way.label} scope="col" className={way.value === value ? 'in-force' : ''}>
                <button type="button" className="plain-button" aria-pressed={way.value === value} onClick={() => onTake(way.value)}>
                  {way.label}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {choice.compare!.at && (
            <tr className="schools-pictures">
              <td />
              {ways.map((way) => (
                <td key={way.label}>{way.plan && <GarmentThumb plan={way.plan} colour={colour} />}</td>
              ))}
            </tr>
          )}
          {rows.map((id) => (
            <tr key={id}>
              <th scope="row">{labelOf(id)}</th>
              {ways.map(({ label, plan }) => {
                const found = plan && quantity(plan, id);
                return (
                  <td key={label} className="n">
                    {found ? formatQuantity(found.value, found.unit, units, found.safeSide) : '–'}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {ways.map(({ label, why }) => why && <p key={label} className="doubt">{`${label}: ${why}`}</p>)}
    </div>
  );
}

const quantity = (plan: Plan, id: string) => plan.quantities.find((each) => each.id === id);

/** What a school needs beyond its name: the tried-on length starts at the body's. */
function waysOf(choice: Choice, request: PlanRequest, units: 'cm' | 'in'): Way[] {
  const values: ChoiceValue[] = choice.compare!.at ?? choice.options ?? [true, false];
  return values.map((value) => {
    const label = choice.optionLabels?.[String(value)] ?? (choice.kind === 'length' ? formatLength(Number(value), units) : String(value));
    try {
      return { value, label, plan: unlaidPlan({ ...request, choices: { ...request.choices, [choice.id]: value } }) };
    } catch (error) {
      if (error instanceof Unmakeable || error instanceof BadInput) return { value, label, why: error.says };
      throw error;
    }
  });
}
