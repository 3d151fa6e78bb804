using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A score in reps for work that ends.</summary>
public sealed class RepsOfFixedWork : ICheck
{
    /// <inheritdoc/>
    public string Id => "reps-of-fixed-work";

    /// <inheritdoc/>
    public string Title => "A score in reps for work that ends";

    /// <inheritdoc/>
    public string Why => "Everybody who finishes has the same number and shares the place.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context.Workout.Stages is [Stage.Window { Goal: Goal.Time }]
        && context.Courses is [{ Pieces: [{ IsCounted: true, Strand.Units: not null }] }, ..]
            ? context
                .Workout.Scores.Where(s => s is { Measure: Measure.Reps, Of.Count: 0 })
                .Select(s => new Report(
                    s.At,
                    "The work is for time and ends, and the score counts reps: everybody who finishes has the same number and shares the "
                        + "place.",
                    [
                        .. context
                            .Instead(s.At.Line, "reps", "time", "Score the time; who is not done is ranked by reps")
                            .Select(m =>
                                s.Lines.Any(l => l is ScoreLine.CapLine or ScoreLine.Penalty)
                                    ? m
                                    : m with
                                    {
                                        More =
                                        [
                                            new(s.At.Line, context.Lines[s.At.Line - 1].Length + 1, 0, "\n  unfinished: cap line by reps"),
                                        ],
                                    }
                            ),
                        .. Endless(context),
                    ]
                ))
            : [];

    /// <summary>The same work, again and again.</summary>
    private static Mend[] Endless(CheckContext context)
    {
        var window = (Stage.Window)context.Workout.Stages[0];
        var head = window.At.Line;
        var last =
            Enumerable
                .Range(head, context.Lines.Count - head)
                .TakeWhile(n => context.Lines[n] is "" || context.Lines[n].StartsWith(' '))
                .LastOrDefault(n => context.Lines[n].Trim().Length > 0) + 1;
        return
        [
            .. context
                .Instead(head, "for time", "for reps", "Go on in rounds without end")
                .Select(m =>
                    m with
                    {
                        More =
                        [
                            new(head, context.Lines[head - 1].Length + 1, 0, "\n  rounds without end"),
                            .. Enumerable
                                .Range(head + 1, Math.Max(0, last - head))
                                .Where(n => context.Lines[n - 1].Length > 0)
                                .Select(n => new TextEdit(n, 1, 0, "  ")),
                        ],
                    }
                ),
        ];
    }
}
