using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Intervals, other times for some, and work that has nothing under it.</content>
public sealed partial class Printer
{
    private void Every(int level, Work.Every w)
    {
        Line(level, $"every {Time(w.Each)}{Late(w)}", w.Note);
        Times(level + 1, w.Others);
        if (w.IsPlain)
        {
            Block(level + 1, w.First);
            return;
        }

        Line(level + 1, "first", null);
        Block(level + 2, w.First);
        Line(level + 1, "then", null);
        Block(level + 2, w.Then);
    }

    private static string Late(Work.Every every) =>
        (
            every.EndsWork
                ? ", unfinished ends the work"
                : every.CarriesOver switch
                {
                    true => ", unfinished carries over",
                    false => ", unfinished is skipped",
                    null => "",
                }
        )
        + every.Counts switch
        {
            true => ", what is done counts",
            false => ", nothing of it counts",
            null => "",
        };

    private void Times(int level, Eq<TimeFor> others)
    {
        foreach (var other in others)
        {
            Line(level, $"{string.Join(", ", other.For)}: {string.Join('-', other.Times.Select(Time))}", other.Note);
        }
    }

    /// <summary>Work that has nothing under it.</summary>
    private static string OneLine(Work work) =>
        work switch
        {
            Work.OwnRest w => "own rest " + Time(w.Time),
            Work.Checkpoint w => $"checkpoint {w.Name}{(w.OnlyRound is { } only ? $", round {only} only" : "")}",
            Work.Gate w => $"gate{(w.OnlyRound is { } r ? $", round {r} only" : "")}, adds {string.Join('-', w.Adds.Select(Time))}",
            Work.RuleLine w => Rule(w.Rule),
            _ => throw new InvalidOperationException("A line of work without a printed form."),
        };
}
