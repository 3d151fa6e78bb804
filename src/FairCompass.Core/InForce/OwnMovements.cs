using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.InForce;

/// <summary>Standards that a competition writes itself, begun from the nearest one there is.</summary>
public static class OwnMovements
{
    /// <summary>The movements most like a name, the nearest first.</summary>
    /// <param name="book">The competition’s book.</param>
    /// <param name="name">What the new movement is called.</param>
    /// <param name="most">How many.</param>
    public static IEnumerable<Movement> Nearest(StandardsBook book, string name, int most = 5) =>
        book
            .All.Select(
                (m, i) =>
                    (m, i, Likeness: m.Synonyms.Append(m.Name.English).Max(n => Similarity.Of(n.Replace('-', ' '), name.Replace('-', ' '))))
            )
            .Where(x => x.Likeness > 0 && name.Trim().Length > 0)
            .OrderByDescending(x => x.Likeness)
            .ThenBy(x => x.i)
            .Take(most)
            .Select(x => x.m);

    /// <summary>A copy under another name, with what has the old name left out: synonyms are those of the old movement.</summary>
    /// <param name="movement">What it is begun from.</param>
    /// <param name="name">The new name; empty keeps the field empty for the author.</param>
    /// <param name="book">The competition’s book, so that the id is free.</param>
    public static Movement From(Movement movement, string name, StandardsBook book) =>
        movement with
        {
            Id = FreeId(name, book),
            Name = new(name.Trim()),
            Synonyms = [],
            Clauses = [.. movement.Clauses.Select(c => c with { From = Provenance.Library })],
            Faults = [.. movement.Faults.Select(f => f with { From = Provenance.Library })],
        };

    /// <summary>An id made of a name: lower case, hyphens, free in the book.</summary>
    public static string FreeId(string name, StandardsBook book)
    {
        var plain = string.Join(
            '-',
            Accents
                .Without(name)
                .ToLowerInvariant()
                .Split([.. " -_'’&.,/"], StringSplitOptions.RemoveEmptyEntries)
                .Select(w => string.Concat(w.Where(char.IsAsciiLetterOrDigit)))
                .Where(w => w.Length > 0)
        );
        var stem =
            plain.Length == 0 ? "own-movement"
            : plain.Length > 50 ? plain[..50].TrimEnd('-')
            : plain;
        return Enumerable.Range(1, 1000).Select(n => n == 1 ? stem : $"{stem}-{n}").First(id => book.ById(id) is null);
    }
}
