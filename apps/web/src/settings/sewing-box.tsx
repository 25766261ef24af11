import { Checkbox } from 'antd';
import { TOOLS } from '@arcus/core';
import { useSewingBox } from './use-sewing-box.ts';

/** Tools that are there already: they are left out of what is to be bought. */
export function SewingBox() {
  const [box, put] = useSewingBox();
  return (
    <section className="stack" aria-label="In the sewing box">
      <h2>In the sewing box</h2>
      <ul className="list plain box-list">
        {TOOLS.map(({ id, what }) => (
          <li key={id}>
            <Checkbox checked={box.has(id)} onChange={({ target }) => put(id, target.checked)}>
              {what}
            </Checkbox>
          </li>
        ))}
      </ul>
      <p className="quiet">What lies there is on no list of things to buy; a make still says which of them it takes.</p>
    </section>
  );
}
