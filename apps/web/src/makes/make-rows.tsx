import { Link } from 'react-router';
import type { MakeView, PersonView } from '@arcus/contract';
import { constructionById } from '@arcus/core';
import { sayDate, sayDistance } from '../common/dates.ts';
import { STATION_ORDER } from '../make/stations.ts';
import { GarmentThumb } from '../table/garment-thumb.tsx';
import { nextAction } from './next-action.ts';
import { useSketches, type Sketched } from './use-sketches.ts';

interface Props {
  makes: readonly MakeView[];
  people: readonly PersonView[];
  action?: (make: MakeView) => React.ReactNode;
}

/** Makes as a worklist: the garment drawn in its cloth, name, what comes next, when it is due. */
export function MakeRows({ makes, people, action }: Props) {
  const sketches = useSketches(makes);
  return (
    <ul className="list">
      {sketches.map((sketch) => {
        const { make, cloth } = sketch;
        const next = nextAction(make);
        const person = people.find(({ id }) => id === make.personId);
        return (
          <li key={make.id} className="make-row">
            <Link className="list-row make-link" to={`/makes/${make.id}/${next.station}`}>
              <MakePicture {...sketch} />
              <span>
                <b style={{ fontSize: 18 }}>{make.name}</b>
                <br />
                <span className="quiet small">
                  {constructionById(make.construction)?.name} for {person?.name ?? 'somebody'}
                  {cloth ? ` · ${cloth.name}` : ''}
                </span>
              </span>
              <span className={next.urgent ? 'stop' : undefined}>
                {next.says}
                <br />
                <Progress make={make} />
              </span>
              <span className="quiet small due">
                {make.finishedOn ? `finished ${sayDate(make.finishedOn)}` : make.dueOn ? `due ${sayDistance(make.dueOn)}` : ''}
              </span>
            </Link>
            {action?.(make)}
          </li>
        );
      })}
    </ul>
  );
}

/** The garment in its cloth; the cloth alone where it can't be drawn yet. */
export function MakePicture({ plan, cloth, large = false }: Sketched & { large?: boolean }) {
  const colour = cloth?.colour ?? '#8b98a2';
  return (
    <span className={`make-picture${large ? ' large' : ''}`}>
      {plan?.view ? <GarmentThumb plan={plan} colour={colour} /> : <span className="swatch" style={{ backgroundColor: colour }} aria-hidden="true" />}
    </span>
  );
}

/** The stitched line in small. */
export function Progress({ make }: { make: MakeView }) {
  const sewn = STATION_ORDER.filter(({ id }) => make.finishedOn !== null || make.done.includes(`station:${id}`)).length;
  return (
    <span className="progress" aria-label={`${sewn} of 6 stations done`} role="img">
      {STATION_ORDER.map(({ id }, i) => (
        <i key={id} className={i < sewn ? 'sewn' : undefined} />
      ))}
    </span>
  );
}
