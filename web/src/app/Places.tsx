import { type KeyboardEvent, useEffect } from "react";
import { NavLink, useLocation, useNavigate } from "react-router";
import type { Place } from "./places";

/** Places as words: one stop of the Tab key, moved in by arrows; each also by its own key with Alt. */
export function Places({
  label,
  places,
  base,
  bar = false,
}: {
  label: string;
  places: Place[];
  base: string;
  bar?: boolean;
}) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const addressOf = (place: Place) => (place.path.startsWith("/") ? place.path : `${base}/${place.path}`);
  const isHere = (place: Place) =>
    addressOf(place) === pathname || (addressOf(place) !== "/" && pathname.startsWith(`${addressOf(place)}/`));
  const here = places.findIndex(isHere);
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey) {
        return;
      }
      // With Alt held, some keyboards write another sign: the place of the key counts, too.
      const place = places.find(
        (one) =>
          event.key === one.key || event.code === `Digit${one.key}` || event.code === `Key${one.key.toUpperCase()}`,
      );
      if (place !== undefined) {
        event.preventDefault();
        navigate(place.path.startsWith("/") ? place.path : `${base}/${place.path}`);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [places, base, navigate]);
  const onArrow = (event: KeyboardEvent<HTMLElement>) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by === undefined) {
      return;
    }
    event.preventDefault();
    const links = [...event.currentTarget.querySelectorAll("a")];
    const at = links.indexOf(document.activeElement as HTMLAnchorElement);
    links[(at + by + links.length) % links.length]?.focus();
  };
  return (
    <nav aria-label={label} onKeyDown={onArrow} className={bar ? "flex [&>a]:flex-auto" : "flex h-9 shrink-0 gap-0.5"}>
      {places.map((place, index) => (
        <NavLink
          key={place.path}
          to={addressOf(place)}
          end={place.path === "/"}
          tabIndex={index === Math.max(0, here) ? 0 : -1}
          className={
            bar
              ? "flex min-h-13 items-center justify-center px-0.5 text-[0.82rem] font-semibold text-rim aria-[current=page]:bg-rim aria-[current=page]:font-bold aria-[current=page]:text-on-rim"
              : "flex items-center rounded-b-lg px-3 pb-0.5 text-sm font-semibold text-rim hover:bg-sunk aria-[current=page]:bg-rim aria-[current=page]:font-bold aria-[current=page]:text-on-rim"
          }
        >
          {place.label}
        </NavLink>
      ))}
    </nav>
  );
}
