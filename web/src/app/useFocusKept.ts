import { useEffect } from "react";

const FOCUSABLE =
  'a[href], button:not([disabled]), input:not([disabled]), select, textarea, summary, [tabindex]:not([tabindex="-1"])';

/** Where what has the focus is taken away by what it did, the focus goes to what came next; it never falls to the body. */
export function useFocusKept() {
  useEffect(() => {
    let last: Element | null = null;
    let around: Element[] = [];
    let place = 0;
    const remember = (event: FocusEvent) => {
      if (event.target instanceof Element && event.target !== document.body) {
        last = event.target;
        around = [...document.querySelectorAll(FOCUSABLE)];
        place = around.indexOf(last);
      }
    };
    const observer = new MutationObserver(() => {
      if (last === null || last.isConnected || document.activeElement !== document.body) {
        return;
      }
      const next =
        around.slice(Math.max(0, place)).find((one) => one.isConnected) ??
        around.slice(0, Math.max(0, place)).findLast((one) => one.isConnected) ??
        document.querySelector("h2[tabindex]");
      last = null;
      (next as HTMLElement | undefined)?.focus({ preventScroll: true });
    });
    document.addEventListener("focusin", remember);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener("focusin", remember);
      observer.disconnect();
    };
  }, []);
}
