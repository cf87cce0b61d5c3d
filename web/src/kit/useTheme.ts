import { useEffect, useState } from "react";

type Theme = "light" | "dark";

const KEY = "pausis.theme";

function initial(): Theme {
  const kept = localStorage.getItem(KEY);
  if (kept === "light" || kept === "dark") {
    return kept;
  }
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

/** The look chosen on this device; the system's until one is. */
export function useTheme(): [Theme, () => void] {
  const [theme, setTheme] = useState<Theme>(initial);
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const toggle = () => {
    const next = theme === "dark" ? "light" : "dark";
    localStorage.setItem(KEY, next);
    setTheme(next);
  };
  return [theme, toggle];
}
