import { Button, Dropdown } from 'antd';
import { Download, Lock, LockOpen, RotateCw, Shuffle } from 'lucide-react';
import { useCallback, useState } from 'react';
import { laySvg, type PlanLay } from '@arcus/core';
import { Options } from '../../../fields/options.tsx';
import { FoldedBoard } from '../../../table/folded-board.tsx';
import { LayBoard } from '../../../table/lay-board.tsx';
import { PrintLink } from '../../print-link.tsx';
import { useMakeState } from '../../make-context.ts';
import { pngBlob, saveFile, svgBlob } from './save-drawing.ts';
import { useHandLay } from './use-hand-lay.ts';
import { useSaid } from '../../../common/said.tsx';

const CLOTHS = { main: 'Main cloth', lining: 'Lining', contrast: 'Second cloth' } as const;
type Role = keyof typeof CLOTHS;

/** The lay of each cloth of the make; the main one can be rearranged by hand. */
export function LayView() {
  const { plan, cloth, others, laying, byHand, draft, change } = useMakeState();
  const message = useSaid();
  const [role, setRole] = useState<Role>('main');
  const hand = useHandLay();
  const refused = useCallback(
    () => void message.warning({ content: 'It can’t lie there: it would cover another piece or hang off the cloth.', key: 'lay' }),
    [message],
  );
  if (!plan) return null;
  const turn = () => {
    const piece = plan.pieces.find(({ id }) => id === selected?.piece);
    if (piece && piece.turns.length < 2)
      void message.warning({ content: 'This piece lies one way only: its grain, or the way of the cloth, allows no other.', key: 'lay' });
    else if (!hand.turn()) refused();
  };
  const roles: Role[] = ['main', ...(['lining', 'contrast'] as const).filter((each) => plan.otherLays[each])];
  const shown = roles.includes(role) ? role : 'main';
  const lay: PlanLay = shown === 'main' ? plan.lay : plan.otherLays[shown]!;
  const folded = shown === 'main' ? lay.stretches : undefined;
  const selected = hand.selected === undefined ? undefined : hand.placements[hand.selected];
  const says = hand.busy
    ? 'laying the rest again…'
    : byHand && shown === 'main'
      ? `laid by hand, ${hand.placements.filter((each) => each.locked).length} held in place`
      : laying
        ? 'laying closer…'
        : 'open, in one layer; length runs along the table';
  const colour = (shown === 'main' ? cloth : others[shown])?.colour ?? '#b96a5a';
  const drawing = () => laySvg(plan, lay, draft.name);
  const name = `${draft.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-lay`;
  const save = (kind: string) => {
    if (kind === 'svg') return saveFile(`${name}.svg`, svgBlob(drawing()));
    pngBlob(drawing())
      .then((blob) => saveFile(`${name}.png`, blob))
      .catch((error: unknown) => void message.error(String(error)));
  };
  const tools = (
    <div className="board-tools no-print">
      {roles.length > 1 && (
        <Options<Role> label="Cloth shown" value={shown} options={roles.map((id) => ({ id, label: CLOTHS[id] }))} onChange={setRole} />
      )}
      {folded && <Button onClick={() => change((now) => ({ choices: { ...now.choices, fold: 'open' } }), 'fold')}>Lay it open to move pieces</Button>}
      {shown === 'main' && !folded && (
        <>
          <Button icon={<RotateCw size={16} />} disabled={!selected} onClick={turn}>
            Turn
          </Button>
          <Button icon={selected?.locked ? <LockOpen size={16} /> : <Lock size={16} />} disabled={!selected} onClick={hand.toggleLock}>
            {selected?.locked ? 'Let go' : 'Hold in place'}
          </Button>
          <Button icon={<Shuffle size={16} />} loading={hand.busy} onClick={() => void hand.again()}>
            Lay the rest again
          </Button>
          {(byHand || hand.outdated) && <Button onClick={hand.letGo}>Let Arcus lay it</Button>}
        </>
      )}
      <Dropdown
        menu={{
          items: [
            { key: 'svg', label: 'Drawing (SVG), true to size' },
            { key: 'png', label: 'Picture (PNG)' },
          ],
          onClick: ({ key }) => save(key),
        }}
      >
        <Button icon={<Download size={16} />}>Save</Button>
      </Dropdown>
      <PrintLink only="lay">Print</PrintLink>
    </div>
  );
  return (
    <>
      {folded ? (
        <FoldedBoard stretches={folded} plan={plan} colour={colour} tools={tools} />
      ) : (
        <LayBoard
          plan={plan}
          lay={lay}
          cloth={plan.cloths.of(shown)}
          colour={colour}
          says={hand.outdated && shown === 'main' ? 'the pieces have changed since you laid them by hand; Arcus lays them' : says}
          hand={
            shown === 'main'
              ? { placements: hand.placements, selected: hand.selected, onSelect: hand.select, onChange: hand.change, onRefused: refused }
              : undefined
          }
          tools={tools}
        />
      )}
    </>
  );
}
