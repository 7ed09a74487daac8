// @vitest-environment jsdom
import { waitFor, within } from "@testing-library/react";
import { beforeEach, describe, expect, it } from "vitest";

import { open } from "../../testing/opened";
import { Shelf } from "../../testing/shelf";
import { FabricsScreen } from "./FabricsScreen";

let shelf: Shelf;
/** Opened, and a form over it, once what it asks for is there. */
const opened = async (button: string | RegExp) => {
  const page = open(<FabricsScreen />);
  await page.hand.click(await page.screen.findByRole("button", { name: button }));
  const form = within(await page.screen.findByRole("dialog"));
  return { ...page, form, name: form.getByLabelText<HTMLInputElement>("Name") };
};
const rewrite = async ({ hand, name }: Awaited<ReturnType<typeof opened>>, words: string) => {
  await hand.clear(name);
  await hand.type(name, words);
  await hand.tab();
};

beforeEach(() => {
  shelf = new Shelf();
  shelf.server.listen({ onUnhandledRequest: "error" });
  return () => shelf.server.close();
});

describe("a form that is half filled in", () => {
  it("is there after the page was loaded anew, and after Escape", async () => {
    const before = await opened("Add a fabric");
    await rewrite(before, "Wrack");
    await before.hand.selectOptions(before.form.getByLabelText("Form"), "Scraps");
    const after = await opened("Add a fabric");
    expect(after.name.value).toBe("Wrack");
    expect(after.form.getByRole<HTMLOptionElement>("option", { name: "Scraps" }).selected).toBe(true);
    await after.hand.keyboard("{Escape}");
    expect((await opened("Add a fabric")).name.value).toBe("Wrack");
  });

  it("is let go where it is cancelled, or saved", async () => {
    const cancelled = await opened("Add a fabric");
    await rewrite(cancelled, "Wrack");
    await cancelled.hand.click(cancelled.form.getByRole("button", { name: "Cancel" }));
    const saved = await opened("Add a fabric");
    expect(saved.name.value).toBe("");
    await rewrite(saved, "Wrack");
    await saved.hand.click(saved.form.getByRole("button", { name: "Add" }));
    await saved.screen.findByText("Added Wrack.");
    expect((await opened("Add a fabric")).name.value).toBe("");
  });

  it("is let go where another window changed what it is of", async () => {
    await rewrite(await opened("Change Harbour blue"), "Wrack");
    shelf.elsewhere(1, "Sedge");
    expect((await opened("Change Sedge")).name.value).toBe("Sedge");
  });
});

describe("what cannot be saved", () => {
  it("says beside its field what is allowed, and stays as it was typed", async () => {
    const page = await opened("Change Harbour blue");
    shelf.faults = [
      { pointer: "/name", message: "is empty: allowed is a text of 1 to 80 letters" },
      { pointer: "/fabric/usable_width", message: "is 0: allowed is more than 0" },
    ];
    const width = page.form.getByLabelText<HTMLInputElement>(/Usable width/);
    await page.hand.clear(width);
    await page.hand.type(width, "0");
    await page.hand.click(page.form.getByRole("button", { name: "Change" }));
    const faults = await page.form.findAllByText(/allowed is/);
    expect(faults.map((fault) => fault.textContent)).toEqual([
      expect.stringContaining("1 to 80 letters"),
      expect.stringContaining("more than 0"),
    ]);
    expect(width.value).toBe("0");
    expect(width.getAttribute("aria-invalid")).toBe("true");
    expect(shelf.saved).toEqual([]);
    // Once it is right it is saved, and nothing is said any more.
    await page.hand.click(page.form.getByRole("button", { name: "Change" }));
    await page.screen.findByText("Changed Harbour blue.");
    expect(page.screen.queryByText(/allowed is/)).toBeNull();
  });

  it("waits while the database is away, with all that was typed, and is saved when it is back", async () => {
    const page = await opened("Add a fabric");
    await rewrite(page, "Wrack");
    shelf.away = 1;
    await page.hand.click(page.form.getByRole("button", { name: "Add" }));
    await page.form.findByText(/The database is not answering/);
    expect(page.name.value).toBe("Wrack");
    await page.screen.findByText("Added Wrack.", {}, { timeout: 5000 });
    expect(shelf.saved).toEqual(["Wrack"]);
  });
});

