import { Button } from 'antd';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import type { ClothView } from '@arcus/contract';
import { formatCloth, layPlaces, piecesTogether, selvedgeOf, togetherRequest } from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { makesActions, useMakes } from '../api/makes.ts';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { LayPaper } from '../make/lay-paper.tsx';
import { PlacesTable } from '../make/places-table.tsx';
import { needsOf, togetherTick, type Needs } from '../makes/needs-of.ts';
import { useSketches } from '../makes/use-sketches.ts';
import { useTogether, type Together } from '../makes/use-together.ts';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';

const everyone = () => true;

/** Several makes of one cloth laid in one go: what that saves, how the pieces lie, and the decision. */
export default function TogetherPage() {
  const { id = '' } = useParams();
  const cloths = useCloths();
  const makes = useMakes();
  const cloth = cloths.data?.find((each) => each.id === id);
  usePageTitle(cloth ? `${cloth.name}, laid together` : 'Laid together');
  return (
    <>
      <PageTop title={cloth ? `Together from ${cloth.name}` : 'Laid together'} />
      <div className="page">
        <div className="page-inner stack together">
          <RequestState of={cloths} what="the cupboard">
            {() =>
              cloth ? (
                <RequestState of={makes} what="your makes">
                  {(all) => <OnOneCloth cloth={cloth} makes={all} />}
                </RequestState>
              ) : (
                <p className="empty">
                  This link leads to no cloth. <Link to="/cupboard">To the cupboard</Link>
                </p>
              )
            }
          </RequestState>
        </div>
      </div>
    </>
  );
}

function OnOneCloth({ cloth, makes }: { cloth: ClothView; makes: Parameters<typeof useSketches>[0] }) {
  const sketches = useSketches(makes);
  const shelf = useMemo(() => [cloth], [cloth]);
  const needs = useMemo(
    () => needsOf(sketches, shelf).filter((each) => each.cloths.some(({ clothId }) => clothId === cloth.id)),
    [sketches, shelf, cloth],
  );
  const together = useTogether(needs, shelf, everyone).get(cloth.id);
  if (needs.length < 2)
    return (
      <p className="empty">
        {needs.length === 0 ? 'Nothing that is still to be cut' : `Only ${needs[0]!.name}`} is made from {cloth.name}. Two makes can be laid together.{' '}
        <Link to={`/makes/new?cloth=${cloth.id}`}>Begin another from it</Link>
      </p>
    );
  if (!together) return <p className="empty">These makes can’t be laid on one cloth: it counts as wider for one of them than for the other.</p>;
  return <Laid cloth={cloth} needs={needs} together={together} />;
}

function Laid({ cloth, needs, together: { sharers, lay, takes, alone } }: { cloth: ClothView; needs: readonly Needs[]; together: Together }) {
  const { units } = useUnits();
  if (!lay || takes === undefined)
    return (
      <p className="quiet" role="status">
        Laying them together…
      </p>
    );
  const decided = needs.every(({ make }) => make.done.includes(togetherTick(cloth.id)));
  const gain = alone - takes;
  const decide = (on: boolean) => needs.forEach(({ make }) => makesActions.tick(make, togetherTick(cloth.id), on));
  const pieces = piecesTogether(sharers);
  const { width } = togetherRequest(sharers);
  const has = cloth.lengthOnHand;
  return (
    <>
      <p className="together-says" data-testid="together">
        {gain > 1 ? (
          <>
            Laid together they take <b>{formatCloth(takes, units)}</b>; one after the other {formatCloth(alone, units)}. You save{' '}
            {formatCloth(gain, units, 'down')}.
          </>
        ) : (
          <>Laying them together saves nothing here: one after the other they take {formatCloth(alone, units)}.</>
        )}{' '}
        {has !== null &&
          (takes <= has + 1e-6
            ? `There are ${formatCloth(has, units, 'down')}: enough for ${needs.length === 2 ? 'both' : 'all of them'}.`
            : `There are ${formatCloth(has, units, 'down')}: ${formatCloth(takes - has, units)} are missing.`)}
      </p>
      <ul className="list">
        {needs.map(({ id, name, cloths }) => (
          <li key={id} className="row together-make">
            <Link to={`/makes/${id}/cloth`}>{name}</Link>
            <span className="quiet">
              by itself{' '}
              {formatCloth(
                cloths.filter((of) => of.clothId === cloth.id).reduce((sum, of) => sum + of.takes, 0),
                units,
              )}
            </span>
          </li>
        ))}
      </ul>
      {(decided || gain > 1) && (
        <div className="row no-print">
          {decided ? (
            <>
              <span>They are cut together: that is what is counted and bought.</span>
              <Button onClick={() => decide(false)}>Cut each by itself</Button>
            </>
          ) : (
            <Button type="primary" onClick={() => decide(true)}>
              Cut them together
            </Button>
          )}
          {gain > 1 && (
            <Button icon={<Printer size={17} />} onClick={() => print()}>
              Print this lay
            </Button>
          )}
        </div>
      )}
      {gain > 1 && (
        <>
          <p className="quiet">
            The cloth lies open, in one layer. Label every piece with its make before it leaves the table; chalk each as its own make says.
          </p>
          <LayPaper of={{ pieces, units }} lay={{ ...lay, usableWidth: width }} title={needs.map(({ name }) => name).join(' and ')} />
          <PlacesTable places={layPlaces(pieces, lay, selvedgeOf(cloth, width))} units={units} />
        </>
      )}
    </>
  );
}
