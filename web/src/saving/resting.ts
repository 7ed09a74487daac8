/** What stands on a page and is saved when the hand rests. */
const resting = new Set<() => void>();

/** Has what stands on a page saved at once when it is asked for; what is given back forgets it. */
export function rests(save: () => void): () => void {
  resting.add(save);
  return () => void resting.delete(save);
}

/** Saves whatever waits for the hand to rest. */
export function saveWhatRests(): void {
  resting.forEach((save) => save());
}
