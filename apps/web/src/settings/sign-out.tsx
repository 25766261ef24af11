import { Button } from 'antd';
import useSWR from 'swr';
import { request } from '../api/client.ts';
import { setSignedOut } from '../session/signed-out.ts';

/** Where one had to give a passphrase, the way out again. */
export function SignOut() {
  const { data } = useSWR<{ needed: boolean; signedIn: boolean }>('/api/session');
  if (!data?.needed || !data.signedIn) return null;
  return (
    <div>
      <Button onClick={() => void request('DELETE', '/api/session').then(() => setSignedOut(true))}>Sign out on this device</Button>
    </div>
  );
}
