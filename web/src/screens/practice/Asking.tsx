import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import type { Drill, Question } from "../../api/client";
import { read } from "../../api/reads";
import { Notice } from "../../parts/Notice";
import { useKeys } from "../../parts/useKeys";
import { Words } from "../../parts/Words";
import { Picture } from "./Picture";

type Props = {
  drill: Drill;
  seed: number;
  onDone: (right: number, asked: number) => void;
  onLeave: () => void;
  onAgain: () => void;
};

/** A drill: one question at a time, what is right after each, the score at the end. */
export function Asking({ drill, seed, onDone, onLeave, onAgain }: Props) {
  const asked = useQuery({
    ...read.questions(drill.drill, seed),
    staleTime: Infinity,
  });
  const [answers, setAnswers] = useState<number[]>([]);
  const [chosen, setChosen] = useState<number | null>(null);
  const questions = asked.data?.questions ?? [];
  const question = questions[answers.length];
  const right = (given: number[]) => given.filter((one, i) => one === questions[i]?.right).length;
  const next = () => {
    if (chosen === null) return;
    const given = [...answers, chosen];
    setAnswers(given);
    setChosen(null);
    if (given.length === questions.length) onDone(right(given), given.length);
  };
  const choose = (place: number) => {
    if (chosen === null && question && place < question.choices.length) setChosen(place);
  };
  useKeys({
    first: () => choose(0),
    second: () => choose(1),
    third: () => choose(2),
    fourth: () => choose(3),
    next,
  });
  if (asked.error) return <Notice tone="alarm">{asked.error.title}</Notice>;
  if (questions.length === 0) return <Notice>Laying out the questions…</Notice>;
  return (
    <section className="mt-2 grid justify-items-start gap-3.5" aria-label={drill.title}>
      <h2>{drill.title}</h2>
      {question ? (
        <>
          <p className="quiet">
            {answers.length + 1} of {questions.length}
          </p>
          <Ask question={question} chosen={chosen} onChoose={choose} />
          {chosen !== null && (
            <button type="button" className="button button-brass" onClick={next} autoFocus>
              Next
            </button>
          )}
        </>
      ) : (
        <p className="figure text-4xl" role="status">
          {right(answers)} of {questions.length} right.
        </p>
      )}
      <div className="dialog-buttons">
        <button type="button" className="button" onClick={onLeave}>
          {question ? "Stop" : "All drills"}
        </button>
        {!question && (
          <button type="button" className="button button-brass" onClick={onAgain}>
            Again
          </button>
        )}
      </div>
    </section>
  );
}

type AskProps = { question: Question; chosen: number | null; onChoose: (place: number) => void };

function Ask({ question, chosen, onChoose }: AskProps) {
  const state = (place: number) => {
    if (chosen === null) return "";
    if (place === question.right) return "border-chalk shadow-[inset_0_-4px_0_var(--chalk)]";
    return place === chosen ? "border-madder line-through" : "";
  };
  return (
    <>
      <p className="text-2xl font-semibold">
        <Words>{question.ask}</Words>
      </p>
      <Picture question={question} />
      <ul className="flex flex-wrap gap-2.5">
        {question.choices.map((choice, place) => (
          <li key={choice}>
            <button
              type="button"
              className={`button min-h-12 gap-2 text-xl opacity-100 ${state(place)}`}
              disabled={chosen !== null}
              onClick={() => onChoose(place)}
            >
              <kbd className="m-0">{place + 1}</kbd>
              <span>
                <Words>{choice}</Words>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {chosen !== null && (
        <p role="status">
          <strong className={chosen === question.right ? "" : "text-madder"}>
            {chosen === question.right ? "Right." : "No."}
          </strong>{" "}
          <Words>{question.because}</Words>
        </p>
      )}
    </>
  );
}
