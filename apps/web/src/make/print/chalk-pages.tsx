import { chalkDrawing, formatLength, type ChalkSheet, type Plan, type Units } from '@arcus/core';
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
        <table key={id} className="table paper-table">
          <caption>{table.title}</caption>
          <thead>
            <tr>
              {table.columns.map((column) => (
                <th key={column} className="n">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.map(([along, out]) => (
              <tr key={`${along}-${out}`}>
                <td className="n">{along < -0.05 ? `${formatLength(-along, units)} above` : formatLength(along, units)}</td>
                <td className="n">{formatLength(out, units)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </section>
  );
}
