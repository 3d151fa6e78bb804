using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>
/// For whom or where a line holds: names that narrow each other, joined with <c>and</c>. A name is a division, a duty
/// (<c>man</c>, <c>woman</c>), a position (<c>2nd</c>), a group, a level, or a place in a loop (<c>round 2</c>).
/// Names are looked up after parsing, so that a mistyped one is a good sentence with a suggestion.
/// </summary>
/// <param name="Names">At least one.</param>
public sealed record Who(Eq<string> Names)
{
    /// <summary>The names joined with <c>and</c>.</summary>
    public override string ToString() => string.Join(" and ", Names);
}
