import { formatLength, type Mark, type Units } from '@arcus/core';

interface Props {
  of: NonNullable<Mark['table']>;
  units: Units;
  className: string;
  /** Say above it what it is; left out where that stands there already. */
  titled?: boolean;
}

/** The ruler's places of a curve or a gore: so far along, so far out. */
export function StationsTable({ of: { title, columns, rows }, units, className, titled = false }: Props) {
  return (
    <table className={className}>
      {titled && <caption>{title}</caption>}
      <thead>
        <tr>
          {columns.map((column) => (
            <th key={column} className="n">
              {column}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([along, out]) => (
          <tr key={`${along}-${out}`}>
            <td className="n">{along < -0.05 ? `${formatLength(-along, units)} above` : formatLength(along, units)}</td>
            <td className="n">{formatLength(out, units)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
