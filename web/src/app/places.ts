export type Place = { path: string; label: string; key: string };

/** The places of the house. */
export const HOUSE: Place[] = [
  { path: "/", label: "Today", key: "t" },
  { path: "/notebook", label: "Notebook", key: "n" },
  { path: "/kitchen", label: "Kitchen", key: "k" },
];

/** The places of a braise, in the order of the work; after its address. */
export const BRAISE: Place[] = [
  { path: "recipe", label: "Recipe", key: "1" },
  { path: "pot", label: "Pot", key: "2" },
  { path: "changes", label: "Changes", key: "3" },
  { path: "day", label: "Day", key: "4" },
  { path: "stove", label: "Stove", key: "5" },
  { path: "after", label: "After", key: "6" },
];
