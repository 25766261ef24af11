import { Options } from '../fields/options.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { PageTop } from '../shell/shell.tsx';
import { SHORTCUTS } from '../shell/shortcuts.ts';
import { BackupsSection } from './backups.tsx';
import { SignOut } from './sign-out.tsx';
import { useUnits } from './units.tsx';

/** How this person works. */
export default function SettingsPage() {
  usePageTitle('Settings');
  const { units, setUnits } = useUnits();
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
