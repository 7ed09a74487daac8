import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from "react";

import type { Method } from "../../api/client";

/** How long nothing has to change, and no hand move over them, before rows change places; how long they slide; milliseconds. */
const RESTS = 500;
const SLIDES = 260;
/** What says that a hand is at the rows. */
const HANDS = ["pointermove", "focusin", "keydown"] as const;

/**
 * Rows keep their places while the fence moves, and only their numbers change; once it rests they slide to where they stand now. What is
 * asked for at once (another sorting, a pick) is shown at once.
 */
export function useSettledOrder(
  methods: Method[],
  at: string,
  body: RefObject<HTMLTableSectionElement | null>,
): { rows: Method[]; settled: boolean } {
  const wanted = methods.map(({ method }) => method).join(" ");
  const [settled, setSettled] = useState({ at, order: wanted });
  const now = settled.at === at ? settled.order : wanted;
  if (settled.at !== at) setSettled({ at, order: wanted });
  useEffect(() => {
    let rest: ReturnType<typeof setTimeout>;
    const begin = () => {
      clearTimeout(rest);
      rest = setTimeout(() => setSettled({ at, order: wanted }), RESTS);
    };
    begin();
    // No row moves from under a hand that is about to press something in it.
    const rows = body.current;
    HANDS.forEach((event) => rows?.addEventListener(event, begin));
    return () => {
      clearTimeout(rest);
      HANDS.forEach((event) => rows?.removeEventListener(event, begin));
    };
    // Each answer begins the rest anew, also where it changes no place.
  }, [methods, wanted, at, body]);
  useSliding(now, body);
  const places = new Map(now.split(" ").map((name, place) => [name, place]));
  const rows = methods.toSorted(
    (one, other) => (places.get(one.method) ?? methods.length) - (places.get(other.method) ?? methods.length),
  );
  return { rows, settled: now === wanted };
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
