using System.Runtime.CompilerServices;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.InForce;

/// <summary>Topics that a line of a workout answers in the notation’s own words, where a clause of the book speaks of them: the line holds
/// before the policy, or the two would contradict each other on one paper.</summary>
internal static class SaidInLines
{
    private static readonly Dictionary<string, Func<Workout, IEnumerable<string?>>> Topics = new(StringComparer.Ordinal)
    {
        ["hold comes down"] = workout =>
            WorkTree
                .Rules(workout)
                .Select(r => r.Rule)
                .OfType<Rule.Hold>()
                .Select(h =>
                    h.WholeTurn ? "never"
                    : h.MayPause ? "between reps"
                    : null
                ),
        ["short of the least"] = workout =>
            WorkTree
                .Rules(workout)
                .Select(r => r.Rule)
                .OfType<Rule.Share>()
                .Where(s => s.Phrases.Any(p => p.Is == ShareKind.AtLeast))
                .Select(s =>
                    s.Phrases.FirstOrDefault(p => p.Is == ShareKind.Short)?.Short switch
                    {
                        ShortShare.Owed => "owed",
                        ShortShare.NotCounted => "not counted",
                        ShortShare.NoResult => "no result",
                        _ => null,
                    }
                ),
    };

    /// <summary>What was read of a workout, for as long as it lives: a book is asked for each movement of each division.</summary>
    private static readonly ConditionalWeakTable<Workout, Dictionary<string, string?>> Known = [];

    /// <summary>True where some line says something on some topic.</summary>
    /// <param name="workout">The workout.</param>
    public static bool Any(Workout workout) => Read(workout).Count > 0;

    /// <summary>What the lines say.</summary>
    /// <param name="topic">The topic’s name.</param>
    /// <param name="workout">The workout.</param>
    /// <returns>Whether any line speaks, and the school that all of them say; null where they differ, or only some speak, and no one
    /// wording is right for all.</returns>
    public static (bool Speak, string? School) Of(string topic, Workout workout) =>
        Read(workout).TryGetValue(topic, out var school) ? (true, school) : (false, null);

    private static Dictionary<string, string?> Read(Workout workout) =>
        Known.GetValue(
            workout,
            w =>
                Topics
                    .Select(t => (Topic: t.Key, Said: t.Value(w).Distinct().ToList()))
                    .Where(t => t.Said.Exists(s => s is not null))
                    .ToDictionary(t => t.Topic, t => t.Said is [var only] ? only : null, StringComparer.Ordinal)
        );
}
