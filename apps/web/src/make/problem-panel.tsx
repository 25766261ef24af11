import { Button } from 'antd';
import { Link } from 'react-router';
import { useMakeState } from './make-context.ts';

/** What stands in place of the drawing while nothing can be drawn: why, and the nearest thing that can. */
export function ProblemPanel() {
  const { problem, make, choose } = useMakeState();
  if (!problem) return null;
  const [place, id = ''] = problem.field.split('.');
  return (
    <div className="board" style={{ display: 'grid', placeItems: 'center', padding: 30 }}>
      <div className="stack" style={{ maxWidth: 460 }} role="alert">
        <h2>{place === 'body' ? 'A measure is missing' : "This can't be drawn yet"}</h2>
        <p style={{ fontSize: 18 }}>{problem.says}</p>
        {place === 'body' && <Link to={`/makes/${make.id}/measure`}>Go to Measure</Link>}
        {place === 'choices' && problem.nearest !== undefined && (
          <div>
            <Button onClick={() => choose(id, problem.nearest)}>Take the nearest that can be made</Button>
          </div>
        )}
        {place === 'cloth' && <Link to={`/makes/${make.id}/cloth`}>Choose another cloth</Link>}
      </div>
    </div>
  );
}
