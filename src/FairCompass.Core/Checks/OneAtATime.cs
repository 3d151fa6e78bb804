using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>The mend that lets one member after the other work where several were to work at once.</summary>
internal static class OneAtATime
{
    private static readonly string[] AtOnce = ["together at ", "any number at a time"];

    /// <summary>The mend; none where no line under the task says that several work at once.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="task">The task.</param>
    public static Mend[] Of(CheckContext context, Work.Task task) =>
        task
            .Lines.OfType<TaskLine.RuleOf>()
            .Where(l => l.Rule is Rule.Share)
            .SelectMany(l => AtOnce.SelectMany(phrase => Replaced(context, l.At.Line, phrase)))
            .ToArray();

    private static Mend[] Replaced(CheckContext context, int line, string phrase)
    {
        var written = context.Lines[line - 1];
        var at = written.IndexOf(phrase, StringComparison.Ordinal);
        var end = at < 0 ? -1 : written.IndexOf(',', at);
        return at < 0 ? [] : context.Instead(line, end < 0 ? written[at..].TrimEnd() : written[at..end], "one at a time", "One at a time");
    }
}
