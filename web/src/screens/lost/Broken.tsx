/** What is shown when the page itself fails: no trace, and the way on. */
export function Broken() {
  return (
    <main className="middle">
      <h1>This page could not be drawn.</h1>
      <p>What was saved is safe. Open the bench again; if it happens twice, start the application anew.</p>
      <a href="/" className="button">
        Open the bench
      </a>
    </main>
  );
}
