using System.Globalization;
using System.Text.RegularExpressions;
using CsCheck;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Publishing;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Publishing;

/// <summary>A difference is never kept back and never made up, whatever was changed.</summary>
public class DifferencePropertyTests
{
    private static readonly Gen<(int Demo, int Line, int Kind)> Edit = Gen.Select(
        Gen.Int[0, DraftTexts.DemoNames.Count - 1],
        Gen.Int[0, 60],
        Gen.Int[0, 3]
    );

    /// <summary>Two codes are equal exactly when nothing differs; else the holder of the old paper is told something.</summary>
    [Fact]
    public void Another_code_means_that_something_is_said() =>
        Edit.Sample(
            (demo, at, kind) =>
            {
                var text = DraftTexts.Read(DraftTexts.DemoNames[demo]);
                var (before, now) = (Demo.Understand(text), Demo.Understand(Edited(text, at, kind)));
                var difference = Differences.Between(before, now);
                Assert.Equal(Fingerprint.Of(before) == Fingerprint.Of(now), difference.Changes.Count == 0);
                Assert.All(difference.Changes, c => Assert.NotEqual(c.Before, c.Now));
            },
            iter: Depth.Times(120, 300)
        );

    /// <summary>Read backwards, everything that was gained is lost.</summary>
    [Fact]
    public void Backwards_before_and_now_change_places() =>
        Edit.Sample(
            (demo, at, kind) =>
            {
                var text = DraftTexts.Read(DraftTexts.DemoNames[demo]);
                var (before, now) = (Demo.Understand(text), Demo.Understand(Edited(text, at, kind)));
                Assert.Equal(
                    Differences.Between(before, now).Changes.Select(c => (c.Touches, c.For, c.What, c.Before, c.Now)).Order(),
                    Differences.Between(now, before).Changes.Select(c => (c.Touches, c.For, c.What, Before: c.Now, Now: c.Before)).Order()
                );
            },
            iter: Depth.Times(80, 200)
        );

    [Fact]
    public void Both_languages_say_the_same_changes_with_the_same_figures() =>
        Edit.Sample(
            (demo, at, kind) =>
            {
                var text = DraftTexts.Read(DraftTexts.DemoNames[demo]);
                var (before, now) = (Demo.Understand(text), Demo.Understand(Edited(text, at, kind)));
                static IEnumerable<string> Figures(string s) =>
                    Regex.Matches(s, "[0-9]+([.:][0-9]+)*").Select(m => m.Value).Order(StringComparer.Ordinal);
                var (english, spanish) = (
                    Differences.Between(before, now).Changes,
                    Differences.Between(before, now, Language.Spanish).Changes
                );
                Assert.Equal(english.Select(c => c.Touches), spanish.Select(c => c.Touches));
                Assert.Equal(
                    english.Select(c => string.Join(' ', Figures(c.Before + " " + c.Now))),
                    spanish.Select(c => string.Join(' ', Figures(c.Before + " " + c.Now)))
                );
            },
            iter: Depth.Times(60, 150)
        );

    /// <summary>A cell set to another load is told to the entries that resolve to another load, and to nobody else.</summary>
    [Fact]
    public void A_set_cell_is_told_to_whom_it_concerns() =>
        Gen.Select(Gen.Int[0, DraftTexts.DemoNames.Count - 1], Gen.Int[0, 999], Gen.Int[1, 40])
            .Sample(
                (demo, cell, steps) =>
                {
                    var text = DraftTexts.Read(DraftTexts.DemoNames[demo]);
                    var before = Demo.Understand(text);
                    var cells = before
                        .Prescribed.Where(p => p.Prescription.Load is not null && p.Option is null && p.At == default)
                        .ToList();
                    if (cells.Count == 0)
                    {
                        return;
                    }

                    var chosen = cells[cell % cells.Count];
                    // Loads that are made on one bar, or of the same plates, are planned together.
                    var onOneBar = chosen.Address.Division.IsTeam || WorkTree.ReRigs(before.Workout).Any();
                    var answer = new SetCell(
                        chosen.Source.At.Line,
                        "load",
                        chosen.Address.Division.Name,
                        chosen.Address.Within,
                        (steps * 2.5m).ToString("0.##", CultureInfo.InvariantCulture)
                            + (
                                chosen.Prescription.Load!.Value.Also is null
                                    ? ""
                                    : " or " + (steps * 5).ToString(CultureInfo.InvariantCulture)
                            )
                    ).Against(new(before));
                    if (answer.Value is not { } edits)
                    {
                        return;
                    }

                    var now = Demo.Understand(Core.Notation.Edits.Apply(text, edits.Edits));
                    static Dictionary<string, string> Loads(Core.Drafts.Understanding u, Work line) =>
                        u
                            .Prescribed.Where(p => p.Option is null && p.At == default && line(p))
                            // Entries that are made up differently have members of one name, with one load each.
                            .GroupBy(p => p.Address.ToString())
                            .ToDictionary(g => g.Key, g => g.First().Prescription.Load?.Value.ToString() ?? "");
                    bool Same(PrescribedTask p) => p.Source.At.Line == chosen.Source.At.Line;
                    var (was, isNow) = (Loads(before, Same), Loads(now, Same));
                    var concerned = was.Keys.Where(a => was[a] != isNow[a]).ToHashSet();
                    var changes = Differences
                        .Between(before, now)
                        .Changes.Where(c =>
                            // Plates of a team's lane are everybody's there: another load of one may leave others for the rest.
                            c.Touches == Touches.Loads
                            && !(onOneBar && c.Sentence.English.StartsWith("plates, ", StringComparison.Ordinal))
                        )
                        .ToList();
                    Assert.Equal(concerned.Count == 0, changes.Count == 0);
                    foreach (var address in before.Resolver.Addresses)
                    {
                        var told = changes.Any(c =>
                            c.For is null || c.For == address.Division.Name || c.For == address.Division.Name + ", " + address.Within
                        );
                        Assert.True(
                            told == concerned.Contains(address.ToString()),
                            $"{DraftTexts.DemoNames[demo]} {edits.Edits[0].Insert}: {address} told {told}; "
                                + $"{string.Join(" | ", changes.Select(c => c.Sentence.English))}"
                        );
                    }
                },
                iter: Depth.Times(120, 300)
            );

    private delegate bool Work(PrescribedTask task);

    private static string Edited(string text, int at, int kind)
    {
        var lines = text.Split('\n').ToList();
        var i = at % lines.Count;
        switch (kind)
        {
            case 0:
                lines.RemoveAt(i);
                break;
            case 1:
                lines[i] = Regex.Replace(
                    lines[i],
                    "[0-9]+",
                    m => (long.Parse(m.Value, CultureInfo.InvariantCulture) + 2).ToString(CultureInfo.InvariantCulture)
                );
                break;
            case 2:
                lines.Insert(i, lines[i]);
                break;
            default:
                lines[i] += " // said in passing";
                break;
        }

        return string.Join('\n', lines);
    }
}
