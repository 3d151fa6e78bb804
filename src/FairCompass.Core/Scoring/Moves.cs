using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Somebody whose place a changed rule changes.</summary>
/// <param name="Name">Who.</param>
/// <param name="From">The place before; 0 for none.</param>
/// <param name="To">The place after; 0 for none.</param>
/// <param name="Sentence">Who moves and why.</param>
public sealed record Move(string Name, int From, int To, string Sentence);

/// <summary>Says who moves, and why, when a rule changes and the observations stay.</summary>
public static class Moves
{
    /// <summary>The entries whose place or score differs, best new place first.</summary>
    /// <param name="names">The entries.</param>
    /// <param name="before">Their results under the old rule.</param>
    /// <param name="after">Their results under the new rule.</param>
    public static Eq<Move> Between(IReadOnlyList<string> names, IReadOnlyList<ComponentResult> before, IReadOnlyList<ComponentResult> after)
    {
        var (old, now) = (Ranking.Places(before), Ranking.Places(after));
        return Enumerable
            .Range(0, names.Count)
            .Where(i => old[i] != now[i] || before[i].Text != after[i].Text)
            .OrderBy(i => now[i])
            .Select(i => new Move(names[i], old[i], now[i], Sentence(names[i], before[i], after[i], old[i], now[i])))
            .ToEq();
    }

    private static string Sentence(string name, ComponentResult before, ComponentResult after, int from, int to)
    {
        var why =
            before.Text != after.Text ? $"{before.Text} becomes {after.Text}"
            : before.TieText != after.TieText
                ? $"the tie is decided by {after.TieText ?? "nothing"} instead of {before.TieText ?? "nothing"}"
            : "others have moved";
        return from == to
            ? $"{Words.Capital(name)} keeps place {Place(to)}: {why}."
            : $"{Words.Capital(name)} moves from place {Place(from)} to {Place(to)}: {why}.";
    }

    private static string Place(int place) => place == 0 ? "“unranked”" : place.ToString(System.Globalization.CultureInfo.InvariantCulture);
}
