import { Drawer } from 'antd';
import { CheckList } from './check-list.tsx';
import { useMakeState } from './make-context.ts';

/** Every check of the plan. */
export default function ChecksDrawer({ onClose }: { onClose(): void }) {
  const { plan } = useMakeState();
  return (
    <Drawer open onClose={onClose} size={440} title="What Arcus looked at" closable={{ 'aria-label': 'Close' }}>
      <CheckList checks={plan?.checks ?? []} />
    </Drawer>
  );
}
