using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>Topics whose answer the notation says in words of its own, in place of <c>policy NAME: ANSWER</c>.</summary>
/// <param name="Topic">The topic’s name.</param>
/// <param name="Begins">What the line says before the school.</param>
/// <param name="Is">True of the line that answers it.</param>
public sealed record OwnLine(string Topic, string Begins, Func<Policy, bool> Is)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<OwnLine> All { get; } =
    [
        new("bell", "bell: a rep counts when ", p => p is Policy.Bell { Of: VoidedUnit.Rep }),
        new("bell for lifts", "bell: a lift counts when ", p => p is Policy.Bell { Of: VoidedUnit.Lift }),
        new("gate on the second", "gate on the second: ", p => p is Policy.GateOnSecond),
    ];

    /// <summary>The one of a topic, or null where it is answered as every other.</summary>
    public static OwnLine? Of(string topic) => All.FirstOrDefault(l => l.Topic == topic);
}
