import { Leaf } from "../ui/Leaf";

const topics: { title: string; lines: [string, string][] }[] = [
  {
    title: "The clock, at the left edge",
    lines: [
      ["13:00 for time", "a window with a cap; work is indented under it"],
      ["14:00 for reps", "as much as possible in the window"],
      ["11:00 clock", "one running clock for several parts: A: for time, B: for load, in the time left"],
      ["rest 2:00", "between two windows; or change 0:30"],
    ],
  },
  {
    title: "Work",
    lines: [
      ["8 wall walk", "an amount and a movement"],
      ["14/10 cal air bike", "man/woman, as the heading says; also m and ft"],
      ["16-12-8 of", "as many rounds; the tasks under it take these numbers"],
      ["3 rounds", "or rounds without end, from the top again"],
      ["20-16-12 deadlift", "inside rounds: a number for each round"],
      ["2-4-6-... pull-up", "inside rounds without end: equal steps go on"],
      ["max sit-up", "until the clock ends it"],
      ["heaviest set of 2 front squat", "the load is the result"],
      ["max cm box jump, from 60/50 cm up by 5, 3 misses", "a height that rises until it is missed; score: height"],
    ],
  },
  {
    title: "Details, each after a comma",
    lines: [
      [", 70/47.5 kg", "a load; , 2 x 22.5/15 kg for two implements"],
      [", box 60/50 cm", "a height: box, target, bar, line, wall"],
      [", from the rack", "or from the floor, from the hang"],
      [", on the axle", "another bar of the kit than the usual one"],
    ],
  },
  {
    title: "For some only, under a task",
    lines: [
      ["Meadow: 45/35 kg", "a division's own load, amount, or movement; divisions below inherit it"],
      ["Meadow and woman: 30 kg", "and narrows; a comma lists"],
    ],
  },
  {
    title: "Scores, at the left edge",
    lines: [
      ["score: time", "or reps, rounds and reps, best load; score A: time of A"],
      ["unfinished: cap line by reps", "under a time; or +0:01 for each missing rep"],
      ["A unfinished: not reached", "under a score of the part after A; or zero"],
      ["tie: shared", "or time at round 2, time at the last full round, score B"],
      ["bell: a rep counts when finished", "or begun; a lift … finished and steady"],
    ],
  },
  {
    title: "Words",
    lines: [
      ["(kipping allowed)", "at the end of a line: printed with it"],
      ["note: use the near rig", "printed in the briefs"],
      ["// ask about boxes", "private, never printed"],
      ["unset", "for any number: nobody has said; the checks remind you"],
    ],
  },
];

/** Help for the notation, beside the text. */
export function NotationHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Leaf
      open={open}
      onClose={onClose}
      title="How a workout is written"
      lead="One line says one thing. Two more spaces mean “belongs to the line above”."
    >
      {topics.map((t) => (
        <section key={t.title} className="mb-4">
          <h3 className="border-b border-rule">{t.title}</h3>
          <table>
            <tbody>
              {t.lines.map(([code, says]) => (
                <tr key={code}>
                  <th scope="row" className="mono w-1/2 py-0.5 pr-3 align-top font-normal text-spruce">
                    {code}
                  </th>
                  <td className="py-0.5">{says}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </Leaf>
  );
}
