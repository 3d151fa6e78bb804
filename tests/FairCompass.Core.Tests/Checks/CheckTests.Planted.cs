namespace FairCompass.Core.Tests.Checks;

/// <content>Faults as organisers make them, each with the near miss that is right.</content>
public partial class CheckTests
{
    private const string Alone = "Draft\n  for Tideline\n  a/b is man/woman\n\n";
    private const string Both = "Draft\n  for Tideline, Meadow\n  a/b is man/woman\n\n";
    private const string Pair = "Draft\n  for Ferry Pairs\n  a/b is man/woman\n\n";
    private const string ForTime = "\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";
    private const string ForReps = "\nscore: reps\n  tie: shared\n";
    private const string ForLoad = "\nscore: best load\n  tie: shared\n";

    public static TheoryData<string, string, string> Planted =>
        new()
        {
            {
                "re-rig-differs",
                $"{Alone}8:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: 85/60 kg by the athlete\n  9 deadlift, 80/55 kg\n{ForTime}",
                $"{Alone}8:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: 80/55 kg by the athlete\n  9 deadlift, 80/55 kg\n{ForTime}"
            },
            {
                "re-rig-not-makeable",
                $"{Alone}8:00 clock\n  A: for time\n    9 deadlift, 60/40 kg\n    re-rig: 81/56 kg by the athlete\n"
                    + $"  B: for load, in the time left\n    heaviest deadlift\n\nscore A: time of A\n"
                    + $"  unfinished: cap line by reps\n  tie: shared\nscore B: best load of B\n  A unfinished: not reached\n"
                    + $"  tie: shared\n",
                $"{Alone}8:00 clock\n  A: for time\n    9 deadlift, 60/40 kg\n    re-rig: 80/55 kg by the athlete\n"
                    + $"  B: for load, in the time left\n    heaviest deadlift\n\nscore A: time of A\n"
                    + $"  unfinished: cap line by reps\n  tie: shared\nscore B: best load of B\n  A unfinished: not reached\n"
                    + $"  tie: shared\n"
            },
            {
                "change-too-short",
                $"Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n"
                    + $"waves for reps, 2:00 each, change 0:05, by One, Two\n  re-rig: 100/70 kg by Two, in the change\n"
                    + $"  station Bar\n    max deadlift\n      One: 60/40 kg\n      Two: 100/70 kg\n  station Mat\n"
                    + $"    max sit-up\n{ForReps}",
                $"Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n"
                    + $"waves for reps, 2:00 each, change 0:45, by One, Two\n  re-rig: 100/70 kg by Two, in the change\n"
                    + $"  station Bar\n    max deadlift\n      One: 60/40 kg\n      Two: 100/70 kg\n  station Mat\n"
                    + $"    max sit-up\n{ForReps}"
            },
            {
                "swapped-load",
                $"{Alone}8:00 for time\n  15 power clean, 45/65 kg\n{ForTime}",
                $"{Alone}8:00 for time\n  15 power clean, 65/45 kg\n{ForTime}"
            },
            {
                "swapped-amount",
                $"{Alone}8:00 for time\n  12/16 cal rowing machine\n{ForTime}",
                $"{Alone}8:00 for time\n  16/12 cal rowing machine\n{ForTime}"
            },
            {
                "swapped-height",
                $"{Alone}8:00 for time\n  20 box jump-over, box 50/60 cm\n{ForTime}",
                $"{Alone}8:00 for time\n  20 box jump-over, box 60/50 cm\n{ForTime}"
            },
            {
                "implements",
                $"{Alone}8:00 for time\n  20 dumbbell thruster, 15/10 kg\n{ForTime}",
                $"{Alone}8:00 for time\n  20 dumbbell thruster, 2 x 15/10 kg\n{ForTime}"
            },
            {
                "plates-shared",
                $"{Pair}8:00 for time\n  20 deadlift, 180/140 kg\n    share: together at the finish\n{ForTime}",
                $"{Pair}8:00 for time\n  20 deadlift, 60/40 kg\n    share: together at the finish\n{ForTime}"
            },
            {
                "kit-short",
                $"{Pair}9:00 for time\n  60 cal rowing machine\n    share: any number at a time\n{ForTime}",
                $"{Pair}9:00 for time\n  60 cal rowing machine\n    share: one at a time, any split\n{ForTime}"
            },
            {
                "jump-plates",
                $"{Alone}8:00 for time\n  8 shoulder-to-overhead, 30/20 kg\n  8 burpee over the bar\n{ForTime}",
                $"{Alone}8:00 for time\n  8 shoulder-to-overhead, 60/35 kg\n  8 burpee over the bar\n{ForTime}"
            },
            {
                "pull-plates",
                $"{Alone}8:00 for time\n  30 deadlift, 30/25 kg\n{ForTime}",
                $"{Alone}8:00 for time\n  30 deadlift, 60/35 kg\n{ForTime}"
            },
            {
                "chunks",
                $"{Alone}8:00 for time\n  15/10 hand-release push-up, in 5/4s\n    after each: 5 m bear crawl\n{ForTime}",
                $"{Alone}8:00 for time\n  15/12 hand-release push-up, in 5/4s\n    after each: 5 m bear crawl\n{ForTime}"
            },
            {
                "chunks",
                $"{Alone}8:00 for time\n  22 sit-up, in 4s\n    after each: 5 m bear crawl\n{ForTime}",
                $"{Alone}8:00 for time\n  24 sit-up, in 4s\n    after each: 5 m bear crawl\n{ForTime}"
            },
            {
                "marks",
                $"{Alone}8:00 for time\n  25 m walking lunge, marks every 4 m\n{ForTime}",
                $"{Alone}8:00 for time\n  24 m walking lunge, marks every 4 m\n{ForTime}"
            },
            {
                "round-beyond",
                $"{Alone}9:00 for time\n  3 rounds\n    10 deadlift, 60/40 kg\n      round 5: 80/55 kg\n{ForTime}",
                $"{Alone}9:00 for time\n  3 rounds\n    10 deadlift, 60/40 kg\n      round 3: 80/55 kg\n{ForTime}"
            },
            {
                "ordinal-beyond",
                $"{Alone}9:00 for time\n  3 rounds\n    10 sit-up\n    5 burpee, every 4th round\n{ForTime}",
                $"{Alone}9:00 for time\n  3 rounds\n    10 sit-up\n    5 burpee, every 3rd round\n{ForTime}"
            },
            {
                "gate-misplaced",
                $"{Alone}4:00 for reps\n  3 rounds\n    10 sit-up\n    gate, adds 2:00-2:00-2:00\n{ForReps}",
                $"{Alone}4:00 for reps\n  3 rounds\n    10 sit-up\n    gate, round 2 only, adds 2:00\n{ForReps}"
            },
            {
                "rest-last",
                $"{Alone}9:00 for time\n  10 sit-up\n  20 burpee\n  own rest 1:00\n{ForTime}",
                $"{Alone}9:00 for time\n  10 sit-up\n  own rest 1:00\n  20 burpee\n{ForTime}"
            },
            {
                "intervals",
                $"{Alone}10:00 for time\n  every 1:30, unfinished carries over\n    first\n      12/9 cal rowing machine\n"
                    + $"    then\n      60 sit-up\n{ForTime}",
                $"{Alone}9:00 for time\n  every 1:30, unfinished carries over\n    first\n      12/9 cal rowing machine\n"
                    + $"    then\n      60 sit-up\n{ForTime}"
            },
            {
                "interval-full",
                $"{Alone}9:00 for time\n  every 1:30, unfinished carries over\n    first\n      60/45 cal rowing machine\n"
                    + $"    then\n      60 sit-up\n{ForTime}",
                $"{Alone}9:00 for time\n  every 1:30, unfinished carries over\n    first\n      12/9 cal rowing machine\n"
                    + $"    then\n      60 sit-up\n{ForTime}"
            },
            {
                "not-doable",
                $"{Alone}2:30 for time\n  120 front squat, 70/50 kg, from the floor\n  120 bar muscle-up\n{ForTime}",
                $"{Alone}9:00 for time\n  40 front squat, 70/50 kg, from the floor\n  20 bar muscle-up\n{ForTime}"
            },
            { "cap-idle", $"{Alone}40:00 for time\n  6 burpee\n{ForTime}", $"{Alone}2:00 for time\n  6 burpee\n{ForTime}" },
            {
                "policy-nothing",
                $"{Alone}8:00 for time\n  20 sit-up\n{ForTime}policy box: on top\n",
                $"{Alone}8:00 for time\n  20 box jump-over, box 60/50 cm\n{ForTime}policy box: on top\n"
            },
            {
                "rule-elsewhere",
                $"{Alone}8:00 for time\n  20 toes-to-bar\n{ForTime}standard toes-to-bar, between-hands, for Meadow: does not apply\n",
                $"{Alone}8:00 for time\n  20 toes-to-bar\n{ForTime}standard toes-to-bar, between-hands, for Tideline: does not apply\n"
            },
            {
                "rope-mark",
                $"{Alone}8:00 for time\n  4 rope climb\n{ForTime}",
                $"{Alone}8:00 for time\n  4 rope climb\n{ForTime}standard rope climb, rope-mark: The hand touches the beam.\n"
                    + $"standard rope climb, setup-climbing-rope: The rope hangs free and its anchor is checked.\n"
            },
            {
                "shuttle-length",
                $"{Alone}8:00 for time\n  6 shuttle run\n{ForTime}",
                $"{Alone}8:00 for time\n  6 shuttle run, 2 x 9 m\n{ForTime}"
            },
            {
                "wall-walk-lines",
                $"{Alone}8:00 for time\n  5 wall walk\n{ForTime}",
                $"{Alone}8:00 for time\n  5 wall walk, line 25 cm\n{ForTime}"
            },
            {
                "bar-height",
                $"{Alone}8:00 for time\n  20 jumping pull-up\n{ForTime}",
                $"{Alone}8:00 for time\n  20 jumping pull-up, bar 15 cm above the head\n{ForTime}"
            },
            {
                "row-line",
                $"{Alone}8:00 for time\n  20 ring row\n{ForTime}",
                $"{Alone}8:00 for time\n  20 ring row, line 60 cm\n{ForTime}"
            },
            {
                "height-odd",
                $"{Alone}8:00 for time\n  30 wall-ball shot, 9/6 kg, target 1.30/1.20 m\n{ForTime}",
                $"{Alone}8:00 for time\n  30 wall-ball shot, 9/6 kg, target 3.00/2.75 m\n{ForTime}"
            },
            {
                "in-one-go",
                $"{Alone}8:00 for time\n  15 pull-up, in one go, may be broken\n{ForTime}",
                $"{Alone}8:00 for time\n  15 pull-up, may be broken\n{ForTime}"
            },
            {
                "one-go-in-turns",
                $"{Pair}8:00 for time\n  30 pull-up, in one go\n    share: one at a time, at most 5 in a row\n{ForTime}",
                $"{Pair}8:00 for time\n  30 pull-up, may be broken\n    share: one at a time, at most 5 in a row\n{ForTime}"
            },
            {
                "groups-idle",
                $"Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n9:00 for time\n  60 sit-up\n{ForTime}",
                "Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n6:00 for time\n  group One\n"
                    + "    60 sit-up\n  group Two\n    60 sit-up\n\nscore: time of One\n  unfinished: cap line by reps\n"
                    + "  tie: shared\nscore: time of Two\n  unfinished: cap line by reps\n  tie: shared\n"
            },
            {
                "credit-upside-down",
                $"{Alone}9:00 for reps\n  rounds without end\n    10 front squat, 60/40 kg, from the rack, credited 10\n"
                    + $"      choose: 14, 40/30 kg, credited 20\n{ForReps}",
                $"{Alone}9:00 for reps\n  rounds without end\n    10 front squat, 60/40 kg, from the rack, credited 10\n"
                    + $"      choose: 14, 40/30 kg, credited 10\n{ForReps}"
            },
            {
                "standard-missing",
                $"{Alone}6:00 for load\n  heaviest clean\n{ForLoad}",
                $"{Alone}6:00 for load\n  heaviest squat clean\n{ForLoad}"
            },
            {
                "reps-of-fixed-work",
                $"{Alone}8:00 for time\n  20 sit-up\n  20 burpee\n{ForReps}",
                $"{Alone}8:00 for reps\n  rounds without end\n    20 sit-up\n    20 burpee\n{ForReps}"
            },
            {
                "tie-is-finish",
                $"{Alone}8:00 for time\n  4 rounds\n    10 sit-up\n    6 burpee\n\nscore: time\n"
                    + $"  unfinished: cap line by reps\n  tie: time at round 4\n",
                $"{Alone}8:00 for time\n  4 rounds\n    10 sit-up\n    6 burpee\n\nscore: time\n"
                    + $"  unfinished: cap line by reps\n  tie: time at round 3\n"
            },
            {
                "weight-zero",
                $"{Alone}10:00 clock\n  A: for time\n    30 sit-up\n  B: for load, in the time left\n    heaviest power clean\n"
                    + $"\nscore A: time of A\n  unfinished: cap line by reps\n  tie: shared\n  weight 0\n"
                    + $"score B: best load of B\n  A unfinished: not reached\n  tie: shared\n  weight 0\n",
                $"{Alone}10:00 clock\n  A: for time\n    30 sit-up\n  B: for load, in the time left\n    heaviest power clean\n"
                    + $"\nscore A: time of A\n  unfinished: cap line by reps\n  tie: shared\n  weight 1\n"
                    + $"score B: best load of B\n  A unfinished: not reached\n  tie: shared\n  weight 0\n"
            },
            {
                "cap-line-of-other",
                $"{Alone}8:00 for time\n  20 sit-up\n  20 burpee\n\nscore: time\n  unfinished: cap line by calories\n  tie: shared\n",
                $"{Alone}8:00 for time\n  60 cal rowing machine\n\nscore: time\n  unfinished: cap line by calories\n  tie: shared\n"
            },
            {
                "two-scores-of-one",
                $"{Alone}8:00 for reps\n  rounds without end\n    10 sit-up\n\nscore A: reps\n  tie: shared\n"
                    + $"score B: rounds and reps\n  tie: shared\n",
                $"{Alone}8:00 for reps\n  rounds without end\n    10 sit-up\n\nscore: rounds and reps\n  tie: shared\n"
            },
            {
                "same-name-twice",
                $"{Alone}A: 2:00 for reps\n  max sit-up\nchange 1:00\nA: 2:00 for reps\n  max burpee\n{ForReps}",
                $"{Alone}A: 2:00 for reps\n  max sit-up\nchange 1:00\nB: 2:00 for reps\n  max burpee\n{ForReps}"
            },
            {
                "two-scores-one-name",
                $"{Alone}A: 2:00 for reps\n  max sit-up\nchange 1:00\nB: 2:00 for reps\n  max burpee\n\nscore X: reps of A\n"
                    + $"  tie: shared\nscore X: reps of B\n  tie: shared\n",
                $"{Alone}A: 2:00 for reps\n  max sit-up\nchange 1:00\nB: 2:00 for reps\n  max burpee\n\nscore X: reps of A\n"
                    + $"  tie: shared\nscore Y: reps of B\n  tie: shared\n"
            },
            { "hold-as-reps", $"{Alone}3:00 for reps\n  max dead hang\n{ForReps}", $"{Alone}3:00 for time\n  0:40 dead hang\n{ForTime}" },
            {
                "gate-second-idle",
                $"{Alone}6:00 for reps\n  max sit-up\n{ForReps}gate on the second: counts\n",
                $"{Alone}4:00 for reps\n  30 sit-up\n  gate, adds 2:00\n  max burpee\n{ForReps}gate on the second: counts\n"
            },
            {
                "clips-idle",
                $"{Alone}6:00 for reps\n  max sit-up\n{ForReps}clips: a lift without them does not count\n",
                $"{Alone}6:00 for load\n  heaviest power clean\n{ForLoad}clips: a lift without them does not count\n"
            },
            {
                "level-equal",
                $"Draft\n  for Tideline\n  a/b is man/woman\n  levels High, Low, a board each\n\n3:00 for reps\n"
                    + $"  max goblet squat, 24/16 kg\n{ForReps}",
                $"Draft\n  for Tideline\n  a/b is man/woman\n  levels High, Low, a board each\n\n3:00 for reps\n"
                    + $"  max goblet squat, 24/16 kg\n    Low: 16/12 kg\n{ForReps}"
            },
            {
                "level-heavier",
                $"Draft\n  for Tideline\n  a/b is man/woman\n  levels High, Low, a board each\n\n3:00 for reps\n"
                    + $"  max goblet squat, 16/12 kg\n    Low: 24/16 kg\n{ForReps}",
                $"Draft\n  for Tideline\n  a/b is man/woman\n  levels High, Low, a board each\n\n3:00 for reps\n"
                    + $"  max goblet squat, 24/16 kg\n    Low: 16/12 kg\n{ForReps}"
            },
            {
                "lower-more",
                $"{Both}8:00 for time\n  20 pull-up\n    Meadow: 40\n{ForTime}",
                $"{Both}8:00 for time\n  20 pull-up\n    Meadow: 12\n{ForTime}"
            },
            {
                "lower-higher",
                $"{Both}8:00 for time\n  20 box jump-over, box 50/40 cm\n    Meadow: box 60/50 cm\n{ForTime}",
                $"{Both}8:00 for time\n  20 box jump-over, box 60/50 cm\n    Meadow: box 50/40 cm\n{ForTime}"
            },
            {
                "help-alone",
                $"{Alone}6:00 for load\n  heaviest power clean\n    help: load plates by the partner\n{ForLoad}",
                $"{Alone}6:00 for load\n  heaviest power clean\n    help: load plates by the athlete\n{ForLoad}"
            },
        };
}
