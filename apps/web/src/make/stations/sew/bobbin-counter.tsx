import { Button } from 'antd';
import { Minus, Plus } from 'lucide-react';
import { bobbinState, type Step } from '@arcus/core';
import { useTally } from '../../use-tally.ts';

interface Props {
  step: Step;
  bobbins: NonNullable<Step['bobbins']>;
}

/** Rows counted while shirring; says before a row when the bobbin won't last for it. */
export function BobbinCounter({ step, bobbins }: Props) {
  const [kept = [0], set] = useTally(`rows:${step.id}`);
  const [sewn = 0, ...fresh] = kept;
  const state = bobbinState(bobbins, { sewn, fresh });
  const { row, change, left, lasts, used } = state;
  const total = bobbins.rows * bobbins.times;
  const freshBefore = (at: number) => set([sewn, ...fresh.filter((each) => each < at), at]);
  return (
    <section className={`bobbin-counter no-print${change ? ' change' : ''}`} aria-label="Rows and bobbins">
      <p className="bobbin-row" role="status">
        {row ? (
          <>
            <b>
              Row {row.inPiece} of {bobbins.rows}
            </b>
            {bobbins.times > 1 && ` on piece ${row.piece} of ${bobbins.times}`}
          </>
        ) : (
          <b>All {total} rows are sewn.</b>
        )}
      </p>
      {row && (
        <p className="bobbin-says">
          {change
            ? `Stop: put a fresh bobbin in BEFORE this row. Bobbin ${used} will not last for it.`
            : left === 1
              ? `This row is the last of bobbin ${used}. Have the next one wound.`
              : `Bobbin ${used} lasts for ${left} more rows, this one counted.`}
        </p>
      )}
      <div className="row">
        {change ? (
          <Button type="primary" size="large" className="done-next" onClick={() => freshBefore(sewn + 1)}>
            A fresh bobbin is in
          </Button>
        ) : (
          <Button
            type="primary"
            size="large"
            className="done-next"
            icon={<Plus size={20} />}
            disabled={!row}
            onClick={() => set([sewn + 1, ...fresh])}
          >
            Row sewn
          </Button>
        )}
        <Button
          className="on-table"
          size="large"
          icon={<Minus size={18} />}
          disabled={sewn === 0}
          aria-label="One row back"
          onClick={() => set([sewn - 1, ...fresh.filter((each) => each <= sewn)])}
        />
        {row && !change && (
          <Button type="text" className="on-table-text" onClick={() => freshBefore(sewn + 1)}>
            It ran out in this row
          </Button>
        )}
      </div>
      <p className="on-table-quiet small">
        {sewn} of {total} rows; a bobbin lasts {lasts} {lasts === 1 ? 'row' : 'rows'}
        {lasts < bobbins.rowsPerBobbin ? `, not the ${bobbins.rowsPerBobbin} planned` : ''}.
      </p>
    </section>
  );
}
