import { Button, Input } from 'antd';
import { useState } from 'react';
import { useSWRConfig } from 'swr';
import { request } from '../api/client.ts';
import { ProblemNote } from '../common/request-state.tsx';
import { outbox } from '../outbox/use-outbox.ts';
import { setSignedOut } from './signed-out.ts';

/** Where this Arcus can be reached by others it asks for its passphrase. */
export default function SignInPage() {
  const [passphrase, setPassphrase] = useState('');
  const [error, setError] = useState<unknown>();
  const [busy, setBusy] = useState(false);
  const { mutate } = useSWRConfig();
  const signIn = async () => {
    setBusy(true);
    try {
      await request('POST', '/api/session', { passphrase });
      setSignedOut(false);
      outbox.now();
      await mutate(() => true);
    } catch (problem) {
      setError(problem);
    } finally {
      setBusy(false);
    }
  };
  return (
    <main className="sign-in">
      <form
        className="stack"
        onSubmit={(event) => {
          event.preventDefault();
          void signIn();
        }}
      >
        <h1>Arcus</h1>
        <p>This sewing table is in another room. Give its passphrase to sit down at it.</p>
        <label className="choice-label" htmlFor="passphrase">
          Passphrase
        </label>
        <Input.Password
          id="passphrase"
          value={passphrase}
          autoFocus
          autoComplete="current-password"
          onChange={(event) => setPassphrase(event.target.value)}
        />
        {error ? <ProblemNote error={error} /> : null}
        <div>
          <Button type="primary" size="large" htmlType="submit" loading={busy} disabled={passphrase === ''}>
            Come in
          </Button>
        </div>
      </form>
    </main>
  );
}
