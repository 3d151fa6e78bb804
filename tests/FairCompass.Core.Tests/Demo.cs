using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests;

/// <summary>The demo as the core sees it, with nothing decided yet, and short-hands for drafts in it.</summary>
public static class Demo
{
    /// <summary>Divisions and kit of the demo that ships, before any policy or house rule: tests say themselves what holds.</summary>
    public static Competition Competition { get; } = SaltmarshFerryGames.Competition with { Policies = [], HouseRules = [] };

    public static Understanding Understand(string text) => Understanding.Of(Competition, text);

    public static Explanation Explain(string text) => Explainer.Explain(Competition, text);

    public static Understanding Text(string number) => Understand(DraftTexts.Demo(number));

    /// <summary>A window for Tideline with the given work lines and score, for tests of one thing.</summary>
    public static string Window(string goal, string work, string score = "score: reps\n  tie: shared\n") =>
        $"Trial\n  for Tideline\n  a/b is man/woman\n\n{goal}\n{string.Join('\n', work.Split('\n').Select(l => "  " + l))}\n\n{score}";
}
