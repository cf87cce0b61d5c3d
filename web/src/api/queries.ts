import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { remembered } from "./kept";
import { boxOf, boxOfBraise, put, SWITCHED_ON } from "./outbox";
import { Problem } from "./Problem";
import { request } from "./request";
import type {
  AgainView,
  BraiseDraft,
  BraiseSummary,
  BraiseView,
  Catalogue,
  CautionGroupView,
  ComparedView,
  CookedDraft,
  CookedPageView,
  CookedView,
  CookerDraft,
  CookerView,
  CookView,
  FinishView,
  ForkOutlook,
  HouseDraft,
  HouseView,
  IngredientDraft,
  LearnedView,
  MeaningDraft,
  MeaningView,
  MeatOfferView,
  NotebookView,
  ReadRecipe,
  RecipeLines,
  RecipeText,
  ScaleBraise,
  ScaledView,
  ServerView,
  StartCook,
  TodayView,
  WaterTestDraft,
  WaterTestView,
  WaysView,
  WholeHouseView,
} from "./types";
import { sendAll } from "./useOutbox";

const WHILE_COOKING_MS = 20_000;
/** At the stove: what another device has recorded is seen here within it. A poll that finds nothing new is a few bytes. */
const AT_THE_STOVE_MS = 5000;

export const useCatalogue = () =>
  useQuery({ queryKey: ["catalogue"], queryFn: remembered<Catalogue>("/catalogue"), staleTime: Infinity });

export const useHouse = () =>
  useQuery({ queryKey: ["house"], queryFn: remembered<HouseView>("/house"), staleTime: 60_000 });

export const useBraises = () => useQuery({ queryKey: ["braises"], queryFn: remembered<BraiseSummary[]>("/braises") });

export const useBraise = (id: string) =>
  useQuery({
    queryKey: ["braise", id],
    queryFn: remembered<BraiseView>(`/braises/${id}`),
    staleTime: 0,
    refetchInterval: WHILE_COOKING_MS,
  });

export type Tick = { braiseId: string; job: string; text: string; is: "done" | "not-yet" | "taken-back" };

/** A job of a braise is done, isn’t yet, or nothing is said of it any more; kept on this device until the server has it. */
export const useTick = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ braiseId, text, ...tick }: Tick) => {
      const place = boxOfBraise(braiseId);
      put(place, "ticks", { ...tick, at: "" }, text);
      await sendAll(client, place);
      const { refusal } = boxOf(place);
      if (refusal?.path === "ticks") {
        throw refusal.problem;
      }
    },
  });
};

export const useCookers = () => useQuery({ queryKey: ["cookers"], queryFn: remembered<CookerView[]>("/cookers") });

export const useCautions = () =>
  useQuery({ queryKey: ["cautions"], queryFn: remembered<CautionGroupView[]>("/cautions") });

export type NotebookAsked = { words: string; cut: string; cooker: string; who: string; page: number };

export const useNotebook = (asked: NotebookAsked) => {
  const query = new URLSearchParams(
    Object.entries(asked)
      .filter(([, value]) => value !== "")
      .map(([key, value]) => [key, String(value)]),
  ).toString();
  return useQuery({
    queryKey: ["notebook", "list", query],
    queryFn: () => request<NotebookView>("GET", `/notebook?${query}`),
    placeholderData: keepPreviousData,
  });
};

export const useLearned = () =>
  useQuery({ queryKey: ["notebook", "learned"], queryFn: () => request<LearnedView>("GET", "/notebook/learned") });

export const useForgetAll = () =>
  useSending(() => request<LearnedView>("DELETE", "/notebook/learned"), ["notebook", "cookers", "braise", "today"]);

export const useSayOfCook = (id: string) =>
  useSending((said: CookedDraft) => request<CookedPageView>("PUT", `/notebook/${id}`, said, true), ["notebook"]);

/** What could be changed when it is cooked again, by the cook's words, but for those that are left. */
export const useAgain = (braiseId: string, text: string, left: string[]) => {
  const client = useQueryClient();
  return useQuery({
    queryKey: ["again", braiseId, text, left],
    queryFn: async () => {
      const known = left.length === 0 ? undefined : client.getQueryData<AgainView>(["again", braiseId, text, []]);
      const taken = known?.changes.flatMap((change, k) => (left.includes(change.words) ? [] : [k])) ?? null;
      return request<AgainView>("POST", `/braises/${braiseId}/again`, { text, taken });
    },
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 60_000,
  });
};

/** Looks through a house’s file, or takes it in. */
export const useTakeInHouse = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ text, how }: { text: string; how: "look" | "beside" | "instead" }) => {
      const file = new Blob([text], { type: "application/json" });
      return request<WholeHouseView>("POST", `/everything?how=${how}`, file);
    },
    onSuccess: (seen) => (seen.taken ? client.invalidateQueries() : undefined),
  });
};

