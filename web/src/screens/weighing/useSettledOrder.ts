import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from "react";

import type { Method } from "../../api/client";

/** How long nothing has to change before rows change places, and how long they slide, milliseconds. */
const RESTS = 500;
const SLIDES = 260;

/**
 * Rows keep their places while the fence moves, and only their numbers change; once it rests they slide to where they stand now. What is
 * asked for at once (another sorting, a pick) is shown at once.
 */
export function useSettledOrder(
  methods: Method[],
  at: string,
  body: RefObject<HTMLTableSectionElement | null>,
): Method[] {
  const wanted = methods.map(({ method }) => method).join(" ");
  const [settled, setSettled] = useState({ at, order: wanted });
  const now = settled.at === at ? settled.order : wanted;
  if (settled.at !== at) setSettled({ at, order: wanted });
  useEffect(() => {
    const rest = setTimeout(() => setSettled({ at, order: wanted }), RESTS);
    return () => clearTimeout(rest);
    // Each answer begins the rest anew, also where it changes no place.
  }, [methods, wanted, at]);
  useSliding(now, body);
  const places = new Map(now.split(" ").map((name, place) => [name, place]));
  return methods.toSorted(
    (one, other) => (places.get(one.method) ?? methods.length) - (places.get(other.method) ?? methods.length),
  );
}

/** Rows that stand elsewhere than before begin where they stood. */
function useSliding(order: string, body: RefObject<HTMLTableSectionElement | null>) {
  const stood = useRef({ order: "", tops: new Map<string, number>() });
  useLayoutEffect(() => {
    const rows = [...(body.current?.querySelectorAll<HTMLElement>("tr.method") ?? [])];
    const tops = new Map(rows.map((row) => [nameOf(row), row.offsetTop]));
    const before = stood.current;
    stood.current = { order, tops };
    if (before.order === "" || before.order === order) return;
    if (window.matchMedia("(prefers-reduced-motion: reduce)").matches) return;
    for (const row of rows) {
      const moved = (before.tops.get(nameOf(row)) ?? row.offsetTop) - row.offsetTop;
      if (moved !== 0)
        row.animate([{ transform: `translateY(${moved}px)` }, { transform: "none" }], {
          duration: SLIDES,
          easing: "ease-out",
        });
    }
  });
}

function nameOf(row: HTMLElement): string {
  return row.querySelector("[data-method]")?.getAttribute("data-method") ?? "";
}
