import { createContext } from "react";

export type ToastMessage = { text: string; action?: { label: string; run: () => void } };

/** Says something briefly, with a way to take it back. */
export const ToastContext = createContext<(message: ToastMessage) => void>(() => {});