/** The cooks of one braise that are over. */
export const useCookedOf = (braiseId: string) =>
  useQuery({
    queryKey: ["notebook", "of", braiseId],
    queryFn: () => request<CookedView[]>("GET", `/notebook/of/${braiseId}`),
  });

export const useCookedPage = (id: string) =>
  useQuery({ queryKey: ["notebook", id], queryFn: () => request<CookedPageView>("GET", `/notebook/${id}`) });

export const useCook = (id: string) =>
  useQuery({
    queryKey: ["cook", id],
    queryFn: remembered<CookView>(`/cooks/${id}`),
    refetchInterval: AT_THE_STOVE_MS,
  });

/** What each answer of the fork would lead to; asked for only while the fork is. */
export const useForkOutlook = (id: string, asked: boolean) =>
  useQuery({
    queryKey: ["cook", id, "fork"],
    queryFn: remembered<ForkOutlook>(`/cooks/${id}/fork`),
    enabled: asked,
    refetchInterval: 60_000,
  });

/** The sauce of a pot that is being finished, as it is typed, dragged or wished. */
export const useFinish = (
  id: string,
  asked: { left: string; level: number | null; thickness: string; thickener: string },
) => {
  const query = new URLSearchParams(
    Object.entries(asked)
      .filter(([, value]) => value !== "" && value !== null)
      .map(([key, value]) => [key, String(value)]),
  );
  return useQuery({
    queryKey: ["cook", id, "finish", query.toString()],
    queryFn: () => request<FinishView>("GET", `/cooks/${id}/finish?${query}`),
    placeholderData: keepPreviousData,
    retry: false,
    refetchInterval: 60_000,
  });
};

export const useServer = () => useQuery({ queryKey: ["server"], queryFn: () => request<ServerView>("GET", "/server") });

export const useSendAway = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (device: string) => request<undefined>("DELETE", `/devices/${device}`),
    onSuccess: () => client.invalidateQueries({ queryKey: ["server"] }),
  });
};

export const useToday = () =>
  useQuery({
    queryKey: ["today"],
    queryFn: remembered<TodayView>("/today"),
    refetchInterval: WHILE_COOKING_MS,
  });

/**
 * Keeps what may be needed at the stove on this device before the server is away: the pots that are on and the braise that is
 * next, with their sheets.
 */
export function useAtHand(today: TodayView | undefined) {
  const client = useQueryClient();
  const pots = today?.running ?? [];
  const braises = [
    ...pots.map((pot) => pot.braiseId),
    ...(today?.planned ?? [])
      .filter((braise) => braise.works)
      .slice(0, 1)
      .map((braise) => braise.id),
  ];
  const key = JSON.stringify([pots.map((pot) => pot.cookId), braises]);
  useEffect(() => {
    const [cooks, all] = JSON.parse(key) as [string[], string[]];
    client.prefetchQuery({
      queryKey: ["catalogue"],
      queryFn: remembered<Catalogue>("/catalogue"),
      staleTime: Infinity,
    });
    client.prefetchQuery({ queryKey: ["cookers"], queryFn: remembered<CookerView[]>("/cookers") });
    for (const id of cooks) {
      client.prefetchQuery({ queryKey: ["cook", id], queryFn: remembered<CookView>(`/cooks/${id}`) });
    }
    for (const id of all) {
      client.prefetchQuery({ queryKey: ["braise", id], queryFn: remembered<BraiseView>(`/braises/${id}`) });
      if ("caches" in window) {
        // Into the worker's own cache (vite.config.ts), whether it serves this page yet or not.
        caches.open("sheets").then(
          (sheets) => sheets.add(`/api/braises/${id}/sheet.pdf`).catch(() => undefined),
          () => undefined,
        );
      }
    }
  }, [client, key]);
}

/** What was made of a text; a text that can't be read any more gives nothing to show. */
export const useReading = (text: string, measures: string) =>
  useQuery({
    queryKey: ["reading", text, measures],
    queryFn: () => request<ReadRecipe>("POST", "/recipes/read", { text, name: "", measures }),
    enabled: text.trim() !== "",
    staleTime: Infinity,
    retry: false,
  });

/** What each of some changes of a draft would come to. */
export const useCompared = (
  draft: BraiseDraft,
  braiseId: string,
  changes: Record<string, unknown>[],
  wanted: boolean,
) =>
  useQuery({
    queryKey: ["compared", braiseId, draft, changes],
    queryFn: () => request<ComparedView[]>("POST", `/braises/compare?of=${braiseId}`, { draft, changes }),
    enabled: wanted && changes.length > 0,
    placeholderData: (previous) => previous,
    gcTime: 0,
  });

