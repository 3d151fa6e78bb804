using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A line for a round that does not come.</summary>
public sealed class RoundBeyond : ICheck
{
    /// <inheritdoc/>
    public string Id => "round-beyond";

    /// <inheritdoc/>
    public string Title => "A line for a round that does not come";

    /// <inheritdoc/>
    public string Why => "Nobody comes to it, and somebody believed it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .AllWork.OfType<Work.Rounds>()
            .Where(r => r.Times is not null)
            .SelectMany(r =>
                r.Items.OfType<Work.Task>()
                    .SelectMany(t => t.Lines.OfType<TaskLine.Override>())
                    .Select(o => (r.Times, Line: o, Round: RoundOf(o)))
            )
            .Where(x => x.Round > x.Times)
            .Select(x => new Report(
                x.Line.At,
                $"There are {x.Times} rounds, so nobody comes to round {x.Round}.",
                [
                    .. context.Instead(x.Line.At.Line, $"round {x.Round}", $"round {x.Times}", $"Write round {x.Times}"),
                    context.RemoveLine(x.Line.At.Line),
                ]
            ));

    private static int? RoundOf(TaskLine.Override line) =>
        line.For is [var one]
        && one.ToString() is var name
        && name.StartsWith("round ", StringComparison.Ordinal)
        && int.TryParse(
            name.AsSpan(6),
            System.Globalization.NumberStyles.None,
            System.Globalization.CultureInfo.InvariantCulture,
            out var n
        )
            ? n
            : null;
}
