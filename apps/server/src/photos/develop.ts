import { BadInput } from '@arcus/core';
import sharp from 'sharp';

/** As large as any screen shows it, and as small as a list does, pixels. */
const LARGE = 1600;
const SMALL = 320;
/** No camera in the house makes larger ones, pixels. */
const MOST_PIXELS = 120_000_000;
const KINDS = ['jpeg', 'png', 'webp'];

export interface Developed {
  image: Buffer;
  thumb: Buffer;
  width: number;
  height: number;
}

/**
 * Makes of a photograph what is kept: turned upright as its camera says, scaled down, as JPEG, with nothing of what the camera wrote into
 * it: neither place nor date nor its own small picture. Throws BadInput where it is no picture.
 */
export async function develop(file: Buffer): Promise<Developed> {
  const read = () => sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
  try {
    const { format } = await read().metadata();
    if (!KINDS.includes(format)) throw new BadInput('photo', `is a picture of a kind that can't be shown (${format}); JPEG, PNG and WebP can`);
    const upright = () => read().autoOrient().flatten({ background: '#ffffff' });
    const { data: image, info } = await upright()
      .resize(LARGE, LARGE, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 82 })
      .toBuffer({ resolveWithObject: true });
    const thumb = await upright().resize(SMALL, SMALL, { fit: 'cover', position: 'attention' }).jpeg({ quality: 76 }).toBuffer();
    return { image, thumb, width: info.width, height: info.height };
  } catch (error) {
    if (error instanceof BadInput) throw error;
    throw new BadInput('photo', 'is no picture that can be read: JPEG, PNG and WebP can, whole and not damaged');
  }
}