export const askMeats = (draft: BraiseDraft, cuts: string[]) =>
  request<MeatOfferView[]>("POST", "/meats", { draft, cuts });

export const usePlainBraise = () =>
  useQuery({ queryKey: ["plain"], queryFn: () => request<BraiseDraft>("GET", "/meats/plain"), staleTime: Infinity });

export const useReadRecipe = () =>
  useMutation({ mutationFn: (recipe: RecipeText) => request<ReadRecipe>("POST", "/recipes/read", recipe) });

export const readLines = (lines: RecipeLines) => request<IngredientDraft[]>("POST", "/recipes/lines", lines);

export const useMeanings = () =>
  useQuery({ queryKey: ["meanings"], queryFn: () => request<MeaningView[]>("GET", "/meanings") });

export const useLearnMeaning = () =>
  useSending((meaning: MeaningDraft) => request<MeaningView>("POST", "/meanings", meaning), ["meanings"]);

export const useForgetMeaning = () =>
  useSending((words: string) => request<void>("DELETE", `/meanings/${encodeURIComponent(words)}`), ["meanings"]);

/** What would work where the day of a draft can't be. */
export const useWays = (draft: BraiseDraft, braiseId: string, wanted: boolean) =>
  useQuery({
    queryKey: ["ways", braiseId, draft],
    queryFn: () => request<WaysView>("POST", `/braises/ways?of=${braiseId}`, draft),
    enabled: wanted,
    gcTime: 0,
  });

export const usePreview = (draft: BraiseDraft, braiseId = "") =>
  useQuery({
    queryKey: ["preview", braiseId, draft],
    queryFn: () => request<BraiseView>("POST", `/braises/preview?of=${braiseId}`, draft),
    placeholderData: (previous) => previous,
    gcTime: 0,
  });

function useSending<In, Out>(send: (input: In) => Promise<Out>, stale: string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => Promise.all(stale.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

export const useScale = () =>
  useMutation({ mutationFn: (scale: ScaleBraise) => request<ScaledView>("POST", "/braises/scale", scale) });

export const useCreateBraise = () =>
  useSending((draft: BraiseDraft) => request<BraiseView>("POST", "/braises", draft), ["braises", "today"]);

export const useDeleteBraise = () =>
  useSending((id: string) => request<void>("DELETE", `/braises/${id}`), ["braises", "today"]);

export const useRestoreBraise = () =>
  useSending((id: string) => request<BraiseView>("POST", `/braises/${id}/restore`), ["braises", "today"]);

/** Switches on; where the server can’t be reached it is kept here that it was, and when. */
export const useStartCook = (braiseId: string) =>
  useSending(
    async (start: StartCook): Promise<CookView | null> => {
      try {
        return await request<CookView>("POST", `/braises/${braiseId}/cook`, start);
      } catch (error) {
        if (!(error instanceof Problem) || error.status !== 0) {
          throw error;
        }
        put(boxOfBraise(braiseId), SWITCHED_ON, start, "switched on");
        return null;
      }
    },
    ["braises", "braise", "today"],
  );

export const useSaveCooker = () =>
  useSending(
    ({ id, draft }: { id: string | null; draft: CookerDraft }) =>
      request<CookerView>(id === null ? "POST" : "PUT", id === null ? "/cookers" : `/cookers/${id}`, draft),
    ["cookers", "braise", "today"],
  );

export const useDeleteCooker = () =>
  useSending((id: string) => request<void>("DELETE", `/cookers/${id}`), ["cookers", "braise", "today"]);

export const useRestoreCooker = () =>
  useSending((id: string) => request<CookerView>("POST", `/cookers/${id}/restore`), ["cookers", "braise", "today"]);

/** Repaired, or another of the same kind. */
export const useForgetLearned = (id: string) =>
  useSending(() => request<CookerView>("DELETE", `/cookers/${id}/learned`), ["cookers", "braise", "today", "notebook"]);

export const useTrustLearned = (id: string) =>
  useSending(() => request<CookerView>("DELETE", `/cookers/${id}/doubt`), ["cookers"]);

export const useNoteWaterTest = (id: string) =>
  useSending((test: WaterTestDraft) => request<CookerView>("PUT", `/cookers/${id}/water-test`, test), ["cookers"]);

export const useWaterTest = (id: string) =>
  useSending(
    (test: WaterTestDraft) => request<WaterTestView>("POST", `/cookers/${id}/water-test`, test),
    ["cookers", "braise", "today"],
  );

export const useSaveHouse = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (draft: HouseDraft) => request<HouseView>("PUT", "/house", draft, true),
    onSuccess: () => client.invalidateQueries(),
  });
};
