using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Rounds, and who has another number of them.</content>
public sealed partial class Parser
{
    /// <summary>Rounds with the work under them; lines such as <c>Meadow: 4 rounds</c> among it say another number for some.</summary>
    private Work.Rounds RoundsOf(DraftLine line, int? times)
    {
        var others = new List<RoundsFor>();
        var work = new List<DraftLine>();
        foreach (var child in line.Children)
        {
            if (RoundsAhead(child.Content))
            {
                var c = Open(child);
                Add(others, child, c, RoundsLine(child, c));
            }
            else
            {
                work.Add(child);
            }
        }

        return new(times, WorkBlock(work)) { Unsaid = times is null, Others = others.ToEq() };
    }

    /// <summary>True for a name, a colon, and nothing but a number of rounds behind it.</summary>
    private static bool RoundsAhead(string content) =>
        content.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon
        && char.IsLetterOrDigit(content[0])
        && content[(colon + 2)..].Trim().Split(' ', StringSplitOptions.RemoveEmptyEntries) is [var number, "rounds"]
        && (number == "unset" || number.All(char.IsAsciiDigit));

    private RoundsFor? RoundsLine(DraftLine line, Cursor c)
    {
        NoChildren(line);
        if (Names(c) is not { } names || !c.EatChar(':'))
        {
            return Nothing<RoundsFor>(c, "For whom is this number of rounds?", "a division, a duty or a level, and a colon");
        }

        return c.Pair() is { First: { IsConstant: true } number } && c.Eat("rounds")
            ? new RoundsFor(names, (int?)number.Terms[0].Value)
            : Nothing<RoundsFor>(c, "How many rounds are there?", "a number of rounds, as in Meadow: 4 rounds");
    }
}
