using System.Text.RegularExpressions;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Work that cannot be counted where it stands.</summary>
public sealed partial class NotCounted : ICheck
{
    /// <inheritdoc/>
    public string Id => "not-counted";

    /// <inheritdoc/>
    public string Title => "Work that cannot be counted where it stands";

    /// <inheritdoc/>
    public string Why => "Without a count there is no running total, no tie-break and no score.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var piece in context.Pieces)
        {
            var work = piece.Items.Where(w => w is not Work.RuleLine).ToList();
            foreach (var line in WorkTree.Walk(work))
            {
                var alone = work.Count == 1 && ReferenceEquals(work[0], line);
                var sentence = line switch
                {
                    Work.Every when !alone => "An interval clock fills a whole part; give it a window or a part of its own.",
                    Work.AnyOrder when !alone => "Work in any order fills a whole part; give it a window or a part of its own.",
                    Work.GroupOf => "Groups that work apart stand directly under a window, and nothing beside them.",
                    Work.Task { Amount: Amount.Heaviest } when work.Count > 1 =>
                        "A heaviest set stands alone in its part; give it a part of its own.",
                    Work.Task { Amount: Amount.Highest } when work.Count > 1 =>
                        "A height that rises stands alone in its part; give it a part of its own.",
                    Work.Complex { Lifts.Count: 0 } => "This complex has no lifts.",
                    Work.Task t when Sections(t) is { } series =>
                        $"“{series}” does not end on a mark in every round, so its sections cannot be counted.",
                    _ => null,
                };
                if (sentence is not null)
                {
                    yield return new Report(line.At, sentence, [.. Mends(context, line)]);
                }
            }
        }
    }

    /// <summary>A lift without words goes, and sections become of a length that every round ends on. A part of its own needs a time, and
    /// that is nobody’s to guess.</summary>
    private static IEnumerable<Mend> Mends(CheckContext context, Work line) =>
        line switch
        {
            Work.Complex { Lifts.Count: 0 } => [context.RemoveLine(line.At.Line)],
            Work.Task t when Sections(t) is { } series && Written().Match(context.Lines[t.At.Line - 1]) is { Success: true } m => Lengths
                .Where(metres => CountedSeries.InSections(series, metres) is not null)
                .Take(1)
                .Select(metres => new Mend($"Write sections of {metres} m", new TextEdit(t.At.Line, m.Index + 1, m.Length, $"{metres} m"))),
            _ => [],
        };

    /// <summary>The lengths in which floors are marked, the longest first (common practice).</summary>
    private static readonly decimal[] Lengths = [10, 5, 3, 2.5m, 2, 1];

    [GeneratedRegex(@"(?<=\bmarks every )\d+(?:[.,]\d+)? ?(?:m|ft)\b")]
    private static partial Regex Written();

    private static Series? Sections(Work.Task task) =>
        task.Amount is Amount.Counted { Unit: AmountUnit.Metre } c
        && task.Details.OfType<Detail.Marks>().FirstOrDefault() is { Every.Value: > 0 and { } every } marks
            ? new[] { c.Of.First, c.Of.Second }
                .OfType<Series>()
                .FirstOrDefault(s =>
                    s.Continues
                    && Course.Countable(s)
                    && CountedSeries.InSections(s, new Length(every, marks.Unit).InMillimetres / 1000) is null
                )
            : null;
}
