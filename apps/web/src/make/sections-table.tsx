import { formatLength, type Step, type Units } from '@arcus/core';

interface Props {
  of: NonNullable<Step['sections']>;
  units: Units;
  className: string;
}

/** Marks that divide two edges into equal parts, edge beside edge. */
export function SectionsTable({ of: { columns, rows }, units, className }: Props) {
  return (
    <table className={className}>
      <caption className="visually-hidden">Marks that divide both edges into equal parts</caption>
      <thead>
        <tr>
          {columns.map((column) => (
            <th key={column}>{column}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.parts}>
            <td>{row.parts}</td>
            {row.marks.map((mm, i) => (
              <td key={i}>{formatLength(mm, units)}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
