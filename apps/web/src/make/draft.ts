import type { MakeView } from '@arcus/contract';

/** What of a make is edited here and saved by itself. */
export type MakeDraft = Pick<MakeView, 'name' | 'personId' | 'clothId' | 'elasticId' | 'choices' | 'lay' | 'dueOn' | 'station' | 'done'>;

export function draftOf({ name, personId, clothId, elasticId, choices, lay, dueOn, station, done }: MakeView): MakeDraft {
  return { name, personId, clothId, elasticId, choices, lay, dueOn, station, done };
}

/** The fields that differ, ready for a PATCH; undefined where nothing does. */
export function changesBetween(saved: MakeDraft, now: MakeDraft): Partial<MakeDraft> | undefined {
  const keys = (Object.keys(now) as Array<keyof MakeDraft>).filter((key) => JSON.stringify(saved[key]) !== JSON.stringify(now[key]));
  return keys.length === 0 ? undefined : (Object.fromEntries(keys.map((key) => [key, now[key]])) as Partial<MakeDraft>);
}

const KEEP = (id: string) => `arcus.unsaved.${id}`;

/** What was not yet saved when the page went away. */
export function unsavedOf(id: string): MakeDraft | undefined {
  try {
    const text = localStorage.getItem(KEEP(id));
    return text ? (JSON.parse(text) as MakeDraft) : undefined;
  } catch {
    return undefined;
  }
}

export function keepUnsaved(id: string, draft: MakeDraft | undefined): void {
  if (draft) localStorage.setItem(KEEP(id), JSON.stringify(draft));
  else localStorage.removeItem(KEEP(id));
}
