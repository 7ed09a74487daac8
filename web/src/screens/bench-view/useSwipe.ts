import { type TouchEvent, useRef } from "react";

/** So far a finger goes for a swipe, in points of the screen. */
const FAR = 60;

/** A swipe to the right goes back; whatever else a finger does is a tap. */
export function useSwipe(back: () => void) {
  const from = useRef<number>(undefined);
  return {
    onTouchStart: (event: TouchEvent) => (from.current = event.touches[0]?.clientX),
    onTouchEnd: (event: TouchEvent) => {
      const to = event.changedTouches[0]?.clientX;
      if (from.current === undefined || to === undefined || to - from.current < FAR) return;
      event.preventDefault();
      back();
    },
  };
}
