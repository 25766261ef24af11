import { Button } from 'antd';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { TickList } from '../../common/tick-list.tsx';
import { Options } from '../../fields/options.tsx';
import { useUnits } from '../../settings/units.tsx';
import { ChalkBoard } from '../../table/chalk-board.tsx';
import { formatLength, type ChalkSheet } from '@arcus/core';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { useTicks } from '../use-ticks.ts';

/** Piece by piece: how to fold, then marks in order, drawn as they come. */
export default function ChalkStation() {
  const { plan, cloth } = useMakeState();
  const [query, setQuery] = useSearchParams();
  if (!plan)
    return (
      <>
        <div className="decisions">
          <h2>Chalk</h2>
        </div>
        <ProblemPanel />
      </>
    );
  const sheet = plan.chalk.find((each) => each.piece === query.get('piece')) ?? plan.chalk[0]!;
  return (
    <ChalkPiece
      key={sheet.piece}
      sheet={sheet}
      colour={cloth?.colour ?? '#b96a5a'}
      chooser={
        plan.chalk.length > 1 && (
          <Options
            label="Piece"
            value={sheet.piece}
            options={plan.chalk.map(({ piece, name }) => ({ id: piece, label: name }))}
            onChange={(piece) => setQuery({ piece }, { replace: true })}
          />
        )
      }
    />
  );
}

function ChalkPiece({ sheet, colour, chooser }: { sheet: ChalkSheet; colour: string; chooser: React.ReactNode }) {
  const { done, toggle } = useTicks(`chalk:${sheet.piece}`);
  const { units } = useUnits();
  const [pointed, setPointed] = useState<string>();
  const current = pointed ?? sheet.marks.find(({ id }) => !done.has(id))?.id;
  const mark = sheet.marks.find(({ id }) => id === current);
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Chalk {sheet.copies > 1 ? `${sheet.copies} of these` : 'this'}</h2>
          <p>{sheet.foldSays}</p>
        </header>
        {chooser}
        <TickList
          items={sheet.marks.map(({ id, says, hint }) => ({ id, title: says, hint }))}
          done={done}
          current={current}
          onToggle={(id) => {
            toggle(id);
            setPointed(undefined);
          }}
          onCurrent={setPointed}
        />
        {mark?.table && (
          <details>
            <summary>{mark.table.title}</summary>
            <table className="table">
              <thead>
                <tr>
                  {mark.table.columns.map((column) => (
                    <th key={column} className="n">
                      {column}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {mark.table.rows.map(([along, out]) => (
                  <tr key={`${along}-${out}`}>
                    <td className="n">{along < -0.05 ? `${formatLength(-along, units)} above` : formatLength(along, units)}</td>
                    <td className="n">{formatLength(out, units)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </details>
        )}
        <div className="no-print">
          <Button icon={<Printer size={16} />} onClick={() => window.print()}>
            Print this page
          </Button>
        </div>
      </div>
      <ChalkBoard sheet={sheet} current={current} colour={colour} />
    </>
  );
}
