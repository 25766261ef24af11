import type { LayRequest } from './lay-request.ts';

/** Figures that differ by less are the same, decimal places of a millimetre: so that two machines give the same name. */
const PLACES = 5;

/**
 * A name for what is asked to be laid: the same pieces on the same cloth have the same name, here and elsewhere. It leaves out how long
 * to look. 128 bits of two mixing hashes; no secret, and whoever is handed a lay by name still looks whether it fits.
 */
export function layKey({ width, pieces, gap, repeat, locked }: LayRequest): string {
  const round = (value: number) => Number(value.toFixed(PLACES));
  const text = JSON.stringify([
    round(width),
    pieces.map(({ id, outline, copies, turns, mirror, matched }) => [
      id,
      outline.flatMap((point) => point.map(round)),
      copies,
      turns,
      mirror ?? 0,
      matched ?? 0,
    ]),
    gap ?? 0,
    repeat ?? 0,
    locked ?? [],
  ]);
  return mixed(text, 0x9e3779b9) + mixed(text, 0x85ebca6b);
}

/** 64 bits of a text, as 16 hexadecimal digits: two 32-bit multiplicative hashes that end in each other. */
function mixed(text: string, seed: number): string {
  let [a, b] = [0xdeadbeef ^ seed, 0x41c6ce57 ^ seed];
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    a = Math.imul(a ^ code, 2654435761);
    b = Math.imul(b ^ code, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return [a, b].map((part) => (part >>> 0).toString(16).padStart(8, '0')).join('');
}
