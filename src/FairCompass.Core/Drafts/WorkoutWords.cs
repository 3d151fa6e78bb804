using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>Says what a workout is in words.</summary>
public static class WorkoutWords
{
    /// <summary>A piece in a few words: <c>16-12-8, 3 tasks</c>, <c>8 wall walk, 60 wall-ball shot, …</c>.</summary>
    public static string Summary(PieceOfWork piece)
    {
        var first = piece.Items.FirstOrDefault(w => w is not Work.RuleLine);
        var text = first switch
        {
            Work.Scheme s => s.Of.First + " of " + Words.Join(Names(s.Items)),
            Work.Rounds r => (r.Times is { } n ? Words.Count(n, "round") : "rounds") + " of " + Words.Join(Names(r.Items)),
            Work.Complex c => "complex of " + Words.Join(c.Lifts.Select(l => l.Movement)),
            Work.Every { IsPlain: true } e => $"every {e.Each}: " + Words.Join(Names(e.First)),
            Work.Every e => $"every {e.Each}: " + Words.Join(Names(e.First)) + ", then " + Words.Join(Names(e.Then)),
            Work.AnyOrder a => "in any order " + Words.Join(Names(a.Items)),
            Work.Task => Words.Join(
                piece.Items.OfType<Work.Task>().Select(t => $"{(t.Amount is { } a ? Printer.Amount(a) + " " : "")}{t.Movement}")
            ),
            _ => "",
        };
        return text.Length > 90 ? text[..87].TrimEnd() + " …" : text;
    }

    /// <summary>Every movement that is named, forced moves and attempts included, with the line, in the order of the text.</summary>
    public static IEnumerable<(string Name, int Line)> Movements(Workout workout) =>
        WorkTree
            .Tasks(workout)
            .SelectMany(t =>
                t.Lines.SelectMany(l =>
                        l switch
                        {
                            TaskLine.Override { Movement: { } other } => [(other, l.At.Line)],
                            TaskLine.Between b => [(b.Movement, l.At.Line)],
                            TaskLine.Attempt a => [(a.Movement, l.At.Line)],
                            TaskLine.Then t => [(t.Movement, l.At.Line)],
                            TaskLine.RuleOf { Rule: Rule.Hold h } => h.Broken?.Movement is { } cost
                                ? [(h.Position, l.At.Line), (cost, l.At.Line)]
                                : [(h.Position, l.At.Line)],
                            _ => Array.Empty<(string, int)>(),
                        }
                    )
                    .Prepend((t.Movement, t.At.Line))
            );

    private static IEnumerable<string> Names(Eq<Work> items) => WorkTree.Walk(items).OfType<Work.Task>().Select(t => t.Movement).Distinct();
}
