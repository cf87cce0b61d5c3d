import type { ProblemView } from "./types";

/** An error of the API as its problem document says it, or status 0 where the server could not be reached. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly violations: ProblemView[] = [],
  ) {
    super(title);
  }

  get offline(): boolean {
    return this.status === 0;
  }

  at(path: string): string | undefined {
    return this.violations.find((violation) => violation.path === path)?.message;
  }
}
