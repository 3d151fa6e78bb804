using System.Reflection;
using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Store.Demo;

/// <summary>The invented competition that every start without <c>--empty</c> shows.</summary>
public static class SaltmarshFerryGames
{
    /// <summary>The competition.</summary>
    public static Competition Competition { get; } =
        new(
            "Saltmarsh Ferry Games",
            new DateOnly(2027, 6, 12),
            new DateOnly(2027, 6, 13),
            "Quayside Hall, Saltmarsh",
            MassUnit.Kilogram,
            [
                new("Tideline", DivisionKind.Individual, ["man", "woman"], null),
                new("Estuary", DivisionKind.Individual, ["man", "woman"], "Tideline"),
                new("Meadow", DivisionKind.Individual, ["man", "woman"], "Estuary"),
                new("Anchor 45+", DivisionKind.Individual, ["man", "woman"], "Estuary"),
                new("Ferry Pairs", DivisionKind.Pair, ["man", "woman"], null),
                new("Crew of Four", DivisionKind.TeamOf4, ["man", "woman"], null),
            ],
            new LaneKit(
                20,
                15,
                0,
                [
                    new(25, 2, true),
                    new(20, 4, true),
                    new(15, 2, true),
                    new(10, 4, true),
                    new(5, 4, false),
                    new(2.5m, 4, false),
                    new(1.25m, 4, false),
                ],
                [7.5m, 10, 15, 22.5m],
                [12, 16, 24],
                [10, 20, 30],
                [6, 9]
            )
            {
                Things =
                [
                    new("rowing machine", 1),
                    new("air bike", 1),
                    new("box", 2),
                    new("skipping rope", 4),
                    new("climbing rope, with a mat", 4, Shared: true),
                ],
            }
        )
        {
            Spanish = SpanishOf.Spain,
            Policies =
            [
                new("capped score", "cap line"),
                new("tie-break", "shared"),
                new("bell", "finished"),
                new("bell for lifts", "finished and steady"),
                new("gate on the second", "counts"),
                new("what breaks", "last written number"),
                new("false start", "back behind the line"),
                new("before go", "nothing"),
                new("doubtful rep", "credit"),
                new("plates", "athlete"),
                new("bar weight", "included"),
                new("spotting", "named spotters, no rep"),
                new("counting", "one each"),
                new("own rest", "judge restarts, on the clock"),
                new("hand tag", "no"),
                new("team order", "free"),
                new("mixed heights", "own"),
                new("uncounted moves", "must be made good"),
                new("score weights", "equal"),
                new("measuring", "at check-in"),
                new("judges", "one per station"),
                new("other documents", "none"),
                new("last rung", "repeats"),
                new("video", "one take"),
                new("video cuts", "unbroken"),
                new("video deadline", "Sunday 6 June 2027, 18:00 UTC"),
                new("video monitor", "second judge"),
                new("partial distance", "whole sections"),
                new("first load", "own choice"),
                new("going down", "always"),
                new("change of load", "on the clock"),
                new("hold comes down", "between reps"),
                new("hold taken over", "at any time"),
                new("hold changes", "free"),
                new("short of the least", "owed"),
                new("lift up", "a box"),
                new("moving kit", "the team"),
                new("box turned by", "who comes in"),
                new("burpee step", "jump", "Tideline"),
                new("failed jump", "whole rep", "Tideline"),
            ],
            HouseRules =
            [
                new("wall-walk", "feet-on-wall", "Meadow")
                {
                    Text = new(
                        "The feet may come down when both hands are behind the start line.",
                        "Los pies pueden bajar cuando las dos manos están detrás de la línea de salida."
                    ),
                },
            ],
        };

    /// <summary>The drafts in order: seventeen complete ones, two copies with planted mistakes, and four of later constructs.</summary>
    public static IReadOnlyList<string> Drafts { get; } =
        Assembly
            .GetExecutingAssembly()
            .GetManifestResourceNames()
            .Where(n => n.StartsWith("demo/", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .Select(Read)
            .ToList();

    /// <summary>Stores the demo when the database holds no competition yet.</summary>
    /// <param name="competitions">Where to.</param>
    /// <param name="readers">What readers of it have in hand.</param>
    /// <param name="cancel">Cancels.</param>
    /// <returns>The competition that was made; null where there is one.</returns>
    public static async Task<Guid?> SeedIfEmpty(CompetitionStore competitions, SaltmarshReaders readers, CancellationToken cancel)
    {
        if ((await competitions.Names(cancel)).Count > 0)
        {
            return null;
        }

        var made = await competitions.Create(Competition, Drafts.Select(Draft.New).ToList(), null, cancel);
        await readers.Seed(made.Id, made.Revision, cancel);
        return made.Id;
    }

    private static string Read(string name)
    {
        using var reader = new StreamReader(Assembly.GetExecutingAssembly().GetManifestResourceStream(name)!);
        return reader.ReadToEnd();
    }
}
