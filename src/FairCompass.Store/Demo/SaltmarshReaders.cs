using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;

namespace FairCompass.Store.Demo;

/// <summary>What readers of the demo have in hand: three workouts are published, one of them corrected; some questions are answered, some
/// open; and not everybody has confirmed.</summary>
/// <param name="workouts">The drafts.</param>
/// <param name="published">Versions.</param>
/// <param name="questions">Questions, answers and confirmations.</param>
public sealed class SaltmarshReaders(WorkoutStore workouts, PublishedStore published, QuestionStore questions)
{
    private static readonly string[] Judges = ["R. Mudge", "Ines Calder", "T. Whelk", "Joss Penny"];
    private static readonly string[] Athletes = ["Tamsin Oake", "B. Sallow"];

    /// <summary>Publishes, asks, answers and confirms.</summary>
    /// <param name="competition">The demo.</param>
    /// <param name="revision">Its revision.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task Seed(Guid competition, int revision, CancellationToken cancel)
    {
        var drafts = await workouts.Of(competition, cancel);
        Versioned<string> Draft(string title) => drafts.Single(d => d.Value.StartsWith(title + "\n", StringComparison.Ordinal));

        var tides = await Publish(Draft("Twin Tides"), d => d, "", "", revision, cancel);
        await Ask(
            tides,
            "share: one at a time, any split",
            "May the one who rests hold the foot straps of the machine?",
            "Ines Calder",
            null,
            cancel
        );
        await Ask(
            tides,
            "4-5-6-... burpee to the target, target 15 cm above reach, uncounted",
            "Is the reach measured in shoes?",
            "B. Sallow",
            "Yes: in the shoes that are worn in the heat, flat on the floor, one arm up.",
            cancel
        );
        await Confirm(tides, Judges, true, cancel);
        await Confirm(tides, Athletes, false, cancel);

        var towline = await Publish(Draft("Towline"), d => d, "", "", revision, cancel);
        await Ask(
            towline,
            "share: by 2 members, one at a time, any split",
            "Do the two have to change in each cycle?",
            "T. Whelk",
            "No. Only the holder changes.",
            cancel
        );
        await Confirm(towline, Judges.Take(2), true, cancel);

        // The changes between the stations were ten seconds shorter in the first version.
        var slack = Draft("Slack Water");
        var first = await Publish(slack, d => d.Replace("change 0:50", "change 0:40", StringComparison.Ordinal), "", "", revision, cancel);
        await Confirm(first, Judges, true, cancel);
        await Ask(first, "change 0:40", "Is that enough to walk to the other end?", "Joss Penny", "No: the correction gives 0:50.", cancel);
        var second = await Publish(slack, d => d, "heat 1", "Forty seconds were too short for the way to the bikes.", revision, cancel);
        await Confirm(second, Judges.Take(3), true, cancel);
        await Ask(second, "max cal air bike", "Who sets the seat, and when?", "Tamsin Oake", null, cancel);
    }

    private async Task<PublishedVersion> Publish(
        Versioned<string> draft,
        Func<string, string> text,
        string from,
        string note,
        int competitionRevision,
        CancellationToken cancel
    )
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, text(draft.Value), cancel);
        var what = new ToPublish(draft.Id, Guid.CreateVersion7(), Fingerprint.Of(u), PublishedDocument.Of(u), from, note);
        return await published.Publish(what, draft.Revision, competitionRevision, cancel) is PublishResult.Done done
            ? done.Version
            : throw new InvalidOperationException("The demo cannot be published.");
    }

    private async Task Ask(PublishedVersion version, string line, string body, string by, string? answer, CancellationToken cancel)
    {
        // Each asks once, so that no limit is met.
        var id = await questions.Ask(new(version.Id, line, body, by, ""), $"demo {by} {body}", null, cancel);
        if (id is { } asked && answer is not null)
        {
            await questions.Answer(asked, answer, cancel);
        }
    }

    private async Task Confirm(PublishedVersion version, IEnumerable<string> names, bool judge, CancellationToken cancel)
    {
        foreach (var name in names)
        {
            await questions.Confirm(version.Id, new(NameList.Key(name), name, judge), cancel);
        }
    }
}
