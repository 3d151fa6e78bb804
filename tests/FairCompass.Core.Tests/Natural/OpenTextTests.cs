using System.Text.RegularExpressions;
using FairCompass.Core.Natural;

namespace FairCompass.Core.Tests.Natural;

/// <summary>What a text leaves open is in no draft as if it had been said.</summary>
public class OpenTextTests
{
    private static NaturalReading Read(string text) => NaturalReader.Read(Demo.Competition, text);

    /// <summary>A word of two meanings stays that word, which has no standard.</summary>
    [Fact]
    public void A_word_of_two_meanings_is_neither()
    {
        var reading = Read("for time, cap 10\n30 Snatches 60/40 kg\n20 mu");
        Assert.Contains("30 snatches, 60/40 kg", reading.Draft, StringComparison.Ordinal);
        Assert.Contains("20 mu", reading.Draft, StringComparison.Ordinal);
        Assert.Equal(["movement", "movement"], reading.Open.Select(o => o.At.About));
    }

    /// <summary>Minutes without a total are no cycles: nobody has said how many.</summary>
    [Fact]
    public void Minutes_without_a_total_have_none()
    {
        var reading = Read("EMOM\n5 thrusters 43/30 kg");
        Assert.Contains("unset for reps\n  every 1:00\n    5 thruster, 43/30 kg", reading.Draft, StringComparison.Ordinal);
        Assert.Equal(["window"], reading.Open.Select(o => o.At.About));
    }

    /// <summary>Ten minutes are not three turns of three tasks: the last minute would be lost.</summary>
    [Fact]
    public void Minutes_that_are_no_whole_turns_stay_so_many()
    {
        var reading = Read("EMOM 10, alternating\n12 sit-ups\n8 burpees\n6 T2B");
        Assert.Contains("10:00 for reps\n  every 1:00\n", reading.Draft, StringComparison.Ordinal);
        Assert.Contains("8 burpee, rounds 2-5-... only", reading.Draft, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("E0MOM 10\n5 burpees")]
    [InlineData("every 0:00 for 10:00\n5 burpees")]
    public void An_interval_without_length_is_none(string text) =>
        Assert.DoesNotContain("every 0:00", Read(text).Draft, StringComparison.Ordinal);

    /// <summary>What stands in a line of one division is for it alone.</summary>
    [Fact]
    public void A_task_in_the_line_of_a_division_is_for_it_alone()
    {
        var reading = Read("for time, cap 10\n20 sit-ups\nMeadow: 15 burpees");
        Assert.Contains("15 burpee, Meadow only", reading.Draft, StringComparison.Ordinal);
        var two = Read("for time, cap 10\n20 sit-ups\nMeadow, Estuary: 15 burpees");
        Assert.Equal(["division"], two.Open.Select(o => o.At.About));
    }

    [Fact]
    public void The_loads_of_a_level_may_name_both_duties() =>
        Assert.Contains(
            "Heavy: 24/16 kg",
            Read("Two levels: Heavy and Light\nAMRAP 12\n20 kettlebell swings: Heavy 24 kg men / 16 kg women, Light 16/12 kg").Draft,
            StringComparison.Ordinal
        );

    /// <summary>Every meaning of the lexicon is one that a rule knows.</summary>
    [Fact]
    public void Each_meaning_has_a_rule()
    {
        var folder = Path.Combine(Docs.Root(), "src/FairCompass.Core/Natural");
        var rules = string.Concat(Directory.GetFiles(folder, "*.cs").Select(File.ReadAllText));
        var meanings = File.ReadAllLines(Path.Combine(folder, "lexicon.txt"))
            .Where(l => l.StartsWith("key\t", StringComparison.Ordinal))
            .Select(l => l.Split('\t')[1])
            .ToHashSet();
        Assert.DoesNotContain(meanings, m => !rules.Contains($"\"{m}\"", StringComparison.Ordinal));
        var asked = Regex.Matches(rules, @"\.Is\(([^)]*)\)").SelectMany(m => Regex.Matches(m.Groups[1].Value, "\"(\\w+)\""));
        Assert.DoesNotContain(asked, m => !meanings.Contains(m.Groups[1].Value));
    }
}
