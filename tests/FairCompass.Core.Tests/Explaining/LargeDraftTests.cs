using System.Text.Json;
using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Format;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Explaining;

/// <summary>
/// Short texts that mean very much work. Counted are bytes of the answer, bytes that were allocated, and what was worked out, not
/// seconds: those stand in the benchmarks.
/// </summary>
public class LargeDraftTests
{
    private const int LargestAnswer = 5_000_000;
    private const long MostAllocated = 500_000_000;

    private static readonly Competition Sixty = Demo.Competition with
    {
        Divisions = Enumerable.Range(1, 60).Select(n => new Division($"D{n}", DivisionKind.Individual, ["man", "woman"], null)).ToEq(),
    };

    private static readonly Competition Teams = Demo.Competition with
    {
        Divisions = Enumerable.Range(1, 60).Select(n => new Division($"D{n}", DivisionKind.TeamOf6, ["man", "woman"], null)).ToEq(),
    };

    private static readonly Competition OddPlates = Sixty with
    {
        Kit = Sixty.Kit with { Plates = Enumerable.Range(1, 20).Select(n => new PlateStock(0.1m + (n * 1.0007m), 100, false)).ToEq() },
    };

    private static string Lines(int n, Func<int, string> line) => string.Concat(Enumerable.Range(1, n).Select(i => line(i) + "\n"));

    private const string Ladder = "40-41-...-99 kg";

    private static readonly Dictionary<string, (Competition Competition, string Text)> Drafts = new()
    {
        ["two nested cycles of rest"] = (Demo.Competition, "T\n\n999999 cycles\n  999999 cycles\n    rest 0:01\n"),
        ["ten nested empty cycles"] = (Demo.Competition, "T\n\n" + Lines(10, i => new string(' ', 2 * (i - 1)) + "999999 cycles")),
        ["cycles with a change between"] = (Demo.Competition, "T\n\n999999 cycles, change 0:01 between\n  rest 0:01\n"),
        ["odd plates and ladders"] = (OddPlates, "T\n\n9:00 for reps\n" + Lines(480, _ => $"  10 power clean, {Ladder}")),
        ["odd plates and few ladders"] = (
            OddPlates with
            {
                Divisions = OddPlates.Divisions.Take(4).ToEq(),
            },
            "T\n\n9:00 for reps\n" + Lines(20, _ => $"  10 power clean, {Ladder}")
        ),
        ["ladders of the demo"] = (Demo.Competition, "T\n\n9:00 for reps\n" + Lines(480, _ => $"  10 power clean, {Ladder}")),
        ["ladders that are loaded anew"] = (
            Demo.Competition,
            "T\n\n9:00 for reps\n" + Lines(240, _ => $"  10 power clean, {Ladder}\n  re-rig: by the athlete")
        ),
        ["400 cycles, 60 divisions"] = (Sixty, "T\n\n400 cycles\n  1:00 for reps\n" + Lines(60, _ => "    10 sit-up")),
        ["400 cycles of 480 tasks"] = (Demo.Competition, "T\n\n400 cycles\n  1:00 for reps\n" + Lines(480, _ => "    10 sit-up")),
        ["400 cycles of 60 tasks"] = (Demo.Competition, "T\n\n400 cycles\n  1:00 for reps\n" + Lines(60, _ => "    10 sit-up")),
        ["480 equal lines"] = (Sixty, "T\n\n1:00 for reps\n  10 power clean, 40 kg\n" + Lines(480, i => "    D1: 50 kg")),
        ["480 equal lines for everybody"] = (Sixty, "T\n\n1:00 for reps\n  10 power clean, 40 kg\n" + Lines(480, i => "    man: 50 kg")),
        ["60 levels"] = (
            Sixty,
            "T\n  levels "
                + string.Join(", ", Enumerable.Range(1, 60).Select(i => $"L{i}"))
                + "\n\n1:00 for reps\n"
                + Lines(20, _ => "  10 sit-up")
        ),
        ["a seat of a team of six"] = (Teams, "T\n\n1:00 for reps\n" + Lines(480, _ => "  10 sit-up") + "    2nd: 12\n"),
        ["480 options"] = (Demo.Competition, "T\n\n1:00 for reps\n  10 sit-up\n" + Lines(480, i => $"    choose: {i} pull-up")),
        ["rounds that are named"] = (
            Demo.Competition,
            "T\n\n1:00 for reps\n  2000 rounds\n    10 power clean, 40 kg\n"
                + Lines(60, i => "      " + string.Join(", ", Enumerable.Range(0, 24).Select(r => $"round {(24 * i) + r}")) + ": 50 kg")
        ),
        ["divisions joined"] = (
            Sixty,
            "T\n\n1:00 for reps\n  10 power clean, 40 kg\n"
                + Lines(240, _ => "    " + string.Join(" and ", Enumerable.Range(1, 35).Select(d => $"D{d}")) + ": 50 kg")
        ),
        ["400 policies"] = (
            Sixty,
            "T\n\n1:00 for reps\n  10 sit-up\n\n"
                + Lines(400, i => $"policy bell, for D{(i % 60) + 1}: {(i % 2 == 0 ? "finished" : "begun")}")
        ),
        ["waves"] = (
            Demo.Competition,
            "T\n  groups "
                + string.Join(", ", Enumerable.Range(1, 50).Select(g => $"G{g} 1"))
                + "\n\nwaves for reps, 2:00 each\n"
                + Lines(100, s => $"  station S{s}\n    max sit-up")
        ),
        ["rounds that open gates"] = (
            Demo.Competition,
            "T\n\n1:00 for time\n"
                + Lines(8, d => new string(' ', 2 * d) + "999999 rounds")
                + new string(' ', 18)
                + "1 sit-up\n"
                + new string(' ', 18)
                + "gate, round 999999 only, adds 1:00\n"
        ),
    };

