import { createContext, type ReactNode, use } from "react";
import type { Adaptation, BraiseDraft, BraiseView, Catalogue, CookerView, WayView } from "../api/types";

/** What every place of a braise works on. */
export type BraisePlace = {
  draft: BraiseDraft;
  view: BraiseView;
  /** The last that could be worked out; null where nothing has been yet. */
  adaptation: Adaptation | null;
  /** What held before the last change; null where nothing has been changed. */
  before: Adaptation | null;
  catalogue: Catalogue;
  cookers: CookerView[];
  /** The moment that the pictures show; null for loading. */
  at: number | null;
  lookAt: (moment: number | null) => void;
  change: (part: Partial<BraiseDraft>) => void;
  take: (way: WayView) => void;
  /** What takes a worry away, by its rule; asked for by itself, since it is planned before it is offered. */
  helps: Record<string, WayView>;
  /** What would work where the day can't be as it is wished. */
  ways: ReactNode;
  problem: (path: string) => string | undefined;
};

export const BraiseContext = createContext<BraisePlace | null>(null);

export function useBraisePlace(): BraisePlace {
  const place = use(BraiseContext);
  if (place === null) {
    throw new Error("A place of a braise stands within its braise.");
  }
  return place;
}
