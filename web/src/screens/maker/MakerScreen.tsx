import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useLocation } from "react-router";

import type { Maker, Parameter } from "../../api/client";
import { read } from "../../api/reads";
import { Heading } from "../../parts/Heading";
import { Opening } from "../../parts/Opening";
import { Screen } from "../../parts/Screen";
import { Words } from "../../parts/Words";
import { HAND_TABS, ScreenTabs } from "../../parts/ScreenTabs";
import { ClashDialog } from "../../saving/ClashDialog";
import { SavingLine } from "../../saving/SavingLine";
import { ChoiceRow } from "./ChoiceRow";
import { ChosenValue } from "./ChosenValue";
import { Tests } from "./Tests";
import { type Changing, useChanging } from "./useChanging";
import { ValueRow } from "./ValueRow";

/** What is known of the maker's hands: assumed until she measures it, and the ways that are hers to choose. */
export function MakerScreen() {
  const maker = useQuery(read.maker());
  return (
    <Screen title="Your hands" under={<ScreenTabs tabs={HAND_TABS} />}>
      <Heading>Your hands</Heading>
      {maker.data ? (
        <Profile maker={maker.data} />
      ) : (
        <Opening error={maker.error}>Opening your profile…</Opening>
      )}
    </Screen>
  );
}

function Profile({ maker }: { maker: Maker }) {
  const changing = useChanging(maker);
  useScrollToPart();
  const { saving } = changing;
  return (
    <>
      <p className="mt-1 max-w-170 text-quiet">
        Every figure of accuracy and time rests on what is known of your hands. It is assumed until you
        measure it: sew one seam test, cut one ruler test, and say how you work.
      </p>
      <div className="flex min-h-7.5 flex-wrap items-center gap-x-5 gap-y-0.5 text-md" role="status">
        <SavingLine saving={saving} />
      </div>
      <Tests changing={changing} />
      <HowSheWorks maker={maker} changing={changing} />
      <AllValues maker={maker} changing={changing} />
      <ClashDialog saving={saving} name="Your profile" />
    </>
  );
}

/** Where a link leads that says which part it is about. */
function useScrollToPart() {
  const { hash } = useLocation();
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
}

type PartProps = { maker: Maker; changing: Changing };

/** In words, as she would say it; what she may choose is folded under it. */
function HowSheWorks({ maker, changing }: PartProps) {
  return (
    <section aria-labelledby="choices">
      <h2 id="choices">How you work</h2>
      <ul className="grid max-w-170 gap-1 text-lg">
        {maker.says.map((sentence) => (
          <li key={sentence}>
            <Words>{sentence}</Words>
          </li>
        ))}
      </ul>
      <details className="mt-2">
        <summary className="min-h-10 w-fit cursor-pointer py-2 font-semibold">Change how you work</summary>
        <Choices maker={maker} changing={changing} />
      </details>
    </section>
  );
}

function Choices({ maker, changing }: PartProps) {
  const rows = maker.choices.map((choice) => (
    <ChoiceRow key={choice.name} choice={choice} changing={changing} />
  ));
  return (
    <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(300px,1fr))] gap-x-6.5 gap-y-4 [&_.entry_input]:h-8.5 [&_.entry_input]:text-xl [&_.entry>label]:text-md [&_.entry>label]:font-semibold [&_.entry>label]:text-ink">
      {/* How scant she sews belongs to the school, which comes first. */}
      {rows.slice(0, 1)}
      {maker.parameters.filter(chosen).map((parameter) => (
        <ChosenValue key={parameter.name} parameter={parameter} changing={changing} />
      ))}
      {rows.slice(1)}
    </ul>
  );
}

/** The long list, folded away: every value, with a field to find one. */
function AllValues({ maker, changing }: PartProps) {
  const { hash } = useLocation();
  const [open, setOpen] = useState(hash !== "");
  const [words, setWords] = useState("");
  const sought = words.trim().toLowerCase();
  const found = {
    ...maker,
    parameters: maker.parameters.filter(({ title, meaning }) =>
      `${title} ${meaning}`.toLowerCase().includes(sought),
    ),
  };
  return (
    <details className="mt-6.5" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-10 cursor-pointer text-xl font-strong">All values</summary>
      <p className="quiet">
        Type what you found, and from how many. Errors are one standard deviation: two cuts in three come
        nearer than that.
      </p>
      <input
        type="search"
        className="boxed mt-2 h-10 w-full max-w-80 px-3"
        aria-label="Find a value"
        placeholder="Find a value"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <Values title="Accuracy" id="error" maker={found} changing={changing} />
      <Values title="Time" id="time" maker={found} changing={changing} />
    </details>
  );
}

function Values({ title, id, maker, changing }: PartProps & { title: string; id: "error" | "time" }) {
  const own = maker.parameters.filter((parameter) => parameter.group === id && !chosen(parameter));
  if (own.length === 0) return null;
  return (
    <section aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      <table className="values max-phone:block">
        <thead className="max-phone:sr-only">
          <tr>
            <th scope="col">Value</th>
            <th scope="col">{id === "time" ? "Seconds" : "Inches, or a share"}</th>
            <th scope="col" className="max-tablet:hidden">
              Measured from
            </th>
            <th scope="col">It is</th>
          </tr>
        </thead>
        {parts(own).map((part) => (
          <tbody key={part} className="max-phone:block">
            {id === "error" && (
              <tr>
                <th
                  scope="rowgroup"
                  colSpan={4}
                  className="px-3 pt-2.25 pb-1 text-left text-sm text-brass-deep"
                >
                  {part}
                </th>
              </tr>
            )}
            {own
              .filter((parameter) => parameter.part === part)
              .map((parameter) => (
                <ValueRow key={parameter.name} parameter={parameter} changing={changing} />
              ))}
          </tbody>
        ))}
      </table>
    </section>
  );
}

function chosen(parameter: Parameter): boolean {
  return parameter.basis === "chosen";
}

function parts(parameters: Parameter[]): string[] {
  return [...new Set(parameters.map((parameter) => parameter.part))];
}
