import type { ProblemView } from "./types";

/** One answer to what was asked: the fields of the request that say it. */
export type Offer = { text: string; changes: Record<string, unknown> };

export type Violation = ProblemView & { offers?: Offer[] };

/** An error of the API as its problem document says it, or status 0 where the server could not be reached. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly violations: Violation[] = [],
  ) {
    super(title);
  }

  /** Whether the same may well succeed later: the server away, its disk full, its store busy. */
  get passing(): boolean {
    return this.status === 0 || this.status >= 500;
  }

  at(path: string): string | undefined {
    return this.violations.find((violation) => violation.path === path)?.message;
  }
}
