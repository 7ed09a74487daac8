import { Notice } from "../../parts/Notice";

/** What stands where the questions will, until they are there. */
export function Opening() {
  return (
    <main className="middle">
      <h1 className="sr-only">Start your own</h1>
      <Notice>Opening…</Notice>
    </main>
  );
}
