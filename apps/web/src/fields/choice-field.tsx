import { Slider, Switch } from 'antd';
import { memo, useCallback } from 'react';
import { choiceShown, INCH, proseIn, type Choice, type ChoiceValue, type LearnedFigure } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { LengthInput } from './length-input.tsx';
import { NumberInput } from './number-input.tsx';
import { Options } from './options.tsx';
import { Schools } from './schools.tsx';

interface Props {
  choice: Choice;
  /** What is in force: chosen, or the default. */
  value: ChoiceValue | null;
  /** What it was worked out to, where nothing is chosen. */
  workedOut?: number;
  chosen: boolean;
  /** What Arcus proposes, where that is not the default. */
  proposal?: ChoiceValue;
  /** What this person's own makes and swatches say of it. */
  learned?: LearnedFigure;
  /** Takes a value; none goes back to the default. The same at every render, so that only the field that changes is drawn anew. */
  choose(id: string, value: ChoiceValue | undefined): void;
}

/** One decision of a construction, drawn from the catalogue's description of it, with its schools side by side where it has some. */
export const ChoiceField = memo(function ChoiceField({ choice, value, workedOut, chosen, proposal, learned, choose }: Props) {
  const { units } = useUnits();
  const { id } = choice;
  const backTo = proposal ?? choice.default;
  const take = useCallback((next: ChoiceValue) => choose(id, next), [choose, id]);
  return (
    <div className="choice" data-choice={id}>
      <div className="choice-head">
        <span className="choice-label">{choice.label}</span>
        {chosen && (
          <button type="button" className="plain-button small quiet" onClick={() => choose(id, proposal)}>
            {learned ? 'Back to your figure' : backTo === null ? 'Work it out' : `Back to ${choiceShown(choice, backTo, units)}`}
          </button>
        )}
      </div>
      <Control choice={choice} value={value ?? workedOut ?? null} onChange={take} />
      <p className="choice-why">{proseIn(choice.why, units)}</p>
      {learned && !chosen && <Learned figure={learned} onDefault={() => choose(id, learned.usual)} />}
      <Schools choice={choice} value={value} onTake={take} />
    </div>
  );
});

function Learned({ figure: { says, low, high, usual, observations }, onDefault }: { figure: LearnedFigure; onDefault(): void }) {
  const spread = observations.length === 1 ? 'One says little of how far it spreads.' : `They lie between ${low.toFixed(2)} and ${high.toFixed(2)}.`;
  return (
    <p className="choice-learned">
      This is {says}. {spread}{' '}
      <button type="button" className="plain-button underlined" onClick={onDefault}>
        Take the usual {usual}
      </button>
    </p>
  );
}

/** The field beside the slider says the figure already; a label that follows the handle costs half a frame at every move. */
const NO_TOOLTIP = { formatter: null } as const;

function Control({ choice, value, onChange }: { choice: Choice; value: ChoiceValue | null; onChange(value: ChoiceValue): void }) {
  const { units } = useUnits();
  const { kind, label, min = 0, max = 1000, step = 1, options = [], optionLabels = {} } = choice;
  switch (kind) {
    case 'one-of':
      return (
        <Options label={label} options={options.map((id) => ({ id, label: optionLabels[id] ?? id }))} value={String(value)} onChange={onChange} />
      );
    case 'yes-no':
      return (
        <div>
          <Switch aria-label={label} checked={value === true} onChange={onChange} checkedChildren="yes" unCheckedChildren="no" />
        </div>
      );
    case 'length': {
      const number = typeof value === 'number' ? value : undefined;
      const stride = units === 'cm' ? step : INCH / 8;
      return (
        <>
          <LengthInput label={label} value={number} min={min} max={max} onCommit={onChange} placeholder="worked out" />
          {max - min > 100 && number !== undefined && (
            <Slider
              min={min}
              max={sliderEnd(choice, number)}
              step={stride}
              value={number}
              onChange={onChange}
              tooltip={NO_TOOLTIP}
              ariaLabelForHandle={label}
            />
          )}
        </>
      );
    }
    default: {
      const number = typeof value === 'number' ? value : null;
      return (
        <div className="row" style={{ flexWrap: 'nowrap' }}>
          <NumberInput label={label} value={number} min={min} max={max} whole={kind === 'count'} onCommit={onChange} />
          {number !== null && (
            <Slider
              style={{ flex: 1 }}
              min={min}
              max={sliderEnd(choice, number)}
              step={step}
              value={number}
              onChange={onChange}
              tooltip={NO_TOOLTIP}
              ariaLabelForHandle={label}
            />
          )}
        </div>
      );
    }
  }
}

/** Sliders cover what people really choose, and always what is chosen; the field beside takes the rest. */
function sliderEnd({ default: usual, min = 0, max = 1000, kind }: Choice, value: number): number {
  const usually =
    typeof usual === 'number' && usual > 0 ? usual * (kind === 'length' ? 2.2 : 2.5) : kind === 'length' ? Math.max(300, 2.5 * min) : max;
  return Math.min(max, Math.max(usually, value));
}
