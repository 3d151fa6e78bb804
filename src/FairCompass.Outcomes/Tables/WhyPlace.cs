using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Outcomes.Tables;

/// <summary>A step from the card to the place.</summary>
/// <param name="Head">What it is about.</param>
/// <param name="Sentences">What happened there.</param>
public sealed record WhyStep(string Head, Eq<string> Sentences);

/// <summary>Says why an entry has the place that it has: who is before it and behind it, and which number decided.</summary>
public static class WhyPlace
{
    /// <summary>The place in one table, in sentences; empty where the entry is not in it.</summary>
    /// <param name="table">The table.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="name">What an entry is called.</param>
    public static Eq<string> Of(ResultTable table, Guid entry, Func<Guid, string> name)
    {
        if (table.Lines.FirstOrDefault(l => l.Entry == entry) is not { } mine)
        {
            return [];
        }

        if (mine.Class is null)
        {
            return ["Its card is not entered, so it has no place yet."];
        }

        if (mine.Place == 0)
        {
            return ["It is shown without a place."];
        }

        var ranked = table.Lines.Where(l => l.Place > 0).ToList();
        var level = ranked.Where(l => l.Place == mine.Place && l.Entry != entry).ToList();
        var sentences = new List<string> { $"{Words.Ordinal(mine.Place)} of {ranked.Count}, with {mine.Text}." };
        if (level.Count > 0)
        {
            var ties = mine.TieText is null ? "" : ", and the tie-break leaves them level too";
            sentences.Add($"It shares the place with {Words.Join(level.Select(l => name(l.Entry)))}: the score is the same{ties}.");
        }

        if (ranked.LastOrDefault(l => l.Place < mine.Place) is { } before)
        {
            sentences.Add($"Before it stands {name(before.Entry)}, {Decided(before, mine)}.");
        }

        if (ranked.FirstOrDefault(l => l.Place > mine.Place) is { } behind)
        {
            sentences.Add($"Behind it stands {name(behind.Entry)}, {Decided(mine, behind)}.");
        }

        if (table.Missing > 0)
        {
            sentences.Add($"{Words.Count(table.Missing, "card")} of this division not entered yet: the place may change.");
        }

        return [.. sentences];
    }

    /// <summary>The place in the overall table, in sentences; empty where the entry is not in it.</summary>
    /// <param name="table">The table.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="name">What an entry is called.</param>
    public static Eq<string> Of(OverallTable table, Guid entry, Func<Guid, string> name)
    {
        if (table.Rows.FirstOrDefault(r => r.Entry == entry) is not { } mine)
        {
            return [];
        }

        var sentences = new List<string>();
        for (var c = 0; c < table.Columns.Count; c++)
        {
            var (column, place) = (table.Columns[c], mine.Places[c]);
            var got = $"{Number.Normal(mine.Each[c])} {(mine.Each[c] == 1 ? "point" : "points")}";
            var weight = column.Weight == 1 ? "" : $", times {Number.Normal(column.Weight)}";
            sentences.Add($"{column.Title}, {column.Score}: {(place == 0 ? "no place" : Words.Ordinal(place))}, {got}{weight}.");
        }

        sentences.Add($"Together {Number.Normal(mine.Points)}: {Words.Ordinal(mine.Place)} of {table.Rows.Count}.");
        if (mine.TieText is { } tie)
        {
            sentences.Add($"The points are level with another’s; {tie} decide.");
        }
        else if (
            table.Rows.Where(r => r.Place == mine.Place && r.Entry != entry).Select(r => name(r.Entry)).ToList() is { Count: > 0 } level
        )
        {
            sentences.Add($"It shares the place with {Words.Join(level)}: points and best places are the same.");
        }

        return [.. sentences];
    }

    private static string Decided(ResultLine better, ResultLine worse) =>
        better.Class != worse.Class ? $"{KindOf(better)} before {KindOf(worse)}"
        : better.Result?.Value != worse.Result?.Value || better.TieText is null ? $"{better.Text} against {worse.Text}"
        : $"level at {better.Text}, by the tie-break: {better.TieText} against {worse.TieText ?? "none"}";

    private static string KindOf(ResultLine line) =>
        line.Class switch
        {
            ResultClass.Scored => $"a score ({line.Text})",
            ResultClass.AtTheCap => $"the work at the cap ({line.Text})",
            ResultClass.NoGoodLift => "no good lift",
            ResultClass.Zero => "zero",
            ResultClass.NotReached => "a part that was not reached",
            ResultClass.NotScored => "a lifter without a good lift",
            ResultClass.Withdrew => "who withdrew",
            ResultClass.DidNotStart => "who did not start",
            _ => line.Text,
        };
}
