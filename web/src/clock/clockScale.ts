import type { RibbonView } from "../api/types";

const HOUR = 3_600_000;

export type Stretch = { from: number; to: number };

/** A clock along a line: linear, but for the nights that are folded away, which say so. */
export type ClockScale = Stretch & {
  /** px of a moment. */
  x: (moment: number) => number;
  /** The moment at so many px. */
  at: (x: number) => number;
  /** Where a night is folded, px. */
  folds: { left: number; right: number }[];
  /** Full hours that have room beside each other. */
  ticks: (nearest: number) => number[];
};

export function clockScale(
  span: Stretch,
  folded: Stretch[],
  left: number,
  right: number,
  foldWidth: number,
): ClockScale {
  const folds = folded
    .map((fold) => ({ from: Math.max(span.from, fold.from), to: Math.min(span.to, fold.to) }))
    .filter((fold) => fold.to - fold.from > HOUR / 2)
    .sort((a, b) => a.from - b.from);
  const away = folds.reduce((sum, fold) => sum + fold.to - fold.from, 0);
  const rate = (right - left - folds.length * foldWidth) / Math.max(1, span.to - span.from - away);
  const pieces: { from: number; to: number; left: number; right: number; fold: boolean }[] = [];
  let [moment, x] = [span.from, left];
  const add = (to: number, width: number, fold: boolean) => {
    pieces.push({ from: moment, to, left: x, right: x + width, fold });
    [moment, x] = [to, x + width];
  };
  for (const fold of folds) {
    add(fold.from, (fold.from - moment) * rate, false);
    add(fold.to, foldWidth, true);
  }
  add(span.to, (span.to - moment) * rate, false);
  const first = pieces[0] as (typeof pieces)[number];
  const last = pieces.at(-1) as (typeof pieces)[number];
  const toX = (at: number) => {
    const piece = pieces.find((one) => at <= one.to) ?? last;
    return piece.left + ((at - piece.from) * (piece.right - piece.left)) / Math.max(1, piece.to - piece.from);
  };
  return {
    ...span,
    x: (at) => Math.min(right, Math.max(left, toX(at))),
    at: (px) => {
      const piece = pieces.find((one) => px <= one.right) ?? (px < left ? first : last);
      return piece.from + ((px - piece.left) * (piece.to - piece.from)) / Math.max(1e-9, piece.right - piece.left);
    },
    folds: pieces.filter((piece) => piece.fold).map((piece) => ({ left: piece.left, right: piece.right })),
    ticks: (nearest) => {
      const ticks: number[] = [];
      for (let at = Math.ceil(span.from / HOUR) * HOUR; at <= span.to; at += HOUR) {
        const inFold = pieces.some((piece) => piece.fold && at > piece.from && at < piece.to);
        const before = ticks.at(-1);
        if (!inFold && (before === undefined || toX(at) - toX(before) >= nearest)) {
          ticks.push(at);
        }
      }
      return ticks;
    },
  };
}

export const moment = (iso: string) => (iso === "" ? null : Date.parse(iso));

export const stretches = (spans: { from: string; to: string }[]): Stretch[] =>
  spans.map((span) => ({ from: Date.parse(span.from), to: Date.parse(span.to) }));

const overlaps = (a: Stretch, b: Stretch) => a.from < b.to && b.from < a.to;

/** The nights in which nothing happens: no pot on, nobody at work, and not now. */
export function quietNights(ribbon: RibbonView): Stretch[] {
  const busy = stretches(ribbon.work);
  const [on, sauce] = [moment(ribbon.switchOn), moment(ribbon.sauce)];
  if (on !== null && sauce !== null) {
    busy.push({ from: on, to: sauce });
  }
  const now = Date.parse(ribbon.now);
  return stretches(ribbon.asleep).filter(
    (night) => !busy.some((one) => overlaps(one, night)) && !(now > night.from && now < night.to),
  );
}

export const spanOf = (ribbon: RibbonView): Stretch => ({ from: Date.parse(ribbon.from), to: Date.parse(ribbon.to) });

export const ribbonScale = (ribbon: RibbonView, left: number, right: number) =>
  clockScale(spanOf(ribbon), quietNights(ribbon), left, right, right - left > 700 ? 56 : 22);
