import { useEffect } from "react";
import { useRouteError } from "react-router";

/** What is shown when the page itself fails: no trace, and the way on. What failed is in the browser's own log. */
export function Broken() {
  const error = useRouteError();
  useEffect(() => reportError(error), [error]);

  return (
    <main className="middle">
      <h1>This page could not be drawn.</h1>
      <p>What was saved is safe. If it happens twice, start the application anew.</p>
      <div className="flex flex-wrap gap-3">
        <button type="button" className="button" onClick={() => location.reload()}>
          Try this page again
        </button>
        <a href="/" className="button">
          Open the bench
        </a>
      </div>
    </main>
  );
}
