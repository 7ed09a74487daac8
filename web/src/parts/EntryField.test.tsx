// @vitest-environment jsdom
import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";

import { EntryField } from "./EntryField";

/** The field with what the core says of it: `error` where it cannot be used. */
function field(value: string, error?: string) {
  const entered: string[] = [];
  const shown = (value: string, error?: string) => (
    <EntryField
      id="size"
      label="Finished size"
      value={value}
      error={error}
      onEnter={(text) => entered.push(text)}
    />
  );
  const { rerender } = render(shown(value, error));
  const input = screen.getByLabelText<HTMLInputElement>("Finished size");
  return {
    entered,
    input,
    hand: userEvent.setup(),
    now: (...told: [string, string?]) => rerender(shown(...told)),
  };
}

describe("a large number to type into", () => {
  it.each(["2 7/8", "2-7/8", "2.875", "2⅞", "7.3 cm", " 3 "])(
    "hands on %s as it was typed",
    async (typed) => {
      const { entered, input, hand } = field("2");
      await hand.clear(input);
      await hand.type(input, `${typed}{Enter}`);
      expect(entered).toEqual([typed.trim()]);
    },
  );

  it("hands on nothing where nothing was changed, or Escape took it back", async () => {
    const { entered, input, hand } = field("2");
    await hand.type(input, "{Enter}");
    await hand.clear(input);
    await hand.type(input, "2{Enter}");
    await hand.clear(input);
    await hand.type(input, "9{Escape}");
    await hand.tab();
    expect(entered).toEqual([]);
    expect(input.value).toBe("2");
  });

  it("hands on what stands there when she goes elsewhere, or the page is left", async () => {
    const { entered, input, hand } = field("2");
    await hand.clear(input);
    await hand.type(input, "3");
    await hand.tab();
    await hand.clear(input);
    await hand.type(input, "4");
    fireEvent(window, new Event("pagehide"));
    expect(entered).toEqual(["3", "4"]);
  });

  it.each(["0", "5 ft", "lots"])(
    "keeps %s while it cannot be used, with what is allowed beside it",
    async (typed) => {
      const { input, hand, now } = field("2");
      await hand.clear(input);
      await hand.type(input, `${typed}{Enter}`);
      now("2", "is no length: allowed is a length such as 2 7/8");
      expect(input.value).toBe(typed);
      expect(input.getAttribute("aria-invalid")).toBe("true");
      expect(screen.getByRole("alert").textContent).toBe("no length: allowed is a length such as 2 7/8");
      expect(input.getAttribute("aria-describedby")).toBe(screen.getByRole("alert").id);
      now("3");
      expect(input.value).toBe("3");
      expect(screen.queryByRole("alert")).toBeNull();
    },
  );
});
