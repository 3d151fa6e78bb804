using FairCompass.Core.Quantities;

namespace FairCompass.Planning.People;

/// <summary>Somebody who competes; one person may stand in entries of several divisions.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">As it is printed, 1 to 80 characters.</param>
/// <param name="Gym">Where they train; empty where nobody says.</param>
/// <param name="Duty"><c>man</c> or <c>woman</c>; null where nobody has said.</param>
/// <param name="ByBib">True where the public reads the number in place of the name.</param>
public sealed record Person(Guid Id, string Name, string Gym, string? Duty, bool ByBib = false);

/// <summary>Whether an entry is there.</summary>
public enum EntryState
{
    /// <summary>It is in the field.</summary>
    In,

    /// <summary>It is expected, but was not there when it was called to check in.</summary>
    Late,

    /// <summary>It does not start, or does not go on.</summary>
    Withdrawn,
}

/// <summary>What stands in one lane and is ranked: an athlete, a pair, a crew.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Division">The short name of its division.</param>
/// <param name="Team">The name of a pair or crew; empty for one athlete.</param>
/// <param name="Bib">The number worn, at most 8 letters and digits; empty where none is given out.</param>
/// <param name="Seed">The place it is expected at, from 1; null where nobody says.</param>
/// <param name="State">Whether it is there.</param>
/// <param name="Members">Who stands in it, in the order of the places.</param>
public sealed record Entry(Guid Id, string Division, string Team, string Bib, int? Seed, EntryState State, Eq<Person> Members)
{
    /// <summary>The level it is entered for, of those that workouts name; empty where nobody says.</summary>
    public string Level { get; init; } = "";

    /// <summary>Its name as a list calls it: the crew, else its members.</summary>
    public string Name => Team.Length > 0 ? Team : string.Join(" / ", Members.Select(m => m.Name));

    /// <summary>Its name as everybody may read it: its number, where one of its members wants that.</summary>
    public string PublicName => Team.Length > 0 || Members.All(m => !m.ByBib) ? Name : $"No. {Bib}";

    /// <summary>Its gym as a list calls it: each gym of its members once.</summary>
    public string Gym => string.Join(" / ", Members.Select(m => m.Gym).Where(g => g.Length > 0).Distinct(StringComparer.Ordinal));

    /// <summary>True where it is to be put into heats.</summary>
    public bool Starts => State != EntryState.Withdrawn;
}
