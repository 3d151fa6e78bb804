using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Publishing;

/// <summary>Who of a list has confirmed.</summary>
/// <param name="Confirmed">On the list and confirmed.</param>
/// <param name="Missing">On the list and not confirmed.</param>
/// <param name="Unknown">Confirmed and not on the list.</param>
public sealed record NamesCompared(Eq<string> Confirmed, Eq<string> Missing, Eq<string> Unknown);

/// <summary>Compares names as people write them: case, accents, spaces and the order of surname and first name do not matter.</summary>
public static class NameList
{
    /// <summary>Compares a pasted list with the names that confirmed.</summary>
    /// <param name="pasted">One name a line, or separated by semicolons or tabs.</param>
    /// <param name="confirmed">The names that confirmed.</param>
    public static NamesCompared Compare(string pasted, IReadOnlyCollection<string> confirmed)
    {
        var list = pasted
            .Split(['\n', '\r', ';', '\t'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .DistinctBy(Key)
            .ToList();
        var keys = confirmed.Select(Key).ToHashSet(StringComparer.Ordinal);
        var listed = list.Select(Key).ToHashSet(StringComparer.Ordinal);
        return new(
            list.Where(n => keys.Contains(Key(n))).ToEq(),
            list.Where(n => !keys.Contains(Key(n))).ToEq(),
            confirmed.Where(n => !listed.Contains(Key(n))).ToEq()
        );
    }

    /// <summary>What two spellings of one name have in common.</summary>
    public static string Key(string name) =>
        string.Join(
            ' ',
            Accents.Without(name).Split([' ', ',', '.', '-'], StringSplitOptions.RemoveEmptyEntries).Order(StringComparer.Ordinal)
        );
}
