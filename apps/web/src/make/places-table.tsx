import { formatLength, type LayPlace, type Units } from '@arcus/core';

/** Where every piece of a lay lies, as one finds the place with a tape. */
export function PlacesTable({ places, units }: { places: readonly LayPlace[]; units: Units }) {
  const show = (mm: number) => formatLength(Math.max(0, mm), units);
  return (
    <table className="table paper-table">
      <thead>
        <tr>
          <th>No.</th>
          <th>Piece</th>
          <th className="n">from the cut end</th>
          <th className="n">from the near selvedge</th>
          <th className="n">takes up, along × across</th>
        </tr>
      </thead>
      <tbody>
        {places.map(({ number, piece, copy, turn, fromEnd, fromSelvedge, long, wide }) => (
          <tr key={`${piece.id}-${copy}`}>
            <td>{number}</td>
            <td>
              {piece.name}
              {turn === 180 ? ', top towards the cut end' : ''}
            </td>
            <td className="n">{show(fromEnd)}</td>
            <td className="n">{show(fromSelvedge)}</td>
            <td className="n">
              {show(long)} × {show(wide)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
