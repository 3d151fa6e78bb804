using System.Text;
using FairCompass.Access;
using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Documents;
using FairCompass.Planning.People;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Day;

/// <summary>Athletes and teams.</summary>
public static class EntryEndpoints
{
    private const int LongestReason = 200;

    /// <summary>Maps the addresses.</summary>
    public static void MapEntries(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/entries").WithTags("Entries");
        tag.MapGet("/", All).Needs(Right.SeeField).WithSummary("Everybody who competes.");
        tag.MapGet("/contacts", Contacts).Needs(Right.SeeContacts).WithSummary("How athletes are reached.");
        tag.MapPost("/preview", Preview)
            .Needs(Right.EnterPeople)
            .WithSummary("Reads a list of entries, and says what taking it would do; nothing is stored.");
        tag.MapPost("/take", Take)
            .Needs(Right.EnterPeople, "took a list of entries")
            .WithSummary("Takes a list, whole or not at all; refused where it would do something else than was previewed (409).");
        tag.MapPut("/{entry:guid}/state", SetState)
            .Needs(Right.EnterPeople, "said whether an entry is there")
            .WithSummary("In, late, or withdrawn.");
        tag.MapPut("/{entry:guid}/members", SetMember)
            .Needs(Right.EnterPeople, "changed a member of an entry")
            .WithSummary("Puts another person in a place of an entry.");
        tag.MapPut("/people/{person:guid}", Show)
            .Needs(Right.EnterPeople, "said how the public reads somebody")
            .WithSummary("Name, or number only.");
        tag.MapPost("/people/{person:guid}/forget", Forget)
            .Needs(Right.EnterPeople, "removed somebody’s data")
            .WithSummary("Takes name, gym and contact off a person; what was judged stays under the number.");
        tag.MapGet("/{entry:guid}/history", History).Needs(Right.SeeField).WithSummary("What became of an entry.");
    }

    private static async Task<Ok<EntriesOf>> All(Guid id, EntryStore entries, CancellationToken cancel) =>
        TypedResults.Ok(new EntriesOf(await entries.Of(id, cancel)));

    private static async Task<Ok<IReadOnlyList<ContactOf>>> Contacts(Guid id, EntryStore entries, CancellationToken cancel) =>
        TypedResults.Ok<IReadOnlyList<ContactOf>>((await entries.Contacts(id, cancel)).Select(c => new ContactOf(c.Key, c.Value)).ToList());

    private static async Task<Ok<IReadOnlyList<EntryChange>>> History(Guid id, Guid entry, EntryStore entries, CancellationToken cancel) =>
        TypedResults.Ok(await entries.History(id, entry, cancel));

    private static async Task<Results<Ok<EntriesPreview>, NotThere>> Preview(
        Guid id,
        ReadEntries read,
        CompetitionCache competitions,
        EntryStore entries,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return NotThere.Gone("competition");
        }

