namespace FairCompass.Core.Commands;

/// <content>The structures; what stands between « and » is filled in.</content>
public sealed partial record Structure
{
    private const string Cap = "\n  unfinished: cap line by reps\n  tie: shared\n";
    private const string Shared = "\n  tie: shared\n";

    /// <summary>Every structure, the most usual first.</summary>
    public static IReadOnlyList<Structure> All { get; } =
    [
        new("for time", "A list of work, done as fast as possible under a cap.", false)
        {
            Lines =
                "«9:00» for time\n  «21» «wall-ball shot, 9/6 kg, target 3.00/2.75 m»\n  «15» «toes-to-bar»\n  «9» «power "
                + "clean, 60/40 kg»\n\n"
                + "score: time"
                + Cap,
        },
        new("as many rounds as possible", "A list again and again until the clock ends it.", false)
        {
            Lines =
                "«12:00» for reps\n  rounds without end\n    «10» «burpee»\n    «15» «kettlebell swing, 24/16 kg»\n    «20» «sit-up»\n\n"
                + "score: «rounds and reps»\n  tie: time at the last full round\n",
        },
        new("every n minutes", "A list that begins anew in each interval.", false)
        {
            Lines =
                "«10:00» for reps\n  every «1:00», unfinished is «skipped», what is done counts\n    «12» «sit-up»\n    «6» «burpee»\n\n"
                + "score: «reps»"
                + Shared,
        },
        new("intervals", "Several windows of the same work with rests between.", false)
        {
            Lines =
                "«4» cycles, rest «1:00» between\n  «2:00» for reps\n    rounds without end\n      «10» «box jump-over, box 60/50 cm»\n"
                + "      «10» «pull-up»\n\nscore: «reps»"
                + Shared,
        },
        new("rising ladder", "Each round has more reps than the one before, until the clock ends it.", false)
        {
            Lines =
                "«10:00» for reps\n  rounds without end\n    «2-4-6-...» «deadlift, 100/70 kg»\n    «2-4-6-...» «burpee over the bar»\n\n"
                + "score: reps\n  tie: time at the last full round\n",
        },
        new("falling sets", "Rounds that get shorter, such as 21, 15 and 9.", false)
        {
            Lines =
                "«9:00» for time\n  «21-15-9» of\n    «barbell thruster, 42.5/30 kg»\n    «pull-up»\n\nscore: time"
                + "\n  unfinished: cap line by reps\n  tie: time at round «1»\n",
        },
        new("two scores on one clock", "A part for time, and a lift in what is left of the clock.", false)
        {
            Lines =
                "«12:00» clock\n  A: for time\n    «3» rounds\n      «12» «toes-to-bar»\n      «15» «wall-ball shot, 9/6 kg, "
                + "target 3.00/2.75 m»\n"
                + "  B: for load, in the time left\n    heaviest «power clean»\n\nscore A: time of A"
                + Cap
                + "score B: best load of B\n  A unfinished: «not reached»\n  tie: score A\n",
        },
        new("a complex on a ladder of loads", "Lifts in order at one bar that gets heavier with each round.", false)
        {
            Lines =
                "«10:00» for reps\n  rounds without end\n    complex, «40-45-...-85/25-27.5-...-47.5» kg, last bar repeats\n  "
                + "    «1» «deadlift»\n"
                + "      «1» «hang power clean»\n      «1» «push jerk»\n  help: load plates by the athlete\n\nscore: reps"
                + Shared,
        },
        new("gates", "Who has done a part in time gets more time; all others stop.", false)
        {
            Lines =
                "«4:00» for reps\n  «30» «box step-over, box 60/50 cm»\n  «20» «hang power clean, 50/35 kg»\n  gate, adds «2:00»\n"
                + "  max «bar-facing burpee»\n\nscore: reps\n  tie: time at the last gate passed\ngate on the second: «counts»\n",
        },
        new("relay", "One member of a team after the other, a window each.", true)
        {
            Lines =
                "relay for reps, «3:00» each, change «0:30»\n  rounds without end\n    «10» «kettlebell swing, 24/16 kg»\n    "
                + "«10» «burpee»\n\n"
                + "score: reps\n  tie: lowest member\n",
        },
        new("rota", "All members at once, each at a station; with each turn everybody moves on.", true)
        {
            Lines =
                "rota for reps, «1:00» each, change «0:20»\n  station «Row»\n    max «cal rowing machine»\n  station «Mat»\n  "
                + "  max «sit-up»\n\n"
                + "score: reps"
                + Shared,
        },
        new("waves", "Groups enter one after another and move on by one station.", true)
        {
            Head = "  groups One «1 2», Two «3 4»",
            Lines =
                "waves for reps, «2:00» each, change «0:30», by One, Two\n  station «Bar»\n    max «front squat, 60/40 kg, "
                + "from the floor»\n"
                + "      share: one at a time, any split\n  station «Bike»\n    max «cal air bike»\n      share: one at a "
                + "time, any split\n\n"
                + "score: reps"
                + Shared,
        },
    ];

    /// <summary>A structure by its name; null for none.</summary>
    /// <param name="name">As the list has it.</param>
    public static Structure? Find(string name) => All.FirstOrDefault(s => string.Equals(s.Name, name, StringComparison.OrdinalIgnoreCase));
}
