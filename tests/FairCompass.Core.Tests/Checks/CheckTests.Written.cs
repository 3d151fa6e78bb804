namespace FairCompass.Core.Tests.Checks;

/// <content>Numbers in notes, rules that somebody words, what a standard needs, and who does what: each with the near miss that is
/// right.</content>
public partial class CheckTests
{
    public static TheoryData<string, string, string> Written =>
        new()
        {
            {
                "note-number",
                $"{Pair}10:00 for time\n  70 sit-up\n    share: one at a time, any split\n"
                    + $"    note: split the 80 sit-ups as you like\n{ForTime}",
                $"{Pair}10:00 for time\n  70 sit-up\n    share: one at a time, any split\n"
                    + $"    note: sets of 10 are usual, two mats are ready\n{ForTime}"
            },
            {
                "note-number",
                $"{Alone}10:00 for time\n  4 rounds (three rounds)\n    10 sit-up\n    6 burpee\n{ForTime}",
                $"{Alone}10:00 for time\n  4 rounds (four rounds)\n    10 sit-up\n    6 burpee\n{ForTime}"
            },
            {
                "note-number",
                $"{Alone}11:00 for time\n  60 sit-up\n  note: the cap is nine minutes\n{ForTime}",
                $"{Alone}11:00 for time\n  60 sit-up\n  note: be in the lane two minutes before\n{ForTime}"
            },
            {
                "other-document",
                $"{Alone}8:00 for time\n  20 sit-up\n  note: standards as in last season's handbook\n{ForTime}",
                $"{Alone}8:00 for time\n  20 sit-up\n  note: bring your own mat\n{ForTime}"
            },
            {
                "window-and-change",
                "Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n"
                    + "waves for reps, 2:00 each, change 0:40, by One, Two\n"
                    + "  re-rig: 70/50 kg by One, in window 3, in the change\n  station Bar\n"
                    + $"    max power clean, 70/50 kg\n  station Mat\n    max sit-up\n{ForReps}",
                "Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n"
                    + "waves for reps, 2:00 each, change 0:40, by One, Two\n  re-rig: 70/50 kg by One, in window 3\n"
                    + $"  station Bar\n    max power clean, 70/50 kg\n  station Mat\n    max sit-up\n{ForReps}"
            },
            {
                "one-value",
                $"{Alone}8:00 for time\n  15 power clean, 70 kg\n{ForTime}",
                $"{Alone}8:00 for time\n  15 sandbag step-over, 20/20 kg, box 50 cm\n{ForTime}"
            },
            {
                "load-on-nothing",
                $"{Alone}8:00 for time\n  20 box step-over, 2 x 15/10 kg, box 60/50 cm\n{ForTime}",
                $"{Alone}8:00 for time\n  20 box step-over, box 60/50 cm\n{ForTime}"
            },
            {
                "kit-at-once",
                $"{Pair}8:00 for time\n  30 dumbbell push press, 2 x 15 kg\n    share: together at the lockout\n{ForTime}",
                $"{Pair}8:00 for time\n  30 dumbbell push press, 2 x 15 kg\n    share: one at a time\n{ForTime}"
            },
            {
                "outlier",
                $"{Alone}30:00 for time\n  4 rounds\n    12 sit-up\n    120 burpee\n    12 pull-up\n{ForTime}",
                $"{Alone}30:00 for time\n  4 rounds\n    12 sit-up\n    20 burpee\n    12 pull-up\n{ForTime}"
            },
            {
                "outlier-series",
                $"{Alone}12:00 for time\n  12-10-88-6-4 of\n    sit-up\n    burpee\n{ForTime}",
                $"{Alone}12:00 for time\n  12-10-8-6-4 of\n    sit-up\n    burpee\n{ForTime}"
            },
            {
                "rung-out-of-rounds",
                $"{Alone}8:00 for reps\n  complex, 40-50-60-70/30-35-40-45 kg\n    2 power clean\n    1 push jerk\n{ForReps}",
                $"{Alone}8:00 for reps\n  rounds without end\n"
                    + "    complex, 40-50-60-70/30-35-40-45 kg, last bar repeats\n      2 power clean\n      1 push jerk\n"
                    + $"{ForReps}"
            },
            {
                "rest-long",
                $"{Alone}7:00 for time\n  3 rounds\n    10 sit-up\n    own rest 6:30\n{ForTime}",
                $"{Alone}7:00 for time\n  3 rounds\n    10 sit-up\n    own rest 0:30\n{ForTime}"
            },
            {
                "fault-left",
                $"{Alone}8:00 for time\n  20 box jump-over, box 60/50 cm\n"
                    + $"{ForTime}standard box jump-over, box-jump: Stepping up is allowed.\n",
                $"{Alone}8:00 for time\n  20 box jump-over, box 60/50 cm\n" + $"{ForTime}standard box jump-over, box-jump: does not apply\n"
            },
            {
                "fault-of-required",
                $"{Alone}8:00 for time\n  20 hand-release push-up\n"
                    + $"{ForTime}standard hand-release push-up, own-lift: Lifting both palms off the floor is no rep.\n",
                $"{Alone}8:00 for time\n  20 hand-release push-up\n"
                    + $"{ForTime}standard hand-release push-up, own-lift: Lifting a foot off the floor is no rep.\n"
            },
            {
                "even-is-fault",
                $"{Alone}8:00 for time\n  20 dumbbell push press, 2 x 15/10 kg\n"
                    + $"{ForTime}standard dumbbell push press, own-even: Both dumbbells reaching the top together is no rep.\n"
                    + "",
                $"{Alone}8:00 for time\n  20 dumbbell push press, 2 x 15/10 kg\n"
                    + $"{ForTime}standard dumbbell push press, own-even: One dumbbell clearly late is no rep.\n"
            },
            {
                "against-policy",
                $"{Alone}8:00 for time\n  20 pull-up\n{ForTime}policy grip: overhand\n"
                    + "standard pull-up, own-grip: An underhand grip is allowed.\n",
                $"{Alone}8:00 for time\n  20 pull-up\n{ForTime}policy grip: any\n"
                    + "standard pull-up, own-grip: An underhand grip is allowed.\n"
            },
            {
                "return-points",
                $"{Alone}8:00 for time\n  20 m handstand walk, marks every 5 m\n"
                    + $"{ForTime}standard handstand walk, fall-one: Who comes down begins again at the last mark.\n"
                    + "standard handstand walk, fall-two: Who comes down begins again at the start line.\n",
                $"{Alone}8:00 for time\n  20 m handstand walk, marks every 5 m\n"
                    + $"{ForTime}standard handstand walk, fall-one: Who comes down begins again at the start line.\n"
            },
            {
                "polarity",
                $"{Alone}8:00 for time\n  20 front squat, 40/30 kg, from the floor\n"
                    + $"{ForTime}standard front squat, depth: The hip is at the knee.\n",
                $"{Alone}8:00 for time\n  20 front squat, 40/30 kg, from the floor\n"
                    + $"{ForTime}standard front squat, depth: The fold of the hip is lower than the top of the knee.\n"
            },
            {
                "plane",
                $"{Alone}8:00 for time\n  20 toes-to-bar\n"
                    + $"{ForTime}standard toes-to-bar, own-heels: Both heels swing behind the mat of the bar.\n",
                $"{Alone}8:00 for time\n  20 toes-to-bar\n"
                    + $"{ForTime}standard toes-to-bar, own-heels: Both heels swing behind the plane of the bar.\n"
            },
            {
                "duty-in-rule",
                $"{Alone}8:00 for time\n  20 bar muscle-up\n"
                    + $"{ForTime}standard bar muscle-up, own-lock: Men straighten both elbows above the bar.\n",
                $"{Alone}8:00 for time\n  20 bar muscle-up\n"
                    + $"{ForTime}standard bar muscle-up, own-lock: Everybody straightens both elbows above the bar.\n"
            },
            {
                "touches",
                $"{Alone}8:00 for time\n  6 shuttle run, 2 x 9 m\n"
                    + $"{ForTime}standard shuttle run, own-touch: The hand touches the floor once in every three runs only.\n"
                    + "",
                $"{Alone}8:00 for time\n  6 shuttle run, 2 x 9 m\n"
                    + $"{ForTime}standard shuttle run, own-touch: No touch is needed at the last line.\n"
            },
            {
                "clause-without-call",
                $"{Alone}8:00 for time\n  20 sit-up\n{ForTime}standard sit-up, own-speed: The elbows stay inside the knees.\n",
                $"{Alone}8:00 for time\n  20 sit-up\n"
                    + $"{ForTime}standard sit-up, own-speed: The elbows stay inside the knees.\n"
                    + "standard sit-up, no-own-speed: “No rep, knees”: An elbow is outside the knees.\n"
            },
            {
                "hand-zone",
                $"{Alone}8:00 for time\n  10 handstand push-up, line 70 mm below the wrists\n{ForTime}",
                $"{Alone}8:00 for time\n  10 handstand push-up, line 70 mm below the wrists\n"
                    + $"{ForTime}standard handstand push-up, hands-in-box: does not apply\n"
                    + "standard handstand push-up, setup-hand-box: does not apply\n"
            },
            {
                "lunges-in-reps",
                $"{Alone}8:00 for time\n  30 walking lunge\n{ForTime}",
                $"{Alone}8:00 for time\n  30 m walking lunge, marks every 5 m\n{ForTime}"
            },
            {
                "height-odd",
                $"{Alone}8:00 for time\n  10 handstand push-up, line 80 cm below the wrists\n"
                    + $"{ForTime}standard handstand push-up, hands-in-box: does not apply\n"
                    + "standard handstand push-up, setup-hand-box: does not apply\n",
                $"{Alone}8:00 for time\n  10 handstand push-up, line 80 mm below the wrists\n"
                    + $"{ForTime}standard handstand push-up, hands-in-box: does not apply\n"
                    + "standard handstand push-up, setup-hand-box: does not apply\n"
            },
            {
                "start-load",
                $"{Alone}6:00 for load\n  heaviest power clean\n{ForLoad}",
                $"{Alone}6:00 for load\n  heaviest power clean, start 60/40 kg\n{ForLoad}"
            },
            {
                "sharing-impossible",
                $"{Pair}8:00 for reps\n  rounds without end\n    12 sit-up\n"
                    + $"    share: taking turns by the round, at most 6 in a row\n{ForReps}",
                $"{Pair}8:00 for reps\n  rounds without end\n    12 sit-up\n    share: taking turns by the round\n{ForReps}"
            },
            {
                "hand-over-mark",
                $"{Pair}8:00 for time\n  30 sit-up\n    share: one at a time, hand over after a section\n{ForTime}",
                $"{Pair}8:00 for time\n  30 m walking lunge, marks every 5 m\n"
                    + $"    share: one at a time, hand over after a section\n{ForTime}"
            },
            {
                "position",
                $"{Pair}8:00 for time\n  25 synchronised burpee\n{ForTime}",
                $"{Pair}8:00 for time\n  25 synchronised burpee\n    share: together at the floor\n{ForTime}"
            },
            {
                "position",
                $"{Pair}8:00 for time\n  25 burpee\n    share: together at the far shoulder\n{ForTime}",
                $"{Pair}8:00 for time\n  25 burpee\n    share: together at the floor\n{ForTime}"
            },
            {
                "seat-of-sex",
                "Draft\n  for Crew of Four\n  a/b is man/woman\n\nrelay for reps, 2:00 each, change 0:30\n"
                    + $"  rounds without end\n    10 kettlebell swing, 24/16 kg\n{ForReps}",
                "Draft\n  for Crew of Four\n  a/b is man/woman\n\nrelay for reps, 2:00 each, change 0:30\n"
                    + $"  rounds without end\n    10 sit-up\n{ForReps}"
            },
            {
                "hold-unknown",
                $"{Pair}8:00 for time\n  40 sit-up\n    share: one at a time\n"
                    + $"    hold: 1 crew-mate in beam hold, for every whole rep\n{ForTime}",
                $"{Pair}8:00 for time\n  40 sit-up\n    share: one at a time\n"
                    + $"    hold: 1 crew-mate in dead hang, for every whole rep\n{ForTime}"
            },
            {
                "menu-without-credit",
                $"{Alone}8:00 for reps\n  rounds without end\n    9 front squat, 60/40 kg, from the rack\n"
                    + $"      choose: 13, 50/35 kg\n      choose: 18, 40/27.5 kg\n{ForReps}",
                $"{Alone}8:00 for reps\n  rounds without end\n    9 front squat, 60/40 kg, from the rack, credited 9\n"
                    + $"      choose: 13, 50/35 kg, credited 9\n      choose: 18, 40/27.5 kg, credited 9\n{ForReps}"
            },
            {
                "attempts-of-floor",
                $"{Alone}4:00 for reps\n  max sit-up\n{ForReps}attempts: best of 3\n",
                $"{Alone}4:00 for reps\n  max sit-up\n{ForReps}"
            },
            // A number in the line before the brackets is not the one that is mended, and parts of the work may be named.
            {
                "note-number",
                $"{Alone}9:00 for time\n  30 rounds (3 rounds)\n    2 sit-up\n{ForTime}",
                $"{Alone}9:00 for time\n  30 rounds (water after 3 rounds)\n    2 sit-up\n{ForTime}"
            },
            {
                "note-number",
                $"{Alone}11:00 for time\n  60 sit-up\n  note: be there two minutes before, the cap is nine minutes\n{ForTime}",
                $"{Alone}11:00 for time\n  60 sit-up\n  note: be there two minutes before the cap, the cap is eleven minutes\n{ForTime}"
            },
            // For other divisions another rule may hold.
            {
                "return-points",
                $"{Both}8:00 for time\n  20 m handstand walk, marks every 5 m\n{ForTime}"
                    + "standard handstand walk, one, for Meadow: Who comes down begins again at the last mark.\n"
                    + "standard handstand walk, two: Who comes down begins again at the start line.\n",
                $"{Both}8:00 for time\n  20 m handstand walk, marks every 5 m\n{ForTime}"
                    + "standard handstand walk, one, for Meadow: Who comes down begins again at the last mark.\n"
                    + "standard handstand walk, two, for Tideline: Who comes down begins again at the start line.\n"
            },
        };
}
