using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;
using FairCompass.Outcomes.Incidents;

namespace FairCompass.Outcomes.Tables;

/// <summary>How far the results of a workout in a division are.</summary>
public enum StandingState
{
    /// <summary>Cards are missing, differ, or are to be typed once more; or an incident is open.</summary>
    Provisional,

    /// <summary>All is there; it can still be protested.</summary>
    ProtestTime,

    /// <summary>Nothing is in the way of making it final.</summary>
    Ready,

    /// <summary>Final.</summary>
    Final,
}

/// <summary>What made results final, or opened them again.</summary>
/// <param name="Id">From 1, in the order they came.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Division">The division.</param>
/// <param name="Code">The code of the tables as they stood; empty where they were opened again.</param>
/// <param name="Tables">The tables as they stood; none where they were opened again.</param>
/// <param name="Reason">Why they were opened again; empty otherwise.</param>
/// <param name="By">Who said so; null where nobody is known.</param>
/// <param name="At">When, UTC.</param>
public sealed record FinalFact(
    long Id,
    Guid Workout,
    string Division,
    string Code,
    Eq<ResultTable> Tables,
    string Reason,
    string? By,
    DateTime At
);

/// <summary>How far the results of a workout in a division are, and what is in the way of the next step.</summary>
/// <param name="Division">The division.</param>
/// <param name="State">How far they are.</param>
/// <param name="Open">What is in the way, in sentences.</param>
/// <param name="ProtestUntil">Until when it can be protested, UTC; null while a number is missing.</param>
/// <param name="Code">The code of the final tables; empty while they are not final.</param>
/// <param name="By">Who made them final; null otherwise.</param>
/// <param name="At">When they were made final, UTC; null otherwise.</param>
/// <param name="Changed">True where the numbers would give other tables by now than the final ones.</param>
public sealed record Standing(
    string Division,
    StandingState State,
    Eq<string> Open,
    DateTime? ProtestUntil,
    string Code,
    string? By,
    DateTime? At,
    bool Changed
)
{
    private const int Podium = 3;

    /// <summary>How far a division is.</summary>
    /// <param name="division">The division.</param>
    /// <param name="tables">Its tables of one workout as they stand.</param>
    /// <param name="runs">Everybody who is in them.</param>
    /// <param name="noCard">How many of the plan have no card.</param>
    /// <param name="incidents">The incidents of the workout.</param>
    /// <param name="rules">What has to be.</param>
    /// <param name="final">What was said last; null where nothing was.</param>
    /// <param name="now">The clock, UTC.</param>
    public static Standing Of(
        string division,
        IReadOnlyList<ResultTable> tables,
        IReadOnlyList<EntryRun> runs,
        int noCard,
        IReadOnlyList<Incident> incidents,
        ResultRules rules,
        FinalFact? final,
        DateTime now
    )
    {
        if (final is { Code.Length: > 0 })
        {
            return new(division, StandingState.Final, [], null, final.Code, final.By, final.At, !IsSame(final.Tables, tables));
        }

        var open = InTheWay(tables, runs, noCard, incidents, rules).ToEq();
        var missing = noCard > 0 || runs.Any(r => r.Run is null);
        var until = missing ? null : runs.Max(r => r.Typed)?.AddMinutes(rules.ProtestMinutes);
        var state =
            open.Count > 0 ? StandingState.Provisional
            : until > now ? StandingState.ProtestTime
            : StandingState.Ready;
        return new(division, state, open, until, "", null, null, false);
    }

    /// <summary>True where two rows of tables say the same; how it came about may be worded otherwise.</summary>
    public static bool IsSame(IEnumerable<ResultTable> a, IEnumerable<ResultTable> b)
    {
        static IEnumerable<(string, string, Guid, int, string, string?)> Lines(IEnumerable<ResultTable> tables) =>
            tables.SelectMany(t => t.Lines.Select(l => (t.Division, t.Score, l.Entry, l.Place, l.Text, l.TieText)));
        return Lines(a).ToHashSet().SetEquals(Lines(b));
    }

    private static IEnumerable<string> InTheWay(
        IReadOnlyList<ResultTable> tables,
        IReadOnlyList<EntryRun> runs,
        int noCard,
        IReadOnlyList<Incident> incidents,
        ResultRules rules
    )
    {
        if (noCard > 0)
        {
            yield return $"{Words.Count(noCard, "run")} without a card.";
        }

        if (runs.Count(r => r.Run is null) is > 0 and var missing)
        {
            yield return $"{Words.Count(missing, "card")} not entered.";
        }

        if (runs.Count(r => r.Differs) is > 0 and var differ)
        {
            yield return $"{Words.Count(differ, "card")} on which two entries differ.";
        }

        var twice = rules.SecondEntry switch
        {
            SecondEntry.All => runs.Select(r => r.Entry.Id).ToHashSet(),
            SecondEntry.Podium => tables
                .SelectMany(t => t.Lines.Where(l => l.Place is >= 1 and <= Podium))
                .Select(l => l.Entry)
                .ToHashSet(),
            _ => [],
        };
        if (runs.Count(r => r.Run is not null && !r.Checked && twice.Contains(r.Entry.Id)) is > 0 and var once)
        {
            var whose = rules.SecondEntry == SecondEntry.Podium ? " of the first three" : "";
            yield return $"{Words.Count(once, "card")}{whose} to be typed by a second person.";
        }

        var here = runs.Select(r => r.Entry.Id).ToHashSet();
        foreach (var incident in incidents.Where(i => i.Decision is null && i.Report.Entries.Any(here.Contains)))
        {
            yield return $"Incident {incident.Number} is not decided.";
        }

        var unranked = tables.SelectMany(t => t.Lines).Where(l => l.Class == ResultClass.Unranked).Select(l => l.Entry).Distinct().Count();
        if (unranked > 0)
        {
            yield return $"{Words.Count(unranked, "score")} without a place: units that nobody could verify, or no judge.";
        }
    }
}
