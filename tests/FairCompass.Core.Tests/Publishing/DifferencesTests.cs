using System.Text.Json;
using FairCompass.Core.Drafts;
using FairCompass.Core.Format;
using FairCompass.Core.Publishing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Publishing;

/// <summary>What differs between two versions, in plain words.</summary>
public class DifferencesTests
{
    private static readonly string Bell = DraftTexts.Demo("01");

    private static List<Change> Of(string before, string now) =>
        [.. Differences.Between(Understanding.Of(Demo.Competition, before), Understanding.Of(Demo.Competition, now)).Changes];

    private static string Replaced(string old, string with) =>
        Bell.Contains(old, StringComparison.Ordinal)
            ? Bell.Replace(old, with, StringComparison.Ordinal)
            : throw new InvalidOperationException(old);

    [Fact]
    public void The_same_text_differs_in_nothing() => Assert.Empty(Of(Bell, Bell));

    [Fact]
    public void A_load_of_one_cell_is_named_with_its_division_and_duty()
    {
        var change = Assert.Single(Of(Bell, Replaced("2 x 10/7.5 kg", "2 x 7.5/7.5 kg")));
        Assert.Equal((Touches.Loads, "Meadow, man", "2 × 10 kg", "2 × 7.5 kg"), (change.Touches, change.For, change.Before, change.Now));
        Assert.Equal("Meadow, man: dumbbell hang clean and jerk 2 × 10 kg → 2 × 7.5 kg", change.Sentence.English);
    }

    [Fact]
    public void Both_duties_changed_alike_are_one_division_and_all_cells_are_everybody()
    {
        Assert.Equal("Meadow", Assert.Single(Of(Replaced("2 x 10/7.5 kg", "2 x 10 kg"), Replaced("2 x 10/7.5 kg", "2 x 7.5 kg"))).For);
        Assert.All(Of(Bell, Replaced("16-12-8", "16-12-6")), c => Assert.True(c.For is null && c.Touches is Touches.Reps));
    }

    [Fact]
    public void The_clock_the_scoring_and_the_standard_are_told_apart()
    {
        Assert.Contains(
            Of(Bell, Replaced("11:00", "12:00")),
            c =>
                c.Touches == Touches.Clock
                && c.Before.Contains("11:00", StringComparison.Ordinal)
                && c.Now.Contains("12:00", StringComparison.Ordinal)
        );
        Assert.Contains(
            Of(Bell, Replaced("A unfinished: not reached", "A unfinished: zero")),
            c => c.Touches == Touches.Scoring && c.Now.Contains("zero", StringComparison.Ordinal)
        );
        var ruled = Assert.Single(Of(Bell, Bell + "standard sit-up, ruling-1, for Meadow: The feet may be held. (ruling 1, 2027-06-12)\n"));
        Assert.Equal(
            (Touches.Standard, "Meadow", "sit-up", "", "The feet may be held."),
            (ruled.Touches, ruled.For, ruled.What, ruled.Before, ruled.Now)
        );
        Assert.Contains(
            Of(Bell, Bell + "policy doubtful rep: no rep\n"),
            c => c is { Touches: Touches.Standard, What: "doubtful rep", Now: "no rep" }
        );
    }

    [Fact]
    public void An_answer_for_one_division_and_a_topic_without_clauses_are_named()
    {
        var one = Assert.Single(Of(Bell, Bell + "policy doubtful rep, for Meadow: no rep\n"));
        Assert.Equal(("Meadow", "doubtful rep", "no rep"), (one.For, one.What, one.Now));
        Assert.Contains(
            Of(DraftTexts.Demo("03"), DraftTexts.Demo("03") + "policy tape and grips: both\n"),
            c => c is { What: "tape and grips", Before: "not both", Now: "both" }
        );
    }

    [Fact]
    public void A_second_unit_that_is_added_or_changed_is_told_in_one_line()
    {
        var kilograms = Bell.Replace("2 x 10/7.5 kg", "2 x 10/7.5 kg or 20/15 lb", StringComparison.Ordinal);
        Assert.Contains(
            "Meadow, man: dumbbell hang clean and jerk 2 × 10 kg → 2 × 10 kg or 20 lb",
            Of(Bell, kilograms).Select(c => c.Sentence.English)
        );
        Assert.Equal(
            ["Meadow, man: dumbbell hang clean and jerk 2 × 10 kg or 20 lb → 2 × 10 kg or 22 lb"],
            Of(kilograms, kilograms.Replace("20/15 lb", "22/15 lb", StringComparison.Ordinal)).Select(c => c.Sentence.English)
        );
    }

