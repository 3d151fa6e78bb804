using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>Where a card is.</summary>
public enum CardState
{
    /// <summary>Printed, and with nobody yet.</summary>
    Printed,

    /// <summary>With a judge.</summary>
    Out,

    /// <summary>Back at the desk.</summary>
    Back,

    /// <summary>Its numbers are entered.</summary>
    Entered,

    /// <summary>What was entered was checked against it.</summary>
    Checked,

    /// <summary>Looked for and not found.</summary>
    Missing,

    /// <summary>Another card stands for it; it counts no more.</summary>
    Replaced,
}

/// <summary>A card of a run.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Number">The number on it, from 1 within its version.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Version">The id of the version it was printed from.</param>
/// <param name="Code">The printed code of that version.</param>
/// <param name="Entry">Whose it is.</param>
/// <param name="Heat">The heat.</param>
/// <param name="State">Where it is.</param>
/// <param name="Who">Who has it; may be empty.</param>
/// <param name="Reason">Why it is where it is; may be empty.</param>
/// <param name="Since">Since when, UTC.</param>
public sealed record Card(
    Guid Id,
    int Number,
    Guid Workout,
    Guid Version,
    string Code,
    Guid Entry,
    Guid Heat,
    CardState State,
    string Who,
    string Reason,
    DateTime Since
)
{
    /// <summary>What is printed on it: <c>7KQ2-M9TX-4 / 012</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public string Printed => $"{Code} / {Number:000}";

    /// <summary>True while it is not known to be back.</summary>
    public bool IsAwaited => State is CardState.Printed or CardState.Out or CardState.Missing;
}

/// <summary>A card that should be back, with where to look for it.</summary>
/// <param name="Heat">The heat that is over.</param>
/// <param name="Lane">The lane.</param>
/// <param name="Judges">Who judged there.</param>
/// <param name="Entry">Whose card it is.</param>
/// <param name="Card">The card; null where none was printed.</param>
public sealed record Chased(Guid Heat, int Lane, Eq<Guid> Judges, Guid Entry, Card? Card);

/// <summary>The cards that are to be chased.</summary>
public static class ChaseList
{
    /// <summary>Every run that is over and whose card is not back, by heat and lane; a run without a card stands in it too.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="cards">Every card.</param>
    /// <param name="now">The clock; a heat that was called is over when its clock has stopped, whether or not anybody has said so.</param>
    public static Eq<Chased> Of(Plan plan, IReadOnlyList<Card> cards, Instant now)
    {
        var hall = now.InZone(DateTimeZoneProviders.Tzdb.GetZoneOrNull(plan.Zone) ?? DateTimeZone.Utc).LocalDateTime;
        bool Over(Heat h) => h.State == HeatState.Run || (h.State == HeatState.Called && h.Ends <= hall);
        var current = cards.Where(c => c.State != CardState.Replaced).ToLookup(c => (c.Heat, c.Entry));
        return
        [
            .. plan
                .Heats.Where(Over)
                .SelectMany(h =>
                    h.Lanes.Select(l => new Chased(
                        h.Id,
                        l.Lane,
                        [.. l.Judges.OfType<Guid>()],
                        l.Entry,
                        current[(h.Id, l.Entry)].MaxBy(c => c.Number)
                    ))
                )
                .Where(c => c.Card is null or { IsAwaited: true }),
        ];
    }
}
