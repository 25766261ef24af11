import { Button } from 'antd';
import { Link } from 'react-router';
import { choiceShown, formatLength, measureById, type ChoiceValue } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { useMakeState } from './make-context.ts';

/** What stands in place of the drawing while nothing can be drawn: why, and the nearest thing that can. */
export function ProblemPanel() {
  const { problem, make, construction, choose } = useMakeState();
  const { units } = useUnits();
  if (!problem) return null;
  const [place = '', id = ''] = problem.field.split('.');
  const choice = construction.choices.find((each) => each.id === id);
  const nearest = typed(problem.nearest);
  const measure = choice?.label ?? measureById(id)?.label ?? id;
  return (
    <div className="board" style={{ display: 'grid', placeItems: 'center', padding: 30 }}>
      <div className="stack" style={{ maxWidth: 460 }} role="alert">
        <h2>
          {place !== 'body'
            ? "This can't be drawn yet"
            : nearest === undefined
              ? `Not measured yet: ${measure.toLowerCase()}`
              : `Look at: ${measure.toLowerCase()}`}
        </h2>
        {/* what is wrong with a field reads on from its name: "Wrist is needed for …" */}
        <p style={{ fontSize: 18 }}>{/^[a-z]/.test(problem.says) ? `${measure} ${problem.says}` : problem.says}</p>
        {place.startsWith('cloth') && problem.field.endsWith('.width') && typeof nearest === 'number' && (
          <p>Cloth {formatLength(nearest, units, 'up')} wide would do, or the piece made narrower in Shape.</p>
        )}
        {place === 'body' && <Link to={`/makes/${make.id}/measure`}>Go to Measure</Link>}
        {place === 'choices' && choice && nearest !== undefined && (
          <div>
            <Button onClick={() => choose(id, nearest)}>{`${choice.label}: take ${choiceShown(choice, nearest, units)}`}</Button>
          </div>
        )}
        {(place === 'cloth' || place === 'cloths') && <Link to={`/makes/${make.id}/cloth`}>Choose another cloth</Link>}
      </div>
    </div>
  );
}

/** What would do, as the choice takes it. */
function typed(nearest: number | string | undefined): ChoiceValue | undefined {
  if (nearest === 'true') return true;
  return nearest === 'false' ? false : nearest;
}
