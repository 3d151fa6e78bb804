using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards;

/// <summary>A rule of the library, ready to be taken into another standard.</summary>
/// <param name="Clause">The rule.</param>
/// <param name="Fault">What breaks it; null when nothing does.</param>
/// <param name="UsedIn">The ids of the movements that have it.</param>
public sealed record BookPhrase(Clause Clause, Fault? Fault, Eq<string> UsedIn);

/// <summary>Every rule of the library once, to write standards from.</summary>
public static class PhraseBook
{
    /// <summary>The phrases by phase, then in the order of the book.</summary>
    public static IReadOnlyList<BookPhrase> All { get; } =
        MovementLibrary
            .All.SelectMany(m => m.Clauses.Select(c => (m, c, f: m.Faults.FirstOrDefault(f => f.Breaks == c.Id))))
            .GroupBy(x => (x.c.Id, x.c.Text.English))
            .OrderBy(g => g.First().c.Phase)
            .Select(g => new BookPhrase(g.First().c, g.First().f, g.Select(x => x.m.Id).ToEq()))
            .ToList();

    private static readonly Dictionary<(string, string), Clause> ByWording = All.ToDictionary(
        p => (p.Clause.Id, p.Clause.Text.English),
        p => p.Clause
    );

    /// <summary>
    /// Gives the clauses of a movement that was read from a file what decides them on a pose, where their wording is the
    /// library’s; the limits are the clause’s own.
    /// </summary>
    public static Movement Restore(Movement m) =>
        m with
        {
            Clauses = m
                .Clauses.Select(c =>
                    ByWording.TryGetValue((c.Id, c.Text.English), out var phrase) ? c with { Holds = phrase.Holds?.With(c.Of) } : c
                )
                .ToEq(),
        };
}