        var (list, changes) = await Compared(id, competition, read, entries, cancel);
        return TypedResults.Ok(new EntriesPreview(list, list.Troubles.Count > 0 ? [] : changes));
    }

    private static async Task<(ReadList List, Eq<ListChange> Changes)> Compared(
        Guid id,
        Competition competition,
        ReadEntries read,
        EntryStore entries,
        CancellationToken cancel
    )
    {
        var list = EntryListReader.Read(Cells(read.Text), competition, read.Uses, read.LeaveOut.ToHashSet());
        var there = (await entries.Of(id, cancel)).Select(e => e.Entry).ToList();
        var changes = ListChanges.Between(there, list.Entries);
        return (list with { Troubles = [.. list.Troubles, .. ListChanges.NumbersTaken(there, changes)] }, changes);
    }

    /// <summary>A list that was copied from a spreadsheet has tabs; one that was typed has commas or semicolons.</summary>
    private static string Cells(string text) =>
        text.Contains('\t', StringComparison.Ordinal)
        || DocumentReader.Read(Encoding.UTF8.GetBytes(text), "list.csv") is not { Kind: "table" } read
            ? text.ReplaceLineEndings("\n").TrimEnd('\n')
            : read.Text;

    private static async Task<Results<Ok<EntriesOf>, NotThere, Conflicting, FieldsRefused>> Take(
        Guid id,
        TakeEntries take,
        HttpContext http,
        CompetitionCache competitions,
        EntryStore entries,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return NotThere.Gone("competition");
        }

        var (list, _) = await Compared(id, competition, new(take.Text, take.Uses, take.LeaveOut), entries, cancel);
        if (list.Troubles.Count > 0)
        {
            return new FieldsRefused([.. list.Troubles.Select(t => new FieldError($"rows[{t.Row}]", t.Sentence))]);
        }

        About.Say(http, $"{take.New} new, {take.Changed} changed, {(take.WithdrawGone ? take.Gone : 0)} withdrawn");
        return await entries.Take(id, list.Entries, take.WithdrawGone, (take.New, take.Changed, take.Gone), cancel) is null
            ? new Conflicting(
                "The entries were changed since this list was looked at.",
                detail: "Nothing was taken. Look at the preview again."
            )
            : TypedResults.Ok(new EntriesOf(await entries.Of(id, cancel)));
    }

    private static async Task<Results<Ok<EntriesOf>, Conflicting, FieldsRefused>> SetState(
        Guid id,
        Guid entry,
        SetEntryState set,
        EntryStore entries,
        CancellationToken cancel
    )
    {
        if (set.State == EntryState.Withdrawn && set.Reason.Trim().Length == 0)
        {
            return new FieldsRefused("reason", "Say why.");
        }

        if (CompetitionRules.NameError(set.Reason, LongestReason, required: false) is { } wrong)
        {
            return new FieldsRefused("reason", wrong);
        }

        return await entries.SetState(id, entry, set.Revision, set.State, set.Reason.Trim(), cancel)
            ? TypedResults.Ok(new EntriesOf(await entries.Of(id, cancel)))
            : Changed;
    }

    private static async Task<Results<Ok<EntriesOf>, NotThere>> Show(
        Guid id,
        Guid person,
        ShowPerson show,
        EntryStore entries,
        CancellationToken cancel
    ) =>
        await entries.SetShown(id, person, show.ByBib, cancel)
            ? TypedResults.Ok(new EntriesOf(await entries.Of(id, cancel)))
            : NotThere.Gone("person");

    private static async Task<Results<Ok<EntriesOf>, NotThere>> Forget(
        Guid id,
        Guid person,
        EntryStore entries,
        KeptStore kept,
        CancellationToken cancel
    )
    {
        if (await entries.Forget(id, person, cancel) is not { } name)
        {
            return NotThere.Gone("person");
        }

        // A tape knows no more than a name; where two have it, nobody can say whose it was, and it stays.
        var others = (await entries.Of(id, cancel)).SelectMany(e => e.Entry.Members);
        if (!others.Any(m => NameList.Key(m.Name) == NameList.Key(name)))
        {
            await kept.Forget(await kept.Readings(id, [name], cancel), cancel);
        }

        return TypedResults.Ok(new EntriesOf(await entries.Of(id, cancel)));
    }

    private static Conflicting Changed => new("Somebody has changed this entry since.", detail: "Look at it again; nothing was stored.");

    private static async Task<Results<Ok<EntriesOf>, Conflicting, FieldsRefused>> SetMember(
        Guid id,
        Guid entry,
        SetEntryMember set,
        EntryStore entries,
        CancellationToken cancel
    )
    {
        var errors = new List<FieldError>();
        foreach (
            var (field, text, most, needed) in ((string, string, int, bool)[])
                [
                    ("name", set.Name, EntryListReader.LongestName, true),
                    ("gym", set.Gym, EntryListReader.LongestName, false),
                    ("reason", set.Reason, LongestReason, true),
                ]
        )
        {
            if (CompetitionRules.NameError(text, most, needed) is { } wrong)
            {
                errors.Add(new(field, field == "reason" && text.Trim().Length == 0 ? "Say why." : wrong));
            }
        }

        if (set.Sex is not (null or "man" or "woman"))
        {
            errors.Add(new("sex", "man or woman."));
        }

        var there = (await entries.Of(id, cancel)).FirstOrDefault(e => e.Entry.Id == entry);
        var had = there is not null && set.Seat >= 1 && set.Seat <= there.Entry.Members.Count ? there.Entry.Members[set.Seat - 1] : null;
        if (had is { Duty: { } place } && set.Sex is { } sex && sex != place)
        {
            errors.Add(new("sex", $"This place is for a {place}."));
        }

        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var person = new ReadPerson(set.Name.Trim(), set.Gym.Trim(), set.Sex ?? had?.Duty, "");
        return await entries.SetMember(id, entry, set.Revision, set.Seat, person, set.Reason.Trim(), cancel)
            ? TypedResults.Ok(new EntriesOf(await entries.Of(id, cancel)))
            : Changed;
    }
}
