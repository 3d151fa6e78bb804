using System.Collections.Concurrent;
using System.Globalization;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Binding;

/// <summary>
/// Finds what the names of a workout mean in a competition, each once. Words that the notation has for duties, places and rounds
/// come first, then what the workout declares, then the divisions.
/// </summary>
public sealed class NameBinder
{
    private readonly Competition competition;
    private readonly Dictionary<string, Eq<int>> groups;
    private readonly ConcurrentDictionary<string, Selector> known = new(StringComparer.Ordinal);

    /// <summary>Prepares the names of a workout.</summary>
    /// <param name="competition">Names the divisions.</param>
    /// <param name="workout">Declares groups and levels.</param>
    public NameBinder(Competition competition, Workout workout)
    {
        this.competition = competition;
        groups = workout
            .Headers.OfType<Header.Groups>()
            .SelectMany(g => g.Items)
            .GroupBy(g => g.Name, StringComparer.Ordinal)
            .ToDictionary(g => g.Key, g => g.First().Seats, StringComparer.Ordinal);
        Levels = workout.Headers.OfType<Header.Levels>().SelectMany(l => l.Names).Select(n => n.ToString()).Distinct().ToEq();
    }

    /// <summary>The levels that the workout declares, in order.</summary>
    public Eq<string> Levels { get; }

    /// <summary>The places of a group that the workout declares; null when there is none of that name.</summary>
    public Eq<int>? SeatsOf(string group) => groups.TryGetValue(group, out var seats) ? seats : null;

    /// <summary>What a name means.</summary>
    public Selector Of(string name) => known.GetOrAdd(name, static (n, binder) => binder.Bind(n), this);

    /// <summary>What the names mean that narrow a line together.</summary>
    public IEnumerable<Selector> Of(Who who) => who.Names.Select(Of);

    /// <summary>True for a word that the notation has for a duty, a place in the team, a round or a cycle: nothing else can have that
    /// name.</summary>
    public static bool IsWord(string name) =>
        Duties.Find(name) is not null
        || SeatOf(name) is not null
        || NumberAfter("round", name) is not null
        || NumberAfter("cycle", name) is not null;

    private Selector Bind(string name) =>
        Duties.Find(name) is { } duty ? new Selector.OfDuty(duty)
        : SeatOf(name) is { } seat ? new Selector.OfSeat(seat)
        : NumberAfter("round", name) is { } round ? new Selector.AtRound(round)
        : NumberAfter("cycle", name) is { } cycle ? new Selector.AtCycle(cycle)
        : groups.TryGetValue(name, out var seats) ? new Selector.OfGroup(name, seats)
        : Levels.Contains(name) ? new Selector.OfLevel(name)
        : competition.Find(name) is { } division ? new Selector.OfDivision(division)
        : new Selector.Unknown(name, Words.Nearest(name, competition.Divisions.Select(d => d.Name).Concat(Levels).Concat(groups.Keys)));

    /// <summary>The place in the team that a name such as <c>2nd</c> means; null for another name.</summary>
    private static int? SeatOf(string name) =>
        name.Length > 2
        && name[^2..] is "st" or "nd" or "rd" or "th"
        && int.TryParse(name.AsSpan(0, name.Length - 2), NumberStyles.None, CultureInfo.InvariantCulture, out var n)
            ? n
            : null;

    /// <summary>The number in <c>round 2</c> or <c>cycle 2</c>; null for another name.</summary>
    private static int? NumberAfter(string word, string name) =>
        name.StartsWith(word + " ", StringComparison.Ordinal)
        && int.TryParse(name.AsSpan(word.Length + 1), NumberStyles.None, CultureInfo.InvariantCulture, out var n)
            ? n
            : null;
}
