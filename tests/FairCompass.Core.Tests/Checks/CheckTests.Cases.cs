using FairCompass.Core.Checks;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Checks;

/// <content>For each rule a draft that it finds, and one that it nearly finds.</content>
public partial class CheckTests
{
    private const string Divisions = "T\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n";
    private const string Pairs = "T\n  for Ferry Pairs\n  a/b is man/woman\n\n";
    private const string Timed = "\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";
    private const string Reps = "\nscore: reps\n  tie: shared\n";
    private const string TwoParts =
        "11:00 clock\n  A: for time\n    30 sit-up\n  B: for load, in the time left\n    heaviest set of 2 front squat\n\n";

    private static string Interval(string calories, string late = ", unfinished carries over") =>
        $"{Divisions}9:00 for time\n  every 1:30{late}\n    first\n      {calories} cal rowing machine\n"
        + $"    then\n      60 sit-up\n{Timed}";

    private static string Stations(string limit) =>
        $"{Pairs}7:00 stations for reps, swap when Deck is done\n  station Oars\n    max cal rowing machine\n"
        + $"  station Deck\n    20 pull-up\n      share: one at a time, {limit}\n{Reps}";

    public static TheoryData<string, string, string> Cases =>
        new()
        {
            // (a) a division without a needed load
            {
                "load-missing",
                Divisions
                    + "9:00 for time\n  10 power clean\n    Tideline: 60/40 kg\n    Meadow: 40/35 kg\n    Estuary: deadlift\n"
                    + Timed,
                Divisions
                    + "9:00 for time\n  10 power clean\n    Tideline: 60/40 kg\n    Meadow: 40/35 kg\n    Estuary: deadlift, 50/35 kg\n"
                    + Timed
            },
            {
                "load-missing",
                Divisions + "9:00 for reps\n  max wall-ball shot, target 3.00/2.75 m\n" + Reps,
                Divisions + "9:00 for reps\n  max wall walk\n" + Reps
            },
            {
                "height-missing",
                Divisions + "9:00 for time\n  10 box jump-over\n" + Timed,
                Divisions + "9:00 for time\n  10 box jump-over, box 60/50 cm\n" + Timed
            },
            {
                "height-missing",
                Divisions + "9:00 for time\n  10 sit-up\n    Meadow: wall-ball shot, 9/6 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 sit-up\n    Meadow: wall-ball shot, 9/6 kg, target 3.00/2.75 m\n" + Timed
            },
            {
                "height-missing",
                Divisions + "9:00 for time\n  10 strict handstand push-up, hands 90/80 x 60 cm\n" + Timed,
                Divisions + "9:00 for time\n  10 strict handstand push-up, line 3 in below the wrists, hands 90/80 x 60 cm\n" + Timed
            },
            {
                "height-missing",
                Divisions + "9:00 for time\n  10 strict handstand push-up, hands 90/80 x 60 cm\n" + Timed,
                Divisions
                    + "9:00 for time\n  10 strict handstand push-up, hands 90/80 x 60 cm\n"
                    + Timed
                    + "standard strict handstand push-up, setup-line: does not apply\n"
            },
            // (b) a movement without a standard
            {
                "standard-missing",
                Divisions + "9:00 for time\n  10 moon hop\n" + Timed,
                Divisions + "9:00 for time\n  10 Sit-ups\n" + Timed
            },
            {
                "standard-missing",
                Divisions + "9:00 for time\n  10 sit-up\n    Meadow: moon hop\n" + Timed,
                Divisions + "9:00 for time\n  10 sit-up\n    Meadow: pull up\n" + Timed
            },
            {
                "policy-misfit",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "policy droping: allowed\n",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "policy dropping: allowed\n"
            },
            {
                "policy-misfit",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "policy dropping: sometimes\n",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "policy Dropping: Allowed\n"
            },
            {
                "policy-misfit",
                Divisions
                    + "9:00 for time\n  10 sit-up\n"
                    + Timed
                    + "policy dropping, for Meadow: allowed\npolicy dropping, for Meadow: no rep\n",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "policy dropping, for Meadow: allowed\npolicy dropping: no rep\n"
            },
            {
                "policy-misfit",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "standard sit-up, between-hands: does not apply\n",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "standard sit-up, sit-upright: does not apply\n"
            },
            // (c) an unfinished part whose score nobody stated
            {
                "unfinished-unstated",
                Divisions + "9:00 for time\n  10 sit-up\n\nscore: time\n  tie: shared\n",
                Divisions + "9:00 for time\n  10 sit-up\n\nscore: time\n  unfinished: +0:01 for each missing rep\n  tie: shared\n"
            },
            {
                "unfinished-unstated",
                Divisions
                    + TwoParts
                    + "score A: time of A\n  unfinished: cap line by reps\n  tie: shared\nscore B: best load of B\n  tie: shared\n",
                Divisions
                    + TwoParts
                    + "score A: time of A\n  unfinished: cap line by reps\n  tie: shared\nscore B: best load of B\n  A "
                    + "unfinished: zero\n  tie: shared\n"
            },
            // (d) no tie-break stated
            {
                "tie-unstated",
                Divisions + "9:00 for reps\n  max sit-up\n\nscore: reps\n",
                Divisions + "9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n"
            },
            {
                "no-lift-unstated",
                "T\n  for Ferry Pairs\n\n6:00 for load\n  heaviest power snatch\n\nscore: sum of best loads\n  tie: shared\n",
                "T\n  for Ferry Pairs\n\n6:00 for load\n  heaviest power snatch\n\nscore: sum of best loads\n  no good lift: zero\n"
                    + "  tie: shared\n"
            },
            // (e) a load this kit cannot make
            {
                "load-not-makeable",
                Divisions + "9:00 for time\n  10 power clean, 61/40 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 62.5/40 kg\n" + Timed
            },
            {
                "load-not-makeable",
                Divisions + "9:00 for time\n  10 dumbbell hang clean and jerk, 2 x 12.5 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 dumbbell hang clean and jerk, 2 x 10 kg\n" + Timed
            },
            {
                "load-not-makeable",
                Divisions + "9:00 for time\n  10 front squat, 17.5 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 front squat, 22.5/17.5 kg\n" + Timed
            },
            {
                "units-disagree",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg or 135/65 lb\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg or 135/85 lb\n" + Timed
            },
            // (f) a lower division heavier than the one it inherits from
            {
                "heavier-than-parent",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n    Meadow: 62.5/40 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n    Meadow: 60/40 kg\n" + Timed
            },
            // (g) a rule under which more work can rank lower
            {
                "more-work-ranks-lower",
                Divisions + "9:00 for time\n  10 sit-up\n\nscore: time\n  unfinished: +0:01 for each rep done\n  tie: shared\n",
                Divisions + "9:00 for time\n  10 sit-up\n\nscore: time\n  unfinished: +0:01 for each missing rep\n  tie: shared\n"
            },
            // the rest
            {
                "unknown-name",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n    Medow: 50/35 kg\n" + Timed,
                Divisions
                    + "9:00 for time\n  10 power clean, 60/40 kg\n    meadow and woman: 35 kg\n".Replace(
                        "meadow",
                        "Meadow",
                        StringComparison.Ordinal
                    )
                    + Timed
            },
            {
                "said-twice",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n    Meadow: 50/35 kg\n    Meadow: 45/30 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n    Meadow: 50/35 kg\n    Meadow and woman: 30 kg\n" + Timed
            },
            {
                "impossible-number",
                Divisions + "9:00 for time\n  10 sit-up\n  0 pull-up\n" + Timed,
                Divisions + "9:00 for time\n  10 sit-up\n  1 pull-up\n" + Timed
            },
            { "impossible-number", Divisions + "0:00 for time\n  10 sit-up\n" + Timed, Divisions + "0:01 for time\n  10 sit-up\n" + Timed },
            {
                "impossible-number",
                Divisions + "9:00 for time\n  10001 sit-up\n" + Timed,
                Divisions + "9:00 for time\n  10000 sit-up\n" + Timed
            },
            {
                "nobody-has-said",
                Divisions + "unset for reps\n  max sit-up\n" + Reps,
                Divisions + "9:00 for reps // unset?\n  max sit-up\n" + Reps
            },
            {
                "endless-for-time",
                Divisions + "9:00 for time\n  rounds without end\n    2-4-6-... sit-up\n\nscore: reps\n  tie: shared\n",
                Divisions + "9:00 for time\n  10 rounds\n    2-4-6-...-20 sit-up\n" + Timed
            },
            {
                "after-endless",
                Divisions + "9:00 for reps\n  max sit-up\n  5 pull-up\n" + Reps,
                Divisions + "9:00 for reps\n  5 pull-up\n  max sit-up\n" + Reps
            },
            {
                "after-endless",
                Divisions + "9:00 for reps\n  3 rounds\n    max sit-up\n" + Reps,
                Divisions + "9:00 for reps\n  3 rounds\n    5 sit-up\n" + Reps
            },
            {
                "rest-outside-windows",
                Divisions + "9:00 for reps\n  max sit-up\nrest 1:00\n" + Reps,
                Divisions + "A: 9:00 for reps\n  max sit-up\nrest 1:00\nB: 9:00 for reps\n  max sit-up\n" + Reps
            },
            {
                "series-misfit",
                Divisions + "9:00 for time\n  3 rounds\n    20-16 sit-up\n" + Timed,
                Divisions + "9:00 for time\n  2 rounds\n    20-16 sit-up\n" + Timed
            },
            {
                "series-misfit",
                Divisions + "9:00 for reps\n  rounds without end\n    2-4-7-... sit-up\n",
                Divisions + "9:00 for reps\n  rounds without end\n    2-4-6-... sit-up\n"
            },
            {
                "duty-order-differs",
                Divisions.Replace("man/woman", "woman/man", StringComparison.Ordinal) + "9:00 for reps\n  max sit-up\n" + Reps,
                Divisions + "9:00 for reps\n  max sit-up\n" + Reps
            },
            { "no-work", Divisions + "9:00 for reps\n" + Reps, Divisions + "9:00 for reps\n  max sit-up\n" + Reps },
            { "no-score", Divisions + "9:00 for reps\n  max sit-up\n", Divisions + "9:00 for reps\n  max sit-up\n" + Reps },
            {
                "score-misfit",
                Divisions + "9:00 for time\n  10 sit-up\n\nscore: time\n  unfinished: cap line by reps\n  tie: time at round 2\n",
                Divisions
                    + "9:00 for time\n  2 rounds\n    10 sit-up\n\nscore: time\n  unfinished: cap line by reps\n  tie: time at round 2\n"
            },
            {
                "too-large",
                Divisions + "9:00 for time\n  999999 rounds\n    999999 rounds\n      9999 sit-up\n" + Timed,
                Divisions + "9:00 for time\n  999999 rounds\n    99 sit-up\n" + Timed
            },
            {
                "too-large",
                Divisions + "401 cycles\n  1:00 for reps\n    max sit-up\n" + Reps,
                Divisions + "400 cycles\n  1:00 for reps\n    max sit-up\n" + Reps
            },
            {
                "metres-among-reps",
                Divisions + "9:00 for time\n  10 sit-up\n  200 m air bike\n" + Timed,
                Divisions + "9:00 for time\n  10 sit-up\n  20 cal air bike\n" + Timed
            },
            {
                "not-counted",
                Divisions + "9:00 for reps\n  10 sit-up\n  in any order\n    5 pull-up\n    6 toes-to-bar\n" + Reps,
                Divisions + "9:00 for reps\n  in any order\n    5 pull-up\n    6 toes-to-bar\n" + Reps
            },
            {
                "not-counted",
                Divisions + "9:00 for load\n  10 sit-up\n  heaviest front squat\n\nscore: best load\n  tie: shared\n",
                Divisions + "9:00 for load\n  heaviest front squat\n\nscore: best load\n  tie: shared\n"
            },
            {
                "shared-amount",
                Pairs + "9:00 for time\n  15/11 cal air bike\n" + Timed,
                Pairs + "9:00 for time\n  26 cal air bike\n" + Timed
            },
            {
                "implements",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg right, 50/30 kg left\n" + Timed,
                Divisions + "9:00 for time\n  10 kettlebell swing, 24/16 kg right, 16/12 kg left\n" + Timed
            },
            {
                "sharing-impossible",
                Divisions + "9:00 for reps\n  max sit-up\n    share: one at a time\n" + Reps,
                Pairs + "9:00 for reps\n  max sit-up\n    share: one at a time\n" + Reps
            },
            {
                "sharing-impossible",
                Pairs + "9:00 for time\n  20 pull-up\n    share: one at a time, at least 11 each\n" + Timed,
                Pairs + "9:00 for time\n  20 pull-up\n    share: one at a time, at least 10 each\n" + Timed
            },
            {
                "sharing-impossible",
                Pairs + "9:00 for time\n  20 pull-up\n    share: one at a time, at least 5 a turn, at most 4 in a row\n" + Timed,
                Pairs + "9:00 for time\n  20 pull-up\n    share: one at a time, at least 4 a turn, at most 4 in a row\n" + Timed
            },
            { "sharing-impossible", Stations("at most 4 in a row"), Stations("at most 20 in a row") },
            {
                "sharing-impossible",
                Pairs + "9:00 for time\n  20 pull-up\n    share: by 3 members\n" + Timed,
                Pairs + "9:00 for time\n  20 pull-up\n    share: by 2 members\n" + Timed
            },
            {
                "hold-impossible",
                Divisions + "9:00 for reps\n  max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep\n" + Reps,
                Pairs + "9:00 for reps\n  max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep\n" + Reps
            },
            {
                "gate-misplaced",
                Divisions + "9:00 for time\n  gate, adds 2:00\n  10 sit-up\n" + Timed,
                Divisions + "9:00 for time\n  10 sit-up\n  gate, adds 2:00\n  10 pull-up\n" + Timed
            },
            {
                "gate-misplaced",
                Divisions
                    + "9:00 for time\n  5 rounds\n    10 sit-up\n    gate, round 4 only, adds 2:00\n    gate, round 3 only, adds 1:00\n"
                    + Timed,
                Divisions
                    + "9:00 for time\n  5 rounds\n    10 sit-up\n    gate, round 3 only, adds 1:00\n    gate, round 4 only, adds 2:00\n"
                    + Timed
            },
            {
                "load-ladder",
                Divisions + "9:00 for time\n  3 rounds\n    5 deadlift, 100-90-95/70-75-80 kg\n" + Timed,
                Divisions + "9:00 for time\n  3 rounds\n    5 deadlift, 90-95-100/70-75-80 kg\n" + Timed
            },
            {
                "load-ladder",
                Divisions
                    + "9:00 for reps\n  rounds without end\n    complex, 40-50-60/35-40-45 kg\n      1 deadlift\n      1 power clean\n"
                    + Reps,
                Divisions
                    + "9:00 for reps\n  rounds without end\n    complex, 40-50-60/35-40-45 kg, last bar repeats\n      1 "
                    + "deadlift\n      1 power clean\n"
                    + Reps
            },
            {
                "late-unstated",
                Divisions + "9:00 for time\n  every 1:30\n    first\n      5 pull-up\n    then\n      80 sit-up\n" + Timed,
                Divisions
                    + "9:00 for time\n  every 1:30, unfinished is skipped\n    first\n      5 pull-up\n    then\n      80 sit-up\n"
                    + Timed
            },
            {
                "group-misfit",
                Pairs.Replace("man/woman", "man/woman\n  groups One 1 3", StringComparison.Ordinal)
                    + "9:00 for reps\n  max sit-up\n"
                    + Reps,
                Pairs.Replace("man/woman", "man/woman\n  groups One 1, Two 2", StringComparison.Ordinal)
                    + "9:00 for reps\n  max sit-up\n"
                    + Reps
            },
            {
                "group-misfit",
                Pairs + "relay for reps, 3:00-3:00-3:00, change 0:30\n  max sit-up\n" + Reps,
                Pairs + "relay for reps, 3:00-3:00, change 0:30\n  max sit-up\n" + Reps
            },
            {
                "bonus-unreachable",
                Divisions + "9:00 for time\n  20 cal air bike, +5 at 25\n" + Timed,
                Divisions + "9:00 for time\n  20 cal air bike, +5 at 20\n" + Timed
            },
            {
                "score-misfit",
                Divisions
                    + "9:00 for time\n  2 rounds\n    10 sit-up\n\nscore: time\n  unfinished: cap line by reps\n  tie: time at "
                    + "round 1\n  tie: time at round 1\n",
                Divisions
                    + "9:00 for time\n  2 rounds\n    10 sit-up\n\nscore: time\n  unfinished: cap line by reps\n  tie: time at "
                    + "round 1\n  tie: shared\n"
            },
            {
                "more-work-ranks-lower",
                Divisions
                    + "10:00 for time\n  3 rounds\n    48 sit-up\n    gate, round 2 only, adds 2:00\n\nscore: time\n  "
                    + "unfinished: +0:01 for each missing rep, from the own cap\n  tie: shared\n",
                Divisions
                    + "10:00 for time\n  3 rounds\n    48 sit-up\n    gate, round 2 only, adds 2:00\n\nscore: time\n  "
                    + "unfinished: +0:01 for each missing rep\n  tie: shared\n"
            },
            // What somebody wrote and nobody can see; the near miss says what is seen.
            {
                "clause-unseen",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "standard sit-up, own: The athlete tries to keep the feet down.\n",
                Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "standard sit-up, own: The feet stay on the floor.\n"
            },
            {
                "clause-unseen",
                Divisions + "9:00 for time\n  10 sit-up\n    standard own: Sit up properly.\n" + Timed,
                Divisions + "9:00 for time\n  10 sit-up\n    standard own: The shoulders pass the hips.\n" + Timed
            },
            {
                "nobody-has-said",
                Pairs + "relay for reps, unset each\n  max sit-up\n" + Reps,
                Pairs + "relay for reps, 3:00 each\n  max sit-up\n" + Reps
            },
        };
}
