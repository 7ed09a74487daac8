import { http, HttpResponse, type JsonBodyType } from "msw";
import { setupServer } from "msw/node";

import type { Fabric, FabricGiven } from "../api/client";
import kinds from "./kinds.json";

/** A fault of what was sent, as the server tells it. */
type Fault = { pointer: string; message: string };

const problem = (status: number, title: string, more: Record<string, JsonBodyType> = {}) =>
  HttpResponse.json({ type: "about:blank", title, status, ...more }, { status });

/**
 * A bench with a shelf of fabric, as far as its screen asks for it: every change makes a new version, and one over an old version is
 * refused with what stands there. What the page may not be told is what the server's own tests are for.
 */
export class Shelf {
  fabrics: Fabric[] = [fabric(1, "Harbour blue"), fabric(2, "Gull white")];
  /** What is wrong with what is sent next. */
  faults: Fault[] = [];
  /** How many of the next saves the database is away for. */
  away = 0;
  /** Whether another window adds the same at the same time. */
  taken = false;
  /** What was saved, by whom this window is. */
  saved: string[] = [];

  readonly server = setupServer(
    http.get("*/api/kinds", () => HttpResponse.json(kinds)),
    http.get("*/api/fabrics", () => HttpResponse.json({ fabrics: this.fabrics })),
    http.get("*/api/fabrics/promised", () => HttpResponse.json({ promised: {}, counting: false })),
    http.get("*/api/start", () => HttpResponse.json(START)),
    http.get("*/api/session", () => HttpResponse.json({ signed_in: false, accounts: false, name: null })),
    http.get("*/api/projects", () => HttpResponse.json({ projects: [] })),
    http.get("*/api/makers", () => HttpResponse.json({ makers: [] })),
    http.post("*/api/fabrics", async ({ request }) => this.save(null, (await request.json()) as FabricGiven)),
    http.patch("*/api/fabrics/:id", async ({ request, params }) =>
      this.save(Number(params.id), (await request.json()) as FabricGiven & { lock_version: number }),
    ),
  );

  /** Another window changes one. */
  elsewhere(id: number, name: string): void {
    this.put({ ...this.of(id), name, lock_version: this.of(id).lock_version + 1 });
  }

  of(id: number): Fabric {
    const found = this.fabrics.find((one) => one.id === id);
    if (!found) throw new Error(`no fabric ${id}`);
    return found;
  }

  private save(id: number | null, { lock_version, ...given }: FabricGiven & { lock_version?: number }) {
    if (this.away-- > 0) return problem(503, "The database is not answering. Nothing was lost.");
    if (this.taken) return problem(409, "This was added in another window at the same time.");
    if (this.faults.length > 0)
      return problem(422, "This cannot be read.", { errors: this.faults.splice(0) });
    if (id !== null && this.of(id).lock_version !== lock_version)
      return problem(409, "This was changed in another window after you opened it.", {
        current: this.of(id),
      });
    const before = id === null ? fabric(this.fabrics.length + 1, "") : this.of(id);
    const kept = { ...before, ...given, lock_version: before.lock_version + 1 };
    this.put(kept);
    this.saved.push(kept.name);
    return HttpResponse.json(kept, { status: id === null ? 201 : 200 });
  }

  private put(kept: Fabric): void {
    const others = this.fabrics.filter(({ id }) => id !== kept.id);
    this.fabrics = [...others, kept].sort((one, other) => one.id - other.id);
  }
}

const START = {
  chosen: true,
  demo: false,
  has_own: true,
  maker_id: 1,
  name: "Tamsin Orrel",
  project_id: null,
};

function fabric(id: number, name: string): Fabric {
  return {
    id,
    name,
    colour: "#33608a",
    weave: "twill",
    fabric: { form: "yardage", usable_width: "40", length: "72" },
    lock_version: 0,
  };
}
