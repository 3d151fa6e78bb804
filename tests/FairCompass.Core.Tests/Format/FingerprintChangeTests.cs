using System.Text.RegularExpressions;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Format;

/// <summary>Every value that is printed changes the code; how it is written does not.</summary>
public partial class FingerprintChangeTests
{
    [GeneratedRegex(@"(?<![\p{L}\d])\d+(?:\.\d+)?(?![\p{L}\d])")]
    private static partial Regex Figures { get; }

    private static string Code(string text) => Fingerprint.Of(Demo.Understand(text)).Sha256;

    /// <summary>Each figure of each workout of the demo in turn, one more than it was.</summary>
    [Theory]
    [MemberData(nameof(Depth.DemoRows), 2, 1, MemberType = typeof(Depth))]
    public void Another_figure_is_another_code(string name)
    {
        var text = DraftTexts.Read(name);
        var before = Demo.Understand(text);
        var code = Fingerprint.Of(before).Sha256;
        var (changed, seen) = (0, new HashSet<string>(StringComparer.Ordinal) { code });
        foreach (Match figure in Figures.Matches(text))
        {
            var other = decimal.Parse(figure.Value, System.Globalization.CultureInfo.InvariantCulture) + 1;
            var after =
                text[..figure.Index]
                + other.ToString(System.Globalization.CultureInfo.InvariantCulture)
                + text[(figure.Index + figure.Length)..];
            var workout = Parser.Parse(after).Workout;
            // A figure in a comment, or one that makes the line unreadable, is not a value of the workout.
            if (workout == before.Parsed.Workout || Parser.Parse(after).Problems.Count > before.Parsed.Problems.Count)
            {
                continue;
            }

            changed++;
            Assert.True(seen.Add(Code(after)), $"{name}: {figure.Value} at {figure.Index} and another change have one code");
        }

        Assert.InRange(changed, 4, 200);
    }

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Layout_comments_and_other_forms_of_a_figure_are_no_change(string name)
    {
        var text = DraftTexts.Read(name);
        var code = Code(text);
        Assert.Equal(code, Code(text.Replace("\n", "\r\n", StringComparison.Ordinal)));
        Assert.Equal(code, Code(string.Join('\n', text.Split('\n').Select(l => l.Length == 0 ? "\n// mine" : l + "  // ask Mo"))));
        Assert.Equal(code, Code(Printer.Print(Parser.Parse(text).Workout)));
        Assert.Equal(
            code,
            Code(
                Regex.Replace(text, @"(\d+)\.(\d)(?![\d])(?=[^\n]* (?:kg|cm|m)\b)", "$1.${2}0", RegexOptions.None, TimeSpan.FromSeconds(1))
            )
        );
    }

    [Fact]
    public void A_figure_with_a_nought_at_its_end_is_the_same_figure()
    {
        var text = Demo.Window("9:00 for time", "30 power clean, 22.5/15 kg", "score: time\n  tie: shared\n");
        Assert.Equal(Code(text), Code(text.Replace("22.5/15", "22.50/15.0", StringComparison.Ordinal)));
        Assert.NotEqual(Code(text), Code(text.Replace("22.5/15", "22.51/15", StringComparison.Ordinal)));
    }

    public static TheoryData<string, Func<Competition, Competition>, bool> Changes =>
        new()
        {
            // Printed, or decided by: another code.
            { "the competition's name", c => c with { Name = "Other Games" }, true },
            { "the unit", c => c with { Unit = FairCompass.Core.Quantities.MassUnit.Pound }, true },
            {
                "a parent",
                c => c with { Divisions = [c.Divisions[0], c.Divisions[1] with { InheritsFrom = null }, .. c.Divisions.Skip(2)] },
                true
            },
            { "a policy", c => c with { Policies = [new("dropping", "no rep")] }, true },
            { "a policy for one", c => c with { Policies = [new("dropping", "no rep", "Meadow")] }, true },
            {
                "a house rule",
                c => c with { HouseRules = [new ClauseChange("power-clean", "from-floor") { Text = new("From the floor, always.") }] },
                true
            },
            {
                "a house rule for one",
                c => c with { HouseRules = [new ClauseChange("power-clean", "from-floor", "Meadow") { Text = new("From the floor.") }] },
                true
            },
            // Nowhere on the papers of this workout: the same code.
            { "the place", c => c with { Place = "Elsewhere" }, false },
            { "the days", c => c with { Starts = c.Starts.AddDays(1), Ends = c.Ends.AddDays(1) }, false },
            { "the kit of a lane", c => c with { Kit = c.Kit with { Balls = [4] } }, false },
            {
                "a division that does not do it",
                c => c with { Divisions = [.. c.Divisions, new("New", DivisionKind.Pair, ["man"], null)] },
                false
            },
            {
                "a house rule of another movement",
                c => c with { HouseRules = [new ClauseChange("pull-up", "chin") { Text = new("The chin passes the bar.") }] },
                false
            },
        };

    [Theory]
    [MemberData(nameof(Changes))]
    public void What_is_printed_of_the_competition_is_in_the_code(string what, Func<Competition, Competition> change, bool changes)
    {
        var text =
            "Trial\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 power clean, 60/40 kg\n\n"
            + "score: time\n  tie: shared\n";
        Assert.Contains(
            FairCompass.Core.InForce.StandardsBook.Of(Demo.Competition).Find("power clean")!.Clauses,
            c => c.Id == "from-floor"
        );
        var before = Fingerprint.Of(Understanding.Of(Demo.Competition, text)).Sha256;
        var after = Fingerprint.Of(Understanding.Of(change(Demo.Competition), text)).Sha256;
        Assert.True(before != after == changes, what);
    }
}
