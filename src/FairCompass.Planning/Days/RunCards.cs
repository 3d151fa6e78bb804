using FairCompass.Core.Briefing;
using FairCompass.Planning.People;

namespace FairCompass.Planning.Days;

/// <summary>What a card says of its run.</summary>
public static class RunCards
{
    /// <summary>The run of an entry in a lane.</summary>
    /// <param name="heat">The heat.</param>
    /// <param name="lane">The lane.</param>
    /// <param name="entry">Who stands in it.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="within">What tells its way of the workout from others of its division.</param>
    public static CardRun Of(Heat heat, LanePost lane, Entry entry, Field field, string within) =>
        new(
            within,
            entry.Bib,
            entry.Name,
            entry.Members.Count > 1 ? [.. entry.Members.Select(m => m.Name)] : [],
            entry.Gym,
            heat.Number,
            lane.Lane,
            NodaTime.Text.LocalDateTimePattern.CreateWithInvariantCulture("HH:mm").Format(heat.Starts),
            [.. lane.Judges.Select(j => j is { } id ? field.Judge(id)?.Name ?? "" : "")]
        );
}
