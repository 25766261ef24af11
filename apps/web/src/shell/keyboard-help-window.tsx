import { Modal } from 'antd';
import { SHORTCUTS } from './shortcuts.ts';

export default function KeyboardHelpWindow({ onClose }: { onClose(): void }) {
  return (
    <Modal open onCancel={onClose} footer={null} title="Keys">
      <table className="table">
        <tbody>
          {SHORTCUTS.map(({ keys, says }) => (
            <tr key={keys}>
              <td style={{ whiteSpace: 'nowrap' }}>
                <kbd>{keys}</kbd>
              </td>
              <td>{says}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
