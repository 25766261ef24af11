import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { ClothView, PersonView } from '@arcus/contract';
import {
  choiceShown,
  clothFigures,
  constructionById,
  formatCloth,
  formatLength,
  formatQuantity,
  draftFor,
  withLay,
  type ChoiceValue,
} from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { makesActions } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { ProblemNote, RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { LengthInput } from '../fields/length-input.tsx';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';
import { GarmentThumb } from '../table/garment-thumb.tsx';
import { useStudy } from '../workers/use-study.ts';

/** The length assumed where a cloth is still to be bought, mm. */
const SOME_CLOTH = 2000;

/** The reverse question: here is a cloth, here is a person; what can it become? */
export default function BecomesPage() {
  usePageTitle('What can it become?');
  const { id } = useParams();
  const cloths = useCloths();
  const people = usePeople();
  return (
    <>
      <PageTop title="What can it become?" />
      <div className="page">
        <div className="page-inner stack" style={{ gap: 24 }}>
          <RequestState of={cloths} what="the cupboard">
            {(all) => (
              <RequestState of={people} what="people">
                {(everyone) => {
                  const cloth = all.find((each) => each.id === id);
                  if (!cloth) return <p className="empty">This cloth is not in the cupboard any more.</p>;
                  if (everyone.length === 0)
                    return (
                      <p className="empty">
                        Nobody is known yet. <Link to="/people?new">Add a person</Link>
                      </p>
                    );
                  return <Becomes cloth={cloth} people={everyone} />;
                }}
              </RequestState>
            )}
          </RequestState>
        </div>
      </div>
    </>
  );
}

function Becomes({ cloth, people }: { cloth: ClothView; people: PersonView[] }) {
  const { units } = useUnits();
  const [query, setQuery] = useSearchParams();
  const person = people.find(({ id }) => id === query.get('person')) ?? people[0]!;
  const [onHand, setOnHand] = useState(cloth.lengthOnHand ?? SOME_CLOTH);
  const figures = useMemo(() => clothFigures({ ...cloth, lengthOnHand: onHand }), [cloth, onHand]);
  const { data, busy, failed } = useStudy(JSON.stringify([person.body, figures, units]), (worker) =>
    worker.becomes(person.body, figures, onHand, units),
  );
  return (
    <>
      <div className="row" style={{ gap: 18, alignItems: 'flex-end' }}>
        <span className="swatch" style={{ backgroundColor: cloth.colour }} aria-hidden="true" />
        <span>
          <b style={{ fontSize: 18 }}>{cloth.name}</b>
          <br />
          <span className="quiet">{formatLength(cloth.width, units)} wide</span>
        </span>
        <span className="stack" style={{ gap: 4, width: 150 }}>
          <span className="choice-label">Length there is</span>
          <LengthInput label="Length there is" value={onHand} min={100} max={50_000} onCommit={setOnHand} />
        </span>
        <span className="stack" style={{ gap: 4, width: 190 }}>
          <span className="choice-label">For</span>
          <Select
            aria-label="For"
            value={person.id}
            onChange={(to) => setQuery({ person: to }, { replace: true })}
            options={people.map(({ id, name }) => ({ value: id, label: name }))}
          />
        </span>
      </div>
      {failed && <p role="alert">{failed}</p>}
      {!data && !failed && <p className="quiet">Trying every garment, longer and fuller, on this piece of cloth…</p>}
      {data && (
        <div aria-busy={busy} className="stack" style={{ gap: 20 }}>
          <ul className="catalogue becomes">
            {data.can.map((each) => (
              <Possible key={each.construction} {...each} cloth={cloth} figures={figures} person={person} onHand={onHand} />
            ))}
          </ul>
          {data.can.length === 0 && <p className="empty">Nothing in the catalogue fits this cloth for {person.name}.</p>}
          {data.cannot.length > 0 && (
            <section className="stack" style={{ gap: 6 }}>
              <h3>Not of this cloth</h3>
              <ul className="list">
                {data.cannot.map(({ construction, name, why }) => (
                  <li key={construction} style={{ padding: '8px 0' }}>
                    <b>{name}.</b> {why}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      )}
    </>
  );
}

interface PossibleProps {
  construction: string;
  name: string;
  choices: Record<string, ChoiceValue>;
  fuller: string[];
  takes: number;
  cloth: ClothView;
  figures: ReturnType<typeof clothFigures>;
  person: PersonView;
  onHand: number;
}

function Possible({ construction, name, choices, fuller, takes, cloth, figures, person, onHand }: PossibleProps) {
  const { units } = useUnits();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<unknown>();
  const plan = useMemo(
    () => withLay(draftFor({ construction, body: person.body, cloth: figures, choices }), () => ({ length: takes, utilisation: 0, placements: [] })),
    [construction, person.body, figures, choices, takes],
  );
  const long = plan.quantities.find(({ id }) => id === 'finished-length');
  const sweep = plan.quantities.find(({ id }) => id === 'hem-sweep');
  const made = constructionById(construction)!;
  const wishes = made.choices.filter(({ id }) => fuller.includes(id));
  const start = async () => {
    try {
      const make = await makesActions.create({ name: `${name} of ${cloth.name}`, construction, personId: person.id, clothId: cloth.id, choices });
      await navigate(`/makes/${make.id}/shape`);
    } catch (error) {
      setProblem(error);
    }
  };
  return (
    <li className="catalogue-item">
      <GarmentThumb plan={plan} colour={cloth.colour} />
      <b>{made.name}</b>
      <span>
        {long && <>up to {formatQuantity(long.value, 'mm', units, 'down')} long</>}
        {sweep && <span className="quiet small">, {formatCloth(sweep.value, units, 'nearest')} round the hem</span>}
      </span>
      {wishes.map((choice) => (
        <span key={choice.id}>
          {choice.label.toLowerCase()} {choiceShown(choice, choices[choice.id]!, units, 'down')}
        </span>
      ))}
      <span className="quiet small">
        takes {formatCloth(takes, units, 'nearest')} of {formatCloth(onHand, units, 'nearest')}
      </span>
      <Button size="small" onClick={() => void start()}>
        Start it
      </Button>
      {problem ? <ProblemNote error={problem} /> : null}
    </li>
  );
}