    public static TheoryData<string> Names => new(Drafts.Keys);

    [Theory]
    [MemberData(nameof(Names))]
    public void A_short_text_never_costs_much(string name)
    {
        var (competition, text) = Drafts[name];
        Assert.Empty(CompetitionRules.Validate(competition));
        var u = Cheap(() => Understanding.Of(competition, text));
        Small(Cheap(() => JsonSerializer.Serialize(Explainer.Explain(u, 1000), FormatContext.Default.Explanation)));
        // Each draft has three of the papers in the short run; together they have all.
        foreach (var audience in PaperNames.All.Where((_, i) => Depth.IsLong || i % 3 == name.Length % 3))
        {
            var paper = new BriefBuilder(u, null, new DateOnly(2027, 6, 12), new() { Trace = true });
            Small(Cheap(() => JsonSerializer.Serialize(paper.Build(audience), FormatContext.Default.Brief), $"{audience}"));
        }
    }

    /// <summary>What is refused whole says so, and nothing else is said of it.</summary>
    [Fact]
    public void A_draft_that_is_too_large_is_read_and_not_worked_out()
    {
        var (competition, text) = Drafts["400 cycles of 480 tasks"];
        var explained = Explainer.Explain(competition, text);
        var finding = Assert.Single(explained.Findings);
        Assert.Equal(("too-large", 1), (finding.Rule, finding.At.Line));
        Assert.NotEmpty(explained.Tokens);
        Assert.Empty(explained.Ledgers);
        Assert.NotEqual(explained.Fingerprint, Explainer.Explain(competition, text + "policy bell: begun\n").Fingerprint);
    }

    /// <summary>The largest real workout, run by sixty divisions, is far from the limits.</summary>
    [Theory]
    [MemberData(nameof(Notation.DraftTexts.Demos), MemberType = typeof(Notation.DraftTexts))]
    public void Workouts_of_the_demo_for_sixty_divisions_are_worked_out(string name)
    {
        var text = Notation.DraftTexts.Read(name);
        var lines = text.Split('\n').Where(l => !l.StartsWith("  for ", StringComparison.Ordinal));
        Assert.Null(Understanding.Of(Sixty, string.Join('\n', lines)).TooLarge);
    }

    private static T Cheap<T>(Func<T> work, string what = "")
    {
        var before = GC.GetAllocatedBytesForCurrentThread();
        var made = work();
        var bytes = GC.GetAllocatedBytesForCurrentThread() - before;
        Assert.True(bytes <= MostAllocated, $"{what} {bytes:N0}");
        return made;
    }

    private static void Small(string answer) => Assert.InRange(answer.Length, 0, LargestAnswer);
}
