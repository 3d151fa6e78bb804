using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>The sheet for who holds an older paper.</summary>
public class ErratumTests
{
    private static Brief Sheet(string before, string now, Language language, string holdsFrom = "", string note = "")
    {
        var (old, current) = (Demo.Understand(before), Demo.Understand(now));
        return ErratumSheet.Of(
            old,
            current,
            new(2, Fingerprint.Of(current), Fingerprint.Of(old).Code, new(2027, 6, 12), holdsFrom, note),
            language
        );
    }

    private static readonly string Bell = DraftTexts.Demo("01");

    [Fact]
    public void The_difference_stands_in_plain_words_with_the_old_code()
    {
        var sheet = Sheet(
            Bell,
            Bell.Replace("2 x 10/7.5 kg", "2 x 7.5/7.5 kg", StringComparison.Ordinal),
            Language.English,
            "heat 3",
            "A slip of the pen."
        );
        var text = BriefText.Of(sheet);
        Assert.Contains($"Your paper says {Fingerprint.Of(Demo.Understand(Bell)).Code}?", text, StringComparison.Ordinal);
        Assert.Contains(
            $"This holds from heat 3 on. Heats before it are judged, and stay scored, by "
                + $"{Fingerprint.Of(Demo.Understand(Bell)).Code}. It is for Meadow.",
            text,
            StringComparison.Ordinal
        );
        Assert.Equal(
            ["Meadow, man", "loads", "dumbbell hang clean and jerk", "2 × 10 kg", "2 × 7.5 kg"],
            sheet.Sections[0].Blocks.OfType<BriefBlock.Table>().Single().Rows[0].Cells
        );
        Assert.Equal(("Erratum", "Version 2"), (sheet.Paper, sheet.Status));
        Assert.Contains("A slip of the pen.", BriefMarkdown.Write(sheet), StringComparison.Ordinal);
    }

    [Fact]
    public void In_spanish_nothing_of_it_is_english_but_what_somebody_wrote()
    {
        var now =
            Bell.Replace("2 x 10/7.5 kg", "2 x 7.5/7.5 kg", StringComparison.Ordinal)
                .Replace("11:00", "12:00", StringComparison.Ordinal)
                .Replace("A unfinished: not reached", "A unfinished: zero", StringComparison.Ordinal)
            + "policy doubtful rep: no rep\nstandard front squat, rack: does not apply\n";
        var sheet = Sheet(Bell, now, Language.Spanish, "Sunday", "Mind the clock.");
        var text = BriefText.Of(sheet);
        Assert.Contains("«Sunday»", text, StringComparison.Ordinal);
        Assert.Contains("Meadow, hombre", text, StringComparison.Ordinal);
        Assert.Contains("cargas", text, StringComparison.Ordinal);
        Assert.Equal(("Fe de erratas", "Versión 2"), (sheet.Paper, sheet.Status));
        Assert.Empty(SpanishPapersTests.EnglishLines(sheet, ["Meadow", "Tideline", "Estuary", "Anchor 45+"]));
    }

    [Fact]
    public void Nothing_different_says_so() =>
        Assert.Contains("Nothing that is printed differs.", BriefText.Of(Sheet(Bell, Bell, Language.English)), StringComparison.Ordinal);
}
