namespace FairCompass.Core.Commands;

/// <content>The structures; what stands between « and » is filled in.</content>
public sealed partial record Structure
{
    /// <summary>Every structure, the most usual first.</summary>
    public static IReadOnlyList<Structure> All { get; } =
    [
        new("for time", "A list of work, done as fast as possible under a cap.", false)
        {
            Lines = """
                «9:00» for time
                  «21» «wall-ball shot, 9/6 kg, target 3.00/2.75 m»
                  «15» «toes-to-bar»
                  «9» «power clean, 60/40 kg»

                score: time
                  unfinished: cap line by reps
                  tie: shared

                """,
        },
        new("as many rounds as possible", "A list again and again until the clock ends it.", false)
        {
            Lines = """
                «12:00» for reps
                  rounds without end
                    «10» «burpee»
                    «15» «kettlebell swing, 24/16 kg»
                    «20» «sit-up»

                score: «rounds and reps»
                  tie: time at the last full round

                """,
        },
        new("every n minutes", "A list that begins anew in each interval.", false)
        {
            Lines = """
                «10:00» for reps
                  every «1:00», unfinished is «skipped», what is done counts
                    «12» «sit-up»
                    «6» «burpee»

                score: «reps»
                  tie: shared

                """,
        },
        new("intervals", "Several windows of the same work with rests between.", false)
        {
            Lines = """
                «4» cycles, rest «1:00» between
                  «2:00» for reps
                    rounds without end
                      «10» «box jump-over, box 60/50 cm»
                      «10» «pull-up»

                score: «reps»
                  tie: shared

                """,
        },
        new("rising ladder", "Each round has more reps than the one before, until the clock ends it.", false)
        {
            Lines = """
                «10:00» for reps
                  rounds without end
                    «2-4-6-...» «deadlift, 100/70 kg»
                    «2-4-6-...» «burpee over the bar»

                score: reps
                  tie: time at the last full round

                """,
        },
        new("falling sets", "Rounds that get shorter, such as 21, 15 and 9.", false)
        {
            Lines = """
                «9:00» for time
                  «21-15-9» of
                    «barbell thruster, 42.5/30 kg»
                    «pull-up»

                score: time
                  unfinished: cap line by reps
                  tie: time at round «1»

                """,
        },
        new("two scores on one clock", "A part for time, and a lift in what is left of the clock.", false)
        {
            Lines = """
                «12:00» clock
                  A: for time
                    «3» rounds
                      «12» «toes-to-bar»
                      «15» «wall-ball shot, 9/6 kg, target 3.00/2.75 m»
                  B: for load, in the time left
                    heaviest «power clean»

                score A: time of A
                  unfinished: cap line by reps
                  tie: shared
                score B: best load of B
                  A unfinished: «not reached»
                  tie: score A

                """,
        },
        new("a complex on a ladder of loads", "Lifts in order at one bar that gets heavier with each round.", false)
        {
            Lines = """
                «10:00» for reps
                  rounds without end
                    complex, «40-45-...-85/25-27.5-...-47.5» kg, last bar repeats
                      «1» «deadlift»
                      «1» «hang power clean»
                      «1» «push jerk»
                  help: load plates by the athlete

                score: reps
                  tie: shared

                """,
        },
        new("gates", "Who has done a part in time gets more time; all others stop.", false)
        {
            Lines = """
                «4:00» for reps
                  «30» «box step-over, box 60/50 cm»
                  «20» «hang power clean, 50/35 kg»
                  gate, adds «2:00»
                  max «bar-facing burpee»

                score: reps
                  tie: time at the last gate passed
                gate on the second: «counts»

                """,
        },
        new("relay", "One member of a team after the other, a window each.", true)
        {
            Lines = """
                relay for reps, «3:00» each, change «0:30»
                  rounds without end
                    «10» «kettlebell swing, 24/16 kg»
                    «10» «burpee»

                score: reps
                  tie: lowest member

                """,
        },
        new("rota", "All members at once, each at a station; with each turn everybody moves on.", true)
        {
            Lines = """
                rota for reps, «1:00» each, change «0:20»
                  station «Row»
                    max «cal rowing machine»
                  station «Mat»
                    max «sit-up»

                score: reps
                  tie: shared

                """,
        },
        new("waves", "Groups enter one after another and move on by one station.", true)
        {
            Head = "  groups One «1 2», Two «3 4»",
            Lines = """
                waves for reps, «2:00» each, change «0:30», by One, Two
                  station «Bar»
                    max «front squat, 60/40 kg, from the floor»
                      share: one at a time, any split
                  station «Bike»
                    max «cal air bike»
                      share: one at a time, any split

                score: reps
                  tie: shared

                """,
        },
    ];

    /// <summary>A structure by its name; null for none.</summary>
    /// <param name="name">As the list has it.</param>
    public static Structure? Find(string name) => All.FirstOrDefault(s => string.Equals(s.Name, name, StringComparison.OrdinalIgnoreCase));
}
