import { useMutation, useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";

import { askAt } from "../../api/bench";
import { api } from "../../api/client";
import { read } from "../../api/reads";
import { Heading } from "../../parts/Heading";
import { PlainHead } from "../../parts/head/PlainHead";
import { Notice } from "../../parts/Notice";
import { useTitle } from "../../parts/useTitle";
import { Opening } from "../../parts/Opening";
import { useDraft } from "../../saving/useDraft";

/** Fetched when somebody starts her own: what is seen first does not wait for it. */
const Beginning = lazy(async () => ({ default: (await import("./Beginning")).Beginning }));

function Waiting() {
  return (
    <main className="middle">
      <h1 className="sr-only">Start your own</h1>
      <Opening>Opening…</Opening>
    </main>
  );
}

/** The first start: to look round with the demo, or to start her own bench by three questions. */
export function StartScreen() {
  const standing = useQuery(read.start());
  const [own, setOwn] = useDraft("start", "own", false);
  const come = useMutation({
    mutationFn: async (bench: "demo" | "own") => {
      const { maker_id: id } = await api.comeTo(bench);
      location.assign(askAt(id));
    },
  });
  useTitle("");
  if (own)
    return (
      <Suspense fallback={<Waiting />}>
        <Beginning onBack={() => setOwn(false)} />
      </Suspense>
    );
  return (
    <>
      <PlainHead />
      <main className="middle p-5 text-center">
        <img src="/favicon.svg" alt="" width="54" height="54" />
        <Heading>Oaken Gauge</Heading>
        <p className="max-w-140 text-lg">
          For every triangle unit of a quilt: which of your tools makes it, at which line, from how much
          fabric, how accurately and how fast.
        </p>
        <div className="mt-5 flex flex-wrap justify-center gap-x-15 gap-y-6.5 text-left">
          <section className="grid w-75 content-start gap-2.5 border-t-4 border-oak pt-3">
            <h2 className="m-0">Start your own</h2>
            <p>Three questions: what you are making, which tools you own, which fabric you have.</p>
            <button
              type="button"
              className="button button-brass justify-self-start"
              onClick={() => setOwn(true)}
            >
              Start my own
            </button>
            {standing.data?.has_own && (
              <button type="button" className="button justify-self-start" onClick={() => come.mutate("own")}>
                Go to my bench
              </button>
            )}
          </section>
          <section className="grid w-75 content-start gap-2.5 border-t-4 border-oak pt-3">
            <h2 className="m-0">Look round</h2>
            <p>A quilt in the making, with a full drawer and shelf. It can be put aside and brought back.</p>
            <button type="button" className="button justify-self-start" onClick={() => come.mutate("demo")}>
              Look round with the demo
            </button>
          </section>
        </div>
        {come.error && <Notice tone="alarm">{come.error.message}</Notice>}
      </main>
    </>
  );
}
