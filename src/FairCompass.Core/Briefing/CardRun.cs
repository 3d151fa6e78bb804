using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>Whose card it is: what is known before the run, so that nobody writes it by hand.</summary>
/// <param name="Within">What tells the entry from others of its division, as the definition does: <c>woman</c>, <c>team</c>.</param>
/// <param name="Bib">The number worn; may be empty.</param>
/// <param name="Name">The athlete or team.</param>
/// <param name="Members">The members of a team in the order of its places; empty for one athlete.</param>
/// <param name="Gym">The gym; may be empty.</param>
/// <param name="Heat">The heat, from 1.</param>
/// <param name="Lane">The lane, from 1.</param>
/// <param name="Starts">The clock of the hall at which the heat starts: <c>09:15</c>.</param>
/// <param name="Judges">The judges of the lane by post; an empty name leaves a blank.</param>
public sealed record CardRun(
    string Within,
    string Bib,
    string Name,
    Eq<string> Members,
    string Gym,
    int Heat,
    int Lane,
    string Starts,
    Eq<string> Judges
);
