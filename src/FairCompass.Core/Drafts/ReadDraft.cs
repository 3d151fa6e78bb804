using FairCompass.Core.Competitions;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>A draft that was read and not yet worked out: its lines, and what its names mean in the competition. Cheap enough for every
/// command.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Text">The text, lines separated by <c>\n</c>.</param>
/// <param name="Parsed">What was read.</param>
/// <param name="Resolver">Resolves prescriptions.</param>
public sealed record ReadDraft(Competition Competition, string Text, ParseResult Parsed, Resolver Resolver)
{
    /// <summary>The model.</summary>
    public Workout Workout => Parsed.Workout;

    /// <summary>Reads a draft.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="text">Any text.</param>
    /// <param name="lines">The ids of its lines; null for a text that stands alone.</param>
    public static ReadDraft Of(Competition competition, string text, LineIds? lines = null)
    {
        var normal = text.Replace("\r\n", "\n", StringComparison.Ordinal);
        var parsed = Parser.Parse(normal, lines);
        return new(competition, normal, parsed, new Resolver(competition, parsed.Workout));
    }

    /// <summary>The divisions that do the workout, in the order of the competition.</summary>
    public IReadOnlyList<Division> Divisions => Resolver.Entries.Select(e => e.Division).Distinct().ToList();
}