    /// <summary>A load corrected in the same version must not hide another line that changed with it.</summary>
    [Theory]
    [InlineData("16-12-8 of\n  sit-up\n", "16-12-8 of\n  sit-up\n    note: face the wall\n", "words new: sit-up: face the wall")]
    [InlineData("5 rounds\n  10 sit-up\n", "4 rounds\n  10 sit-up\n", "the work new: 4 rounds of")]
    [InlineData(
        "10 pull-up\n  share: one at a time, at most 6 in a row\n",
        "10 pull-up\n  share: one at a time, at most 4 in a row\n",
        "the work pull-up: One works at a time; nobody more than 6 in a row. → pull-up: One works at a time; nobody more than 4 in a row."
    )]
    [InlineData(
        "10 sit-up\n",
        "10 sit-up\n  standard sit-upright: Both shoulders pass the hips.\n",
        "the work new: sit-up: Here holds: Both shoulders pass the hips."
    )]
    [InlineData(
        "10 thruster, from the floor\n",
        "10 thruster, from the rack\n",
        "the work thrusters, from the floor → thrusters, from the rack"
    )]
    [InlineData(
        "20 m walking lunge, marks every 5 m\n",
        "20 m walking lunge, marks every 2.5 m\n",
        "the work walking lunges, in sections of 5 m → walking lunges, in sections of 2.5 m"
    )]
    public void Beside_a_load_every_other_line_that_changed_is_told(string was, string now, string sentence)
    {
        static string Text(string work, string load) =>
            $"T\n  for Tideline\n\n9:00 for time\n  5 deadlift, {load} kg\n"
            + $"{string.Concat(work.TrimEnd('\n').Split('\n').Select(l => "  " + l + "\n"))}\nscore: time\n  unfinished: cap line "
            + "by reps\n  tie: shared\n";
        var changes = Of(Text(was, "100"), Text(now, "95")).Select(c => c.Sentence.English).ToList();
        Assert.Contains("deadlift 100 kg → 95 kg", changes);
        Assert.Contains(sentence, changes);
    }

    [Fact]
    public void A_private_comment_and_another_layout_are_no_difference() =>
        Assert.Empty(Of(Bell, Bell.Replace("sit-up\n", "sit-up // ask Mo\n\n", StringComparison.Ordinal)));

    [Fact]
    public void What_changes_nothing_else_is_words_only() =>
        Assert.Equal(
            [Touches.Words],
            Of(Bell, Replaced("      sit-up\n", "      sit-up (hands behind the head first)\n")).Select(c => c.Touches).Distinct()
        );

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void A_published_document_has_the_code_of_its_draft_and_keeps_it_through_a_file(string name)
    {
        var u = Understanding.Of(Demo.Competition, DraftTexts.Read(name));
        var document = PublishedDocument.Of(u);
        var json = PublishedFiles.Write(document);
        var back = PublishedFiles.Read(json);
        Assert.Equal(Fingerprint.Of(u), Fingerprint.Of(back.Understand()));
        Assert.Empty(Differences.Between(u, back.Understand()).Changes);
        Assert.Equal(json, PublishedFiles.Write(back));
    }

    [Theory]
    [InlineData("7k2m 9qxr 4", null)]
    [InlineData("", null)]
    [InlineData("not-a-code", null)]
    public void What_is_no_code_is_told_so(string typed, string? code) => Assert.Equal(code, Fingerprint.Read(typed));

    [Fact]
    public void A_code_is_read_as_people_type_it_and_a_single_wrong_character_is_noticed()
    {
        var code = Fingerprint.Of("x").Code;
        Assert.Equal(code, Fingerprint.Read(code.Replace("-", " ", StringComparison.Ordinal).ToLowerInvariant()));
        Assert.Equal(code, Fingerprint.Read(code.Replace('0', 'O').Replace('1', 'l')));
        var plain = code.Replace("-", "", StringComparison.Ordinal);
        for (var i = 0; i < plain.Length; i++)
        {
            foreach (var other in "0123456789ABCDEFGHJKMNPQRSTVWXYZ".Where(c => c != plain[i]))
            {
                Assert.Null(Fingerprint.Read(plain[..i] + other + plain[(i + 1)..]));
            }
        }
    }
}
