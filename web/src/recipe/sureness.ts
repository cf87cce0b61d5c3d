type Sureness = { sign: string; word: string; look: string };

const LEVELS: Record<string, Sureness> = {
  sure: { sign: "✓", word: "sure", look: "text-done" },
  fairly: { sign: "≈", word: "fairly sure", look: "text-soft" },
  guess: { sign: "?", word: "a guess", look: "text-heat" },
};

const SURE: Sureness = { sign: "✓", word: "sure", look: "text-done" };

/** How sure a reading is, by sign and word as well as colour. */
export const sureness = (level: string | undefined): Sureness => LEVELS[level ?? "sure"] ?? SURE;
