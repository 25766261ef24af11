/** A PNG has this many pixels for each millimetre of cloth: two metres become two thousand. */
const PIXELS = 1;
/** Browsers draw no larger a canvas than this, px. */
const LARGEST = 8000;

/** Hands a file over to the person. */
export function saveFile(name: string, content: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}

export const svgBlob = (svg: string) => new Blob([svg], { type: 'image/svg+xml' });

/** The same drawing in pixels. Rejects where the browser can't draw it. */
export async function pngBlob(svg: string): Promise<Blob> {
  const url = URL.createObjectURL(svgBlob(svg));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const [, , width = 1000, height = 1000] = (/viewBox="([^"]+)"/.exec(svg)?.[1] ?? '').split(' ').map(Number);
    const scale = Math.min(PIXELS, LARGEST / Math.max(width, height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(width * scale), Math.round(height * scale)];
    const pen = canvas.getContext('2d')!;
    pen.fillStyle = '#fff';
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((done, failed) =>
      canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('The picture could not be drawn.'))), 'image/png'),
    );
  } finally {
    URL.revokeObjectURL(url);
  }
}
