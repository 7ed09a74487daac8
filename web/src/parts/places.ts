/** Where keys go on a screen. */
export type Place = "fence" | "size" | "count" | "matters" | "methods";

const places = new Map<Place, HTMLElement>();

/** A ref: this is the place that a key goes to. */
export function isPlace(name: Place | undefined) {
  return (element: HTMLElement | null) => {
    if (!name || !element) return;
    places.set(name, element);
    return () => {
      if (places.get(name) === element) places.delete(name);
    };
  };
}

/** Goes to a place, where it is there. */
export function goToPlace(name: Place): void {
  places.get(name)?.focus();
}