describe("what another window added at the same time", () => {
  it("is said in the form, and nothing is asked", async () => {
    const page = await opened("Add a fabric");
    await rewrite(page, "Wrack");
    shelf.taken = true;
    await page.hand.click(page.form.getByRole("button", { name: "Add" }));
    expect((await page.form.findByRole("alert")).textContent).toBe(
      "This was added in another window at the same time.",
    );
    expect(page.screen.queryByText("Changed in another window")).toBeNull();
    expect(page.name.value).toBe("Wrack");
  });
});

describe("two windows that change one fabric", () => {
  /** Hers is Wrack, theirs Sedge. */
  const clash = async () => {
    const page = await opened("Change Harbour blue");
    shelf.elsewhere(1, "Sedge");
    await rewrite(page, "Wrack");
    await page.hand.click(page.form.getByRole("button", { name: "Change" }));
    const asked = within(await page.screen.findByRole("dialog", { name: "Changed in another window" }));
    return { ...page, asked };
  };

  it("are shown what differs, and nothing is saved over it", async () => {
    const { asked } = await clash();
    const row = asked.getByRole("row", { name: /Name/ });
    expect(
      within(row)
        .getAllByRole("cell")
        .map((cell) => cell.textContent),
    ).toEqual(["Sedge", "Wrack"]);
    expect(shelf.of(1).name).toBe("Sedge");
  });

  it("save hers over it, over the version that stands there", async () => {
    const { asked, hand } = await clash();
    await hand.click(asked.getByRole("button", { name: "Save mine over it" }));
    await waitFor(() => expect(shelf.of(1).name).toBe("Wrack"));
    expect(shelf.of(1).lock_version).toBe(2);
  });

  it("keep what was saved there", async () => {
    const { asked, hand, screen } = await clash();
    await hand.click(asked.getByRole("button", { name: "Keep what was saved there" }));
    await screen.findByRole("button", { name: "Change Sedge", hidden: true });
    expect(shelf.of(1).name).toBe("Sedge");
    expect(shelf.saved).toEqual([]);
  });

  it("are asked again where she put it off", async () => {
    const { hand, screen } = await clash();
    await hand.keyboard("{Escape}");
    await waitFor(() => expect(screen.queryByText("Changed in another window")).toBeNull());
    await hand.keyboard("{Escape}");
    await screen.findByText(/changed in another window/);
    expect(shelf.of(1).name).toBe("Sedge");
  });
});

describe("undo", () => {
  it("takes a change back, and refuses a step over somebody else's with both", async () => {
    const page = await opened("Change Harbour blue");
    await rewrite(page, "Wrack");
    await page.hand.click(page.form.getByRole("button", { name: "Change" }));
    await page.screen.findByText("Changed Wrack.");
    await page.hand.keyboard("{Control>}z{/Control}");
    await page.screen.findByText("Undone: Changed Wrack.");
    expect(shelf.of(1).name).toBe("Harbour blue");
    await page.hand.keyboard("{Control>}y{/Control}");
    await waitFor(() => expect(shelf.of(1).name).toBe("Wrack"));
    shelf.elsewhere(1, "Sedge");
    await page.hand.keyboard("{Control>}z{/Control}");
    const asked = within(await page.screen.findByRole("dialog", { name: "Changed in another window" }));
    expect(asked.getByText("Sedge")).toBeTruthy();
    expect(asked.getByText("Harbour blue")).toBeTruthy();
    expect(shelf.of(1).name).toBe("Sedge");
  });
});
