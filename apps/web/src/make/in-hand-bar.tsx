import { Button } from 'antd';
import { ArrowLeft, Check, ListOrdered } from 'lucide-react';

interface Props {
  /** "step", "mark". */
  of: string;
  onBack?: () => void;
  onList(): void;
  onDone(): void;
  doneSays: string;
}

/** What is under the thumb while one thing is in hand: back, all of them, and done with this one. */
export function InHandBar({ of, onBack, onList, onDone, doneSays }: Props) {
  return (
    <div className="step-bar no-print">
      <Button className="on-table" icon={<ArrowLeft size={20} />} disabled={!onBack} onClick={onBack} aria-label={`The ${of} before`} />
      <Button className="on-table all-steps" icon={<ListOrdered size={20} />} onClick={onList} aria-label={`All ${of}s`} />
      <Button className="done-next" icon={<Check size={20} />} onClick={onDone}>
        {doneSays}
      </Button>
    </div>
  );
}
