import { Link } from "react-router";

/** An address at which there is nothing. */
export function Lost() {
  return (
    <main className="middle">
      <h1>There is nothing at this address.</h1>
      <Link to="/" className="button">
        Go to the bench
      </Link>
    </main>
  );
}
