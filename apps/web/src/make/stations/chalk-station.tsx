import { Button } from 'antd';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { TickList } from '../../common/tick-list.tsx';
import { useAwake } from '../../common/use-awake.ts';
import { Options } from '../../fields/options.tsx';
import { useUnits } from '../../settings/units.tsx';
import { ChalkBoard } from '../../table/chalk-board.tsx';
import type { ChalkSheet, Mark } from '@arcus/core';
import { InHandBar } from '../in-hand-bar.tsx';
import { useMakeState } from '../make-context.ts';
import { PrintLink } from '../print-link.tsx';
import { ProblemPanel } from '../problem-panel.tsx';
import { StationsTable } from '../stations-table.tsx';
import { useTicks } from '../use-ticks.ts';

/** Piece by piece: how to fold, then marks in order, drawn as they come; the one in hand large. */
export default function ChalkStation() {
  const { plan, cloth } = useMakeState();
  const [query, setQuery] = useSearchParams();
  useAwake();
  if (!plan)
    return (
      <>
        <div className="decisions">
          <h2>Chalk</h2>
        </div>
        <ProblemPanel />
      </>
    );
  const at = Math.max(
    0,
    plan.chalk.findIndex((each) => each.piece === query.get('piece')),
  );
  const sheet = plan.chalk[at]!;
  const next = plan.chalk[at + 1];
  const open = (piece: string) => setQuery({ piece }, { replace: true });
  return (
    <ChalkPiece
      key={sheet.piece}
      sheet={sheet}
      colour={cloth?.colour ?? '#b96a5a'}
      {...(next ? { next: { name: next.name, open: () => open(next.piece) } } : {})}
      chooser={
        plan.chalk.length > 1 && (
          <Options label="Piece" value={sheet.piece} options={plan.chalk.map(({ piece, name }) => ({ id: piece, label: name }))} onChange={open} />
        )
      }
    />
  );
}

interface Props {
  sheet: ChalkSheet;
  colour: string;
  chooser: React.ReactNode;
  /** The piece after this one. */
  next?: { name: string; open(): void };
}

function ChalkPiece({ sheet, colour, chooser, next }: Props) {
  const { done, toggle } = useTicks(`chalk:${sheet.piece}`);
  const [query, setQuery] = useSearchParams();
  const [listOpen, setListOpen] = useState(false);
  const { marks } = sheet;
  const point = (id: string | undefined) => {
    setListOpen(false);
    setQuery({ piece: sheet.piece, ...(id === undefined ? {} : { mark: id }) }, { replace: true });
  };
  const asked = marks.findIndex(({ id }) => id === query.get('mark'));
  const undone = marks.findIndex(({ id }) => !done.has(id));
  const at = asked >= 0 ? asked : undone >= 0 ? undone : marks.length - 1;
  const mark = marks[at]!;
  const all = undone < 0;
  const finish = () => {
    const was = done.has(mark.id);
    if (!was) toggle(mark.id);
    const left = marks.find(({ id }, i) => i > at && !done.has(id)) ?? marks[at + 1];
    if (left) return point(left.id);
    if (next) next.open();
  };
  return (
    <>
      <div className={`decisions step-list${listOpen ? ' open' : ''}`}>
        <header>
          <h2>Chalk {sheet.copies > 1 ? `${sheet.copies} of these` : 'this'}</h2>
          <p>{sheet.foldSays}</p>
          <Button className="step-list-close" icon={<X size={18} />} onClick={() => setListOpen(false)}>
            Back to the mark
          </Button>
        </header>
        {chooser}
        <TickList
          items={marks.map(({ id, says, hint }) => ({ id, title: says, hint }))}
          done={done}
          current={mark.id}
          onToggle={toggle}
          onCurrent={point}
        />
        <div className="no-print">
          <PrintLink only="chalk">Print the chalk sheets</PrintLink>
        </div>
      </div>
      <section className={`board step-in-hand chalk-in-hand${all ? ' all-done' : ''}`} aria-label="The mark in hand">
        <ChalkBoard sheet={sheet} current={mark.id} colour={colour} />
        <MarkWords sheet={sheet} mark={mark} place={`${at + 1} of ${marks.length}`} />
        <InHandBar
          of="mark"
          {...(at > 0 ? { onBack: () => point(marks[at - 1]!.id) } : {})}
          onList={() => setListOpen(true)}
          onDone={finish}
          doneSays={at < marks.length - 1 ? (done.has(mark.id) ? 'Next' : 'Done, next') : next ? `Done, on to: ${next.name}` : 'Done'}
        />
      </section>
    </>
  );
}

/** The mark in hand in letters one reads from the table's edge, with the ruler's places where it has some. */
function MarkWords({ sheet, mark, place }: { sheet: ChalkSheet; mark: Mark; place: string }) {
  const { units } = useUnits();
  return (
    <div className="mark-words" tabIndex={0}>
      <p className="board-kind">
        {sheet.name} · {place}
      </p>
      <h2>{mark.says}</h2>
      {mark.hint && <p className="step-why">{mark.hint}</p>}
      {mark.table && (
        <details key={mark.id}>
          <summary>{mark.table.title}</summary>
          <StationsTable of={mark.table} units={units} className="table on-board" />
        </details>
      )}
    </div>
  );
}
