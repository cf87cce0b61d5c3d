/** Where the text that is being brought is kept, for a reload. */
export const KEPT_TEXT = "pausis.bring";
