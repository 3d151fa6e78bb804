using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

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
            Work.Task => Words.Join(piece.Items.OfType<Work.Task>().Select(t => $"{(t.Amount is { } a ? Printer.Amount(a) + " " : "")}{t.Movement}")),
            _ => "",
        };
        return text.Length > 90 ? text[..87].TrimEnd() + " …" : text;
    }

    /// <summary>Every movement that is named, with the line, in the order of the text.</summary>
    public static IEnumerable<(string Name, int Line)> Movements(Workout workout) => PieceOfWork.Of(workout).SelectMany(p => p.Items).SelectMany(Movements);

    private static IEnumerable<(string Name, int Line)> Movements(Work work) => work switch
    {
        Work.Task t => t.Lines.OfType<TaskLine.Override>().Where(o => o.Movement is not null).Select(o => (o.Movement!, o.At.Line)).Prepend((t.Movement, t.At.Line)),
        Work.Rounds r => r.Items.SelectMany(Movements),
        Work.Scheme s => s.Items.SelectMany(Movements),
        Work.AnyOrder a => a.Items.SelectMany(Movements),
        Work.GroupOf g => g.Items.SelectMany(Movements),
        Work.Every e => e.First.Concat(e.Then).SelectMany(Movements),
        Work.Complex c => c.Lifts.SelectMany(Movements),
        _ => [],
    };

    private static IEnumerable<string> Names(Eq<Work> items) => items.OfType<Work.Task>().Select(t => t.Movement);
}
