using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests;

/// <summary>The demo competition as the core sees it, and short-hands for drafts in it.</summary>
public static class Demo
{
    public static Competition Competition { get; } =
        new(
            "Saltmarsh Ferry Games",
            new DateOnly(2027, 6, 12),
            new DateOnly(2027, 6, 13),
            "Quayside Hall",
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
        );

    public static Understanding Understand(string text) => Understanding.Of(Competition, text);

    public static Explanation Explain(string text) => Explainer.Explain(Competition, text);

    public static Understanding Text(string number) => Understand(DraftTexts.Starting(number));

    /// <summary>A window for Tideline with the given work lines and score, for tests of one thing.</summary>
    public static string Window(string goal, string work, string score = "score: reps\n  tie: shared\n") =>
        $"Trial\n  for Tideline\n  a/b is man/woman\n\n{goal}\n{string.Join('\n', work.Split('\n').Select(l => "  " + l))}\n\n{score}";
}
