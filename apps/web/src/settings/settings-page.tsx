import type { SettingsView } from '@arcus/contract';
import { changeSettings, useSettings } from '../api/settings.ts';
import { useAttempt } from '../common/said.tsx';
import { RequestState } from '../common/request-state.tsx';
import { NumberInput } from '../fields/number-input.tsx';
import { Options } from '../fields/options.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { PageTop } from '../shell/shell.tsx';
import { SHORTCUTS } from '../shell/shortcuts.ts';
import { BackupsSection } from './backups.tsx';
import { OwnFigures } from './own-figures.tsx';
import { SewingBox } from './sewing-box.tsx';
import { SignOut } from './sign-out.tsx';
import { useUnits } from './units.tsx';

/** How this person works. */
export default function SettingsPage() {
  usePageTitle('Settings');
  const { units, setUnits } = useUnits();
  const settings = useSettings();
  return (
    <>
      <PageTop title="Settings" />
      <div className="page">
        <div className="page-inner stack" style={{ gap: 30 }}>
          <section className="stack">
            <h2>Units</h2>
            <Options
              label="Units"
              value={units}
              options={[
                { id: 'cm', label: 'Centimetres, to 1 mm' },
                { id: 'in', label: 'Inches, to 1/8' },
              ]}
              onChange={setUnits}
            />
            <p className="quiet">
              Any field reads both: type “66 cm”, “26 1/2 in”, “2 yd” or “1.5 m” wherever you are. Nothing is lost by switching.
            </p>
          </section>
          <RequestState of={settings} what="settings">
            {({ table, box, hours }) => (
              <>
                <Table table={table} />
                <SewingBox box={box} />
                <OwnFigures />
                <Hours hours={hours} />
              </>
            )}
          </RequestState>
          <section className="stack">
            <h2>Light and dark</h2>
            <p className="quiet">
              The table is dark so that chalk shows on it; lists and forms stay light, also where your system is set to dark: they are read in the
              light one cuts and sews by, beside paper and cloth, and print as they look. Movement follows your system’s setting.
            </p>
          </section>
          <BackupsSection />
          <SignOut />
          <section className="stack">
            <h2>Keys</h2>
            <table className="table" style={{ maxWidth: 560 }}>
              <tbody>
                {SHORTCUTS.map(({ keys, says }) => (
                  <tr key={keys}>
                    <td>
                      <kbd>{keys}</kbd>
                    </td>
                    <td>{says}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <p className="quiet">
            The interface for scripts is described at <a href="/api/docs">/api/docs</a>.
          </p>
        </div>
      </div>
    </>
  );
}

function Table({ table }: { table: SettingsView['table'] }) {
  const attempt = useAttempt();
  const set = (change: Partial<SettingsView['table']>) => attempt(changeSettings('table', { ...table, ...change }));
  return (
    <section className="stack">
      <h2>What stands on the table</h2>
      <Options
        label="Sewn with"
        value={table.machine}
        options={[
          { id: 'zigzag', label: 'A machine with zigzag' },
          { id: 'straight', label: 'A machine that only sews straight' },
          { id: 'hands', label: 'Needle and thread' },
        ]}
        onChange={(machine) => set({ machine })}
      />
      <Options
        label="Raw edges"
        value={table.finish}
        options={[
          { id: 'zigzag', label: 'Zigzag' },
          { id: 'overlock', label: 'An overlocker' },
          { id: 'pinking', label: 'Pinking shears' },
        ]}
        onChange={(finish) => set({ finish })}
      />
      <Options
        label="Pace"
        value={table.pace}
        options={[
          { id: 'beginner', label: 'I take it slowly' },
          { id: 'practised', label: 'I am practised' },
        ]}
        onChange={(pace) => set({ pace })}
      />
      <p className="quiet">
        New makes start with it: stitches, times and what to buy follow. In one make it can be otherwise, in Shape under the fine points.
      </p>
    </section>
  );
}

function Hours({ hours }: { hours: SettingsView['hours'] }) {
  const attempt = useAttempt();
  const set = (change: Partial<SettingsView['hours']>) => attempt(changeSettings('hours', { ...hours, ...change }));
  return (
    <section className="stack">
      <h2>Time to sew</h2>
      <div className="row wrap" style={{ gap: 18 }}>
        <span>On a working day</span>
        <NumberInput
          label="Minutes on a working day"
          value={hours.weekday}
          min={0}
          max={1200}
          whole
          width={150}
          suffix="minutes"
          onCommit={(weekday) => set({ weekday })}
        />
        <span>At the weekend</span>
        <NumberInput
          label="Minutes on a day of the weekend"
          value={hours.weekend}
          min={0}
          max={1200}
          whole
          width={150}
          suffix="minutes"
          onCommit={(weekend) => set({ weekend })}
        />
      </div>
      <p className="quiet">Today reckons with it: when each make is done, and which date can’t be kept.</p>
    </section>
  );
}
