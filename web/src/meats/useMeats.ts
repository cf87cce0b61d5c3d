import { useEffect, useState } from "react";
import { Problem } from "../api/Problem";
import { askMeats, useCatalogue } from "../api/queries";
import type { BraiseDraft, MeatOfferView } from "../api/types";

const AT_ONCE = 3;
const AT_A_TIME = 4;

const byRank = (a: MeatOfferView, b: MeatOfferView) => {
  for (let place = 0; place < a.rank.length; place += 1) {
    const by = (a.rank[place] ?? 0) - (b.rank[place] ?? 0);
    if (by !== 0) {
      return by;
    }
  }
  return a.name.localeCompare(b.name);
};

/** Every cut of the table for the dinner of a draft, asked a few at a time; what has come so far, the best first, and how far it is. */
export function useMeats(draft: BraiseDraft | undefined) {
  const cuts = useCatalogue().data?.cuts;
  const [offers, setOffers] = useState<MeatOfferView[]>([]);
  const [done, setDone] = useState(0);
  const [problem, setProblem] = useState("");
  const key = JSON.stringify(draft);
  useEffect(() => {
    if (cuts === undefined || key === undefined) {
      return;
    }
    const of = JSON.parse(key) as BraiseDraft;
    const waiting = cuts.map((cut) => cut.value);
    let stopped = false;
    setOffers([]);
    setDone(0);
    setProblem("");
    const next = async (): Promise<void> => {
      const some = waiting.splice(0, AT_A_TIME);
      if (some.length === 0 || stopped) {
        return;
      }
      try {
        const found = await askMeats(of, some);
        if (!stopped) {
          setOffers((now) => [...now, ...found].sort(byRank));
          setDone((now) => now + some.length);
        }
      } catch (error) {
        stopped = true;
        setProblem(error instanceof Problem ? (error.violations[0]?.message ?? error.message) : String(error));
        return;
      }
      await next();
    };
    const timer = setTimeout(() => {
      for (let k = 0; k < AT_ONCE; k += 1) {
        next();
      }
    }, 200);
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }, [cuts, key]);
  return { offers, share: cuts === undefined ? 0 : done / cuts.length, problem };
}
