import { Link } from 'react-router';
import type { ClothView, MakeView, PersonView } from '@arcus/contract';
import { constructionById } from '@arcus/core';
import { sayDate, sayDistance } from '../common/dates.ts';
import { STATION_ORDER } from '../make/stations.ts';
import { nextAction } from './next-action.ts';

interface Props {
  makes: readonly MakeView[];
  people: readonly PersonView[];
  cloths: readonly ClothView[];
  action?: (make: MakeView) => React.ReactNode;
}

/** Makes as a worklist: cloth, name, what comes next, when it is due. */
export function MakeRows({ makes, people, cloths, action }: Props) {
  return (
    <ul className="list">
      {makes.map((make) => {
        const next = nextAction(make);
        const person = people.find(({ id }) => id === make.personId);
        const cloth = cloths.find(({ id }) => id === make.clothId);
        return (
          <li key={make.id} className="make-row">
            <Link className="list-row make-link" to={`/makes/${make.id}/${next.station}`}>
              <span className="swatch" style={{ backgroundColor: cloth?.colour ?? '#c9d1d6' }} aria-hidden="true" />
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

/** The stitched line in small. */
function Progress({ make }: { make: MakeView }) {
  const sewn = STATION_ORDER.filter(({ id }) => make.finishedOn !== null || make.done.includes(`station:${id}`)).length;
  return (
    <span className="progress" aria-label={`${sewn} of 6 stations done`} role="img">
      {STATION_ORDER.map(({ id }, i) => (
        <i key={id} className={i < sewn ? 'sewn' : undefined} />
      ))}
    </span>
  );
}
