import { randomUUID } from 'node:crypto';
import { Injectable, PayloadTooLargeException } from '@nestjs/common';
import { BadInput } from '@arcus/core';
import type { PhotoView } from '@arcus/contract';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { findKept } from '../common/kept-rows.ts';
import { NoSuch } from '../common/problems.ts';
import { Database } from '../database/database.ts';
import { makes } from '../makes/makes.table.ts';
import { develop } from './develop.ts';
import { photos } from './photos.table.ts';

/** Bytes a photograph may have as it comes from the camera. */
const LARGEST = 20 * 1024 * 1024;
/** More of one garment nobody looks at. */
const MOST = 12;

@Injectable()
export class PhotosService {
  constructor(private readonly database: Database) {}

  async list(makeId: string): Promise<PhotoView[]> {
    await findKept(this.database.orm, makes, 'make', makeId);
    const { id, width, height, createdAt } = photos;
    return this.database.orm
      .select({ id, width, height, createdAt })
      .from(photos)
      .where(and(eq(photos.makeId, makeId), isNull(photos.struckAt)))
      .orderBy(asc(createdAt));
  }

  /** Develops and keeps a photograph, once under an id. Throws BadInput (no picture, too many) or 413. */
  async add(makeId: string, sent: AsyncIterable<Buffer>, id: string = randomUUID()): Promise<PhotoView> {
    const file = await whole(sent);
    const [known] = await this.database.orm.select().from(photos).where(eq(photos.id, id.toLowerCase()));
    if (known) return view(known);
    if ((await this.list(makeId)).length >= MOST)
      throw new BadInput('photo', `would be one too many: ${MOST} of a make are kept; take one out first`);
    const developed = await develop(file);
    const row = { id: id.toLowerCase(), makeId, ...developed, createdAt: new Date().toISOString() };
    await this.database.write((orm) => orm.insert(photos).values(row).onConflictDoNothing());
    return view(row);
  }

  /** The bytes of one, large or small. Throws NoSuch. */
  async bytes(id: string, size: 'image' | 'thumb'): Promise<Buffer> {
    const [row] = await this.database.orm.select({ bytes: photos[size] }).from(photos).where(eq(photos.id, id));
    if (!row) throw new NoSuch('photograph', id);
    return Buffer.from(row.bytes);
  }

  /** Takes one out, or puts it back. Throws NoSuch. */
  async strike(id: string, out: boolean): Promise<void> {
    const struckAt = out ? new Date().toISOString() : null;
    const rows = await this.database.write((orm) => orm.update(photos).set({ struckAt }).where(eq(photos.id, id)).returning({ id: photos.id }));
    if (rows.length === 0) throw new NoSuch('photograph', id);
  }
}

const view = ({ id, width, height, createdAt }: PhotoView): PhotoView => ({ id, width, height, createdAt });

/** All that is sent. What is too large is read to its end and thrown away: an answer given in between would not be heard. Throws 413. */
async function whole(sent: AsyncIterable<Buffer>): Promise<Buffer> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of sent) {
    size += part.length;
    if (size <= LARGEST) parts.push(part);
    else parts.length = 0;
  }
  if (size > LARGEST) throw new PayloadTooLargeException(`photo: is larger than ${LARGEST / 1024 / 1024} MB; send a smaller one`);
  if (size === 0) throw new BadInput('photo', 'is empty; send the picture as application/octet-stream');
  return Buffer.concat(parts);
}
