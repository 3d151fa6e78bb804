using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using FairCompass.Store.Day;

namespace FairCompass.Web.Day;

/// <summary>A list of entries to be read.</summary>
/// <param name="Text">A line a row; cells with a tab between them, or with commas or semicolons.</param>
/// <param name="Uses">What its columns are, where a person has said it; empty matches them.</param>
/// <param name="LeaveOut">Rows, from 1, that are left out.</param>
public sealed record ReadEntries(string Text, Eq<ColumnUse> Uses, Eq<int> LeaveOut);

/// <summary>A list as it was read, and what taking it would do.</summary>
/// <param name="List">The list.</param>
/// <param name="Changes">What taking it would do; empty while there are troubles.</param>
public sealed record EntriesPreview(ReadList List, Eq<ListChange> Changes);

/// <summary>Takes a list.</summary>
/// <param name="Text">As it was previewed.</param>
/// <param name="Uses">As it was previewed.</param>
/// <param name="LeaveOut">As it was previewed.</param>
/// <param name="WithdrawGone">True to withdraw what the list has no more.</param>
/// <param name="New">How many the preview called new.</param>
/// <param name="Changed">How many it called changed.</param>
/// <param name="Gone">How many it called gone.</param>
public sealed record TakeEntries(string Text, Eq<ColumnUse> Uses, Eq<int> LeaveOut, bool WithdrawGone, int New, int Changed, int Gone);

/// <summary>Says whether an entry is there.</summary>
/// <param name="Revision">The revision of the entry that was read.</param>
/// <param name="State">Whether it is there.</param>
/// <param name="Reason">Why, at most 200 characters; needed for a withdrawal.</param>
public sealed record SetEntryState(int Revision, EntryState State, string Reason);

/// <summary>Puts another person in a place of an entry.</summary>
/// <param name="Revision">The revision of the entry that was read.</param>
/// <param name="Seat">The place, from 1.</param>
/// <param name="Name">Who, 1 to 80 characters.</param>
/// <param name="Gym">Where they train; may be empty.</param>
/// <param name="Sex"><c>man</c> or <c>woman</c>; null keeps that of the place.</param>
/// <param name="Reason">Why, 1 to 200 characters.</param>
public sealed record SetEntryMember(int Revision, int Seat, string Name, string Gym, string? Sex, string Reason);

/// <summary>How somebody is reached.</summary>
/// <param name="Person">Who.</param>
/// <param name="Contact">Address or telephone.</param>
public sealed record ContactOf(Guid Person, string Contact);

/// <summary>Everybody who competes.</summary>
/// <param name="Entries">By division.</param>
public sealed record EntriesOf(IReadOnlyList<StoredEntry> Entries);

/// <summary>How the public reads somebody.</summary>
/// <param name="ByBib">True for the number in place of the name.</param>
public sealed record ShowPerson(bool ByBib);
