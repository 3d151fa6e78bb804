using FairCompass.Core.Quantities;

namespace FairCompass.Planning.People;

/// <summary>What is wrong, or worth a look, in a row of a list.</summary>
/// <param name="Row">The row of the file, from 1.</param>
/// <param name="Column">The heading of the column it stands in; empty where it is the whole row.</param>
/// <param name="Sentence">What it is, for a person.</param>
public sealed record RowNote(int Row, string Column, string Sentence);

/// <summary>Somebody as a list has them.</summary>
/// <param name="Name">As it is written.</param>
/// <param name="Gym">As it is written; may be empty.</param>
/// <param name="Duty"><c>man</c> or <c>woman</c>; null where the list does not say.</param>
/// <param name="Contact">Address or telephone; may be empty.</param>
public sealed record ReadPerson(string Name, string Gym, string? Duty, string Contact);

/// <summary>An entry as a list has it.</summary>
/// <param name="Row">Its first row in the file, from 1.</param>
/// <param name="Division">The short name of its division.</param>
/// <param name="Team">The name of a pair or crew; empty for one athlete.</param>
/// <param name="Bib">The number worn; may be empty.</param>
/// <param name="Seed">The place it is expected at; null where the list does not say.</param>
/// <param name="Members">Who stands in it, in the order of the places.</param>
public sealed record ReadEntry(int Row, string Division, string Team, string Bib, int? Seed, Eq<ReadPerson> Members)
{
    /// <summary>The level it is entered for; empty where the list does not say.</summary>
    public string Level { get; init; } = "";

    /// <summary>Its name as a list calls it.</summary>
    public string Name => Team.Length > 0 ? Team : string.Join(" / ", Members.Select(m => m.Name));
}

/// <summary>A list of entries as it was read.</summary>
/// <param name="Headings">What stands above its columns; a letter where nothing does.</param>
/// <param name="Uses">What each column was taken for.</param>
/// <param name="Rows">How many rows hold something, headings left out.</param>
/// <param name="Entries">The entries of the rows that are in order.</param>
/// <param name="Troubles">What must be settled before anything is taken.</param>
/// <param name="Notes">What is worth a look and stops nothing.</param>
public sealed record ReadList(
    Eq<string> Headings,
    Eq<ColumnUse> Uses,
    int Rows,
    Eq<ReadEntry> Entries,
    Eq<RowNote> Troubles,
    Eq<RowNote> Notes
)
{
    /// <summary>A list that is not read at all.</summary>
    /// <param name="why">Why not.</param>
    public static ReadList No(string why) => new([], [], 0, [], [new(0, "", why)], []);
}
