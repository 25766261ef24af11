import { laySvg } from '@arcus/core';

interface Props {
  of: Parameters<typeof laySvg>[0];
  lay: Parameters<typeof laySvg>[1];
  title: string;
}

/** A lay black on white, true to its proportions, as it is printed and saved. */
export function LayPaper({ of, lay, title }: Props) {
  return <div className="paper-lay" dangerouslySetInnerHTML={{ __html: laySvg(of, lay, title).replace(/^<\?xml.*\?>\s*/, '') }} />;
}
