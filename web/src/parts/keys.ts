/** Where a key works: on every screen, on the screen that has what it goes to, or on the cells of a block while they have the focus. */
type Reach = "everywhere" | "here" | "cells";
type Declared = {
  /** As a browser tells them; a word after another is pressed after it; $mod is Ctrl, or Cmd on a Mac. */
  keys: readonly string[];
  /** As they are told to people. */
  told: string;
  /** What it does, in the list of keys. */
  does: string;
  reach: Reach;
};

const everywhere = (told: string, does: string, ...keys: string[]): Declared => ({
  keys,
  told,
  does,
  reach: "everywhere",
});
const here = (told: string, does: string, ...keys: string[]): Declared => ({
  keys,
  told,
  does,
  reach: "here",
});
const cells = (told: string, does: string, ...keys: string[]): Declared => ({
  keys,
  told,
  does,
  reach: "cells",
});

/** Every key there is, told once: what is bound, what a tooltip says and the list of keys come from here. */
export const KEYS = {
  home: everywhere("G P", "home of the project", "g p"),
  quilt: everywhere("G Q", "its quilt", "g q"),
  units: everywhere("G U", "its units", "g u"),
  buy: everywhere("G B", "what to buy for it", "g b"),
  projects: everywhere("J", "all projects", "j"),
  blocks: everywhere("K", "blocks: draw one, take it apart", "k"),
  tools: everywhere("T", "your tools", "t"),
  fabric: everywhere("B", "your fabric", "b"),
  hands: everywhere("H", "your hands: what is assumed, what is measured", "h"),
  line: everywhere("I", "which line: a unit under every tool you own", "i"),
  practice: everywhere("R", "practice", "r"),
  fence: here("F", "the fence; ← → move it by an eighth, Page Up and Page Down by more", "f"),
  size: here("S", "type the finished size", "s"),
  count: here("C", "type how many", "c"),
  bench: here("V", "bench view: one step at a time, to be read from where you stand", "v"),
  matters: here("W", "what matters; ← → change it, Tab goes to the next", "w"),
  borderBefore: here("[", "the size before at which another method takes over", "["),
  borderAfter: here("]", "the next size at which another method takes over", "]"),
  methods: here("M", "the methods; ↑ ↓ move, Enter opens a row", "m"),
  pick: here("P", "pick the row you are on, or remove the pick", "p"),
  change: here("E", "change or remove these units", "e"),
  list: here("L", "all units of the project", "l"),
  add: here("A", "add one", "a"),
  next: here("Space", "next", "Space", "Enter", "PageDown", "ArrowRight"),
  back: here("←", "the step before; Page Up too", "ArrowLeft", "PageUp"),
  leaveBench: here("Esc", "leave the bench view", "Escape"),
  first: here("1", "the first answer", "1"),
  second: here("2", "the second answer", "2"),
  third: here("3", "the third answer", "3"),
  fourth: here("4", "the fourth answer", "4"),
  undo: everywhere("Ctrl Z", "undo, on whichever screen it was done; U too", "$mod+z", "u"),
  redo: everywhere("Ctrl Y", "redo", "$mod+y", "$mod+Shift+z"),
  light: everywhere("D", "light or dark", "d"),
  help: everywhere("?", "this list", "?", "Shift+?"),
  whole: cells("O", "whole", "o"),
  rising: cells("/", "rising", "/"),
  falling: cells("\\", "falling", "\\"),
  quartered: cells("X", "quartered", "x"),
  again: cells("Space", "the same once more", " "),
  swap: cells("S", "the two fabrics change places", "s"),
  turn: cells("R", "turn what is to be set down", "r"),
  mirror: cells("M", "mirror it", "m"),
  leave: cells("Esc", "set nothing down", "escape"),
} satisfies Record<string, Declared>;

export type Action = keyof typeof KEYS;
export const ACTIONS = Object.keys(KEYS) as Action[];

/** What a key does to the cells of a block. */
export function onCells(key: string): Action | undefined {
  const pressed = key.toLowerCase();
  return ACTIONS.find((action) => {
    const { reach, keys }: Declared = KEYS[action];
    return reach === "cells" && keys.includes(pressed);
  });
}

/** All keys of the cells of a block. */
export const ON_CELLS = ACTIONS.filter((action) => KEYS[action].reach === "cells");

/** Whether a key is a letter or a sign by itself, as somebody may press by mistake or dictate. */
export function isLetter(key: string): boolean {
  return key.split(" ").every((one) => one.length === 1 && one !== " ") && key !== " ";
}

const LETTERS = "oaken-gauge.letters";

/** Whether single letters are keys in this browser. */
export function lettersOn(): boolean {
  return window.localStorage.getItem(LETTERS) !== "off";
}

export function switchLetters(on: boolean): void {
  window.localStorage.setItem(LETTERS, on ? "on" : "off");
}
