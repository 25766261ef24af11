import { Drawer } from 'antd';
import { NewPerson } from './new-person.tsx';

/** A new person from inside a make, chosen for it at once. */
export default function NewPersonDrawer({ onClose, onMade }: { onClose(): void; onMade(id: string): void }) {
  return (
    <Drawer open onClose={onClose} mask={{ closable: false }} size={470} title="Who is it for?" closable={{ 'aria-label': 'Close' }}>
      <NewPerson
        onMade={(id) => {
          onMade(id);
          onClose();
        }}
      />
    </Drawer>
  );
}
