/** How the lines of a tool are drawn, by their weight: heavier ones are easier to find. */
export const LINES: Record<string, string> = {
  main: "fill-none stroke-ink stroke-[0.9]",
  half: "fill-none stroke-ink stroke-[0.6]",
  fine: "fill-none stroke-quiet stroke-[0.5]",
  seam: "fill-none stroke-chalk stroke-1 [stroke-dasharray:4_3]",
};
