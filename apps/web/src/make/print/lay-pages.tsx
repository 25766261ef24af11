import { formatCloth, formatLength, layPlaces, laySvg, type Plan, type PlanLay } from '@arcus/core';

const CLOTHS = { main: 'Main cloth', lining: 'Lining', contrast: 'Second cloth' } as const;

/** Each cloth with its lay drawn, and where every piece lies as one finds it with a tape. */
export function LayPages({ plan, name }: { plan: Plan; name: string }) {
  const lays = [['main', plan.lay], ...Object.entries(plan.otherLays)] as Array<[keyof typeof CLOTHS, PlanLay]>;
  return lays.map(([role, lay]) => <LaySheet key={role} role={role} lay={lay} plan={plan} name={name} />);
}

const FOLD_SAYS = { open: 'lying open', along: 'folded along, selvedges together', across: 'folded across', 'in-four': 'folded in four' };

function LaySheet({ role, lay, plan, name }: { role: keyof typeof CLOTHS; lay: PlanLay; plan: Plan; name: string }) {
  const { units } = plan;
  const cloth = plan.cloths.of(role);
  const selvedge = (cloth.width * (cloth.prewashed ? 1 : 1 - cloth.shrinkAcross) - lay.usableWidth) / 2;
  const show = (mm: number) => formatLength(Math.max(0, mm), units);
  return (
    <section className="paper-section">
      <h2>
        The lay: {CLOTHS[role].toLowerCase()}, buy {formatCloth(lay.buy, units)}
      </h2>
      {lay.stretches && (
        <p>
          Cut from folded cloth: {lay.stretches.map(({ fold, length }) => `${formatCloth(length, units)} ${FOLD_SAYS[fold]}`).join(', then ')}. The
          drawing shows it opened out.
        </p>
      )}
      <div className="paper-lay" dangerouslySetInnerHTML={{ __html: laySvg(plan, lay, name).replace(/^<\?xml.*\?>\s*/, '') }} />
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
          {layPlaces(plan.pieces, lay, selvedge).map(({ number, piece, copy, turn, fromEnd, fromSelvedge, long, wide }) => (
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
    </section>
  );
}
