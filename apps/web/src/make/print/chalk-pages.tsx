import { chalkDrawing, type ChalkSheet, type Plan, type Units } from '@arcus/core';
import { StationsTable } from '../stations-table.tsx';
import { PaperDrawing } from './paper-drawing.tsx';

/** Every piece on a sheet of its own: how to fold, its drawing with numbered marks, the marks with boxes to tick, the ruler's places. */
export function ChalkPages({ plan }: { plan: Plan; name: string }) {
  return plan.chalk.map((sheet) => <SheetPage key={sheet.piece} sheet={sheet} units={plan.units} />);
}

function SheetPage({ sheet, units }: { sheet: ChalkSheet; units: Units }) {
  const tables = sheet.marks.flatMap(({ id, table }) => (table ? [{ id, table }] : []));
  return (
    <section className="paper-section">
      <h2>
        Chalk: {sheet.name}, {sheet.copies === 1 ? 'one' : sheet.copies} of these
      </h2>
      <p>{sheet.foldSays}</p>
      <PaperDrawing drawing={chalkDrawing(sheet, units)} width={176} height={118} scaled />
      <ol className="paper-marks">
        {sheet.marks.map(({ id, says, hint }) => (
          <li key={id}>
            <span className="paper-box">☐</span> {says}
            {hint && <i>, {hint}</i>}
          </li>
        ))}
      </ol>
      {tables.map(({ id, table }) => (
        <StationsTable key={id} of={table} units={units} className="table paper-table" titled />
      ))}
    </section>
  );
}
