import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { resultsAre } from "../api/resultQueries";
import { Choice } from "../ui/Choice";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Message } from "../ui/Message";

const second = { None: "none", Podium: "of the first three places", All: "all" } as const;
const clubs = { BestOf: "the best few of each", Sum: "all added up", Mean: "the mean of all", not: "not ranked" } as const;

/** What has to be before results are final, and how clubs are ranked. */
export function RulesLeaf({ cid, rules, onClose }: { cid: string; rules: Schemas["ResultRules"]; onClose: () => void }) {
  const [now, setNow] = useState({
    protest: String(rules.protestMinutes),
    decide: String(rules.decideMinutes),
    second: rules.secondEntry,
    clubs: (rules.clubs ?? "not") as keyof typeof clubs,
    best: String(rules.clubBest),
  });
  const [failed, setFailed] = useState<Refused | null>(null);
  const store = async () => {
    setFailed(null);
    // What is no number is refused by the server at its field, as a number that cannot be.
    const number = (text: string) => (/^\d{1,6}$/.test(text.trim()) ? Number(text) : -1);
    try {
      resultsAre(
        cid,
        await ask(
          api.PUT("/api/competitions/{id}/results/rules", {
            params: { path: { id: cid } },
            body: {
              protestMinutes: number(now.protest),
              decideMinutes: number(now.decide),
              secondEntry: now.second,
              clubs: now.clubs === "not" ? null : now.clubs,
              clubBest: number(now.best),
            },
          }),
        ),
      );
      onClose();
    } catch (e) {
      setFailed(e as Refused);
    }
  };
  return (
    <Leaf open onClose={onClose} title="What makes results final" lead="Local rules of the competition go before these.">
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void store();
        }}
      >
        <Field
          label="Minutes to protest in, after the last number of a division was typed"
          className="max-w-80"
          value={now.protest}
          onChange={(protest) => setNow({ ...now, protest })}
          error={failed?.at("protestMinutes")}
        />
        <Field
          label="Minutes in which an incident is to be decided"
          className="max-w-80"
          value={now.decide}
          onChange={(decide) => setNow({ ...now, decide })}
          error={failed?.at("decideMinutes")}
        />
        <div>
          <p className="font-semibold">Cards that two people type</p>
          <Choice
            label="Cards that two people type"
            value={now.second}
            of={["None", "Podium", "All"] as const}
            text={(v) => second[v]}
            onChange={(v) => setNow({ ...now, second: v })}
          />
        </div>
        <div>
          <p className="font-semibold">Points of a club</p>
          <Choice
            label="Points of a club"
            value={now.clubs}
            of={["BestOf", "Sum", "Mean", "not"] as const}
            text={(v) => clubs[v]}
            onChange={(v) => setNow({ ...now, clubs: v })}
          />
        </div>
        {now.clubs === "BestOf" && (
          <Field
            label="How many count"
            className="max-w-40"
            value={now.best}
            onChange={(best) => setNow({ ...now, best })}
            error={failed?.at("clubBest")}
          />
        )}
        {failed && Object.keys(failed.errors).length === 0 && <Message error={failed} />}
        <button className="press justify-self-start">Store</button>
      </form>
    </Leaf>
  );
}
