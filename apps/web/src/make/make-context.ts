import { createContext, use } from 'react';
import type { ClothView, ElasticView, MakeDetail, PersonView } from '@arcus/contract';
import type { Construction } from '@arcus/core';
import type { MakeEditor } from './use-make-editor.ts';
import type { PlanState } from './use-plan.ts';

/** Everything a station needs. */
export interface MakeState extends MakeEditor, PlanState {
  make: MakeDetail;
  construction: Construction;
  person?: PersonView;
  people: PersonView[];
  cloth?: ClothView;
  /** Cloths for parts of it by what they are for. */
  others: Record<string, ClothView>;
  cloths: ClothView[];
  elastic?: ElasticView;
  elastics: ElasticView[];
}

export const MakeContext = createContext<MakeState | undefined>(undefined);

export function useMakeState(): MakeState {
  const state = use(MakeContext);
  if (!state) throw new Error('a station outside its make');
  return state;
}
