import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { viewOf, type Frame, type Margins, type View } from './view.ts';

interface Props {
  /** What has to be seen, mm; it may lie otherwise on a board of another shape (px). */
  frame: Frame | ((size: { width: number; height: number }) => Frame);
  margins?: Margins;
  /** What the drawing shows, in words, for those who can't see it. */
  describe: string;
  children: (view: View, size: { width: number; height: number }) => ReactNode;
  notes?: ReactNode;
  /** Tools laid on the drawing, on narrow ones too. */
  tools?: ReactNode;
  /** It holds things to take in hand, and is no mere picture. */
  handled?: boolean;
}

/** Beside a drawing this narrow, px, there is no room for notes. */
export const NARROW = 560;
const NARROW_MARGINS: Margins = { left: 46, top: 42, right: 18, bottom: 30 };
/** Two rows of tools at the foot of a narrow drawing, px. */
const TOOLS = 96;
const MARGINS: Margins = { left: 56, top: 52, right: 40, bottom: 36 };

/** Room for the words under the drawing and the edge of the board beside the tools, px. */
const ABOVE_TOOLS = 56;

/** The dark cutting table: a drawing to scale that fills its place. */
export function Board({ frame, margins = MARGINS, describe, children, notes, tools, handled = false }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const element = host.current!;
    const watch = new ResizeObserver(() => setSize({ width: element.clientWidth, height: element.clientHeight }));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  // tools may take several rows: what is drawn stays clear of them
  const [toolsHigh, setToolsHigh] = useState(0);
  useLayoutEffect(() => {
    const high = host.current?.querySelector<HTMLElement>('.board-tools')?.offsetHeight ?? 0;
    setToolsHigh(high);
  }, [tools, size.width]);
  const narrow = size.width < NARROW;
  const view = viewOf(
    typeof frame === 'function' ? frame(size) : frame,
    size.width,
    size.height,
    narrow
      ? { ...NARROW_MARGINS, bottom: NARROW_MARGINS.bottom + (tools ? TOOLS : 0) }
      : { ...margins, bottom: Math.max(margins.bottom, toolsHigh > 0 ? toolsHigh + ABOVE_TOOLS : 0) },
  );
  return (
    <div className="board" ref={host}>
      {size.width > 0 && (
        <svg width={size.width} height={size.height} role={handled ? 'group' : 'img'} aria-label={describe}>
          <defs>
            <pattern id="twill" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(30)">
              <rect width="7" height="7" fill="#1d3145" />
              <rect width="3" height="7" fill="#22384e" />
            </pattern>
            <filter id="chalk" x="-5%" y="-5%" width="110%" height="110%">
              <feTurbulence type="fractalNoise" baseFrequency="0.9" numOctaves="1" result="grain" />
              <feDisplacementMap in="SourceGraphic" in2="grain" scale="1.6" />
            </filter>
          </defs>
          {children(view, size)}
        </svg>
      )}
      {!narrow && notes}
      {tools}
    </div>
  );
}
