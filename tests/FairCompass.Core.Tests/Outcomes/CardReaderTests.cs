using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Outcomes;

public class CardReaderTests
{
    [Theory]
    [InlineData("7:30", 450_000)]
    [InlineData("12:04,3", 724_300)]
    [InlineData("12:04.35", 724_350)]
    [InlineData("1:02:03", 3_723_000)]
    [InlineData(" 48.2 ", 48_200)]
    [InlineData("90:00", 5_400_000)]
    [InlineData("7:3O", null)]
    [InlineData("7:60", null)]
    [InlineData("1:60:00", null)]
    [InlineData("", null)]
    [InlineData("-1:00", null)]
    public void Times_are_read_as_judges_write_them(string text, int? ms) => Assert.Equal(ms, (int?)TypedNumbers.Time(text)?.Ms);

    [Theory]
    [InlineData("7:3O", "7:30")]
    [InlineData("l2:O4", "12:04")]
    [InlineData("7;30", "7:30")]
    [InlineData("7:30", null)]
    public void Letters_that_look_like_digits_are_asked_about(string text, string? meant) =>
        Assert.Equal(meant, TypedNumbers.Lookalikes(text));

    private static (Core.Courses.Course Course, ScoreSheet Sheet) Rounds()
    {
        var u = Demo.Understand(
            "Loop\n  for Tideline\n\n10:00 for reps\n  rounds without end\n    5 pull-up\n    10 push-up\n\nscore: reps\n  tie: shared\n"
        );
        return (u.Courses[0], u.Sheets[0]);
    }

    private static ReadCard Typed(string key, string text, params string[] sure)
    {
        var (course, sheet) = Rounds();
        return CardReader.Read(new(EntryStatus.Ran, [new(key, text)], [], [], [.. sure]), course, sheet);
    }

    [Theory]
    [InlineData("4+11", 71)]
    [InlineData("0+3", 3)]
    [InlineData("4 + 0", 60)]
    [InlineData("71", 71)]
    public void Rounds_and_reps_are_the_number_in_the_box(string text, long units)
    {
        var read = Typed("0.counted", text);
        Assert.Empty(read.Errors);
        Assert.Equal(units, read.Run!.Pieces[0].Performed);
    }

    [Theory]
    [InlineData("4+15", "Round 5 has 15; 15 behind 4 full rounds is one round more.")]
    [InlineData("x", "A whole number, or rounds and reps: 4+11.")]
    [InlineData("4+", "A whole number, or rounds and reps: 4+11.")]
    public void What_the_card_cannot_say_is_refused_at_its_field(string text, string sentence) =>
        Assert.Equal([new FieldError("0.counted", sentence)], Typed("0.counted", text).Errors);

    [Fact]
    public void A_workout_without_a_score_has_nothing_to_type()
    {
        var u = Demo.Understand("Loop\n  for Tideline\n\n10:00 for reps\n  5 pull-up\n");
        var read = CardReader.Read(new(EntryStatus.Ran, [], [], [], []), u.Courses[0], u.Sheets[0]);
        Assert.Equal("status", Assert.Single(read.Errors).Path);
    }

    [Fact]
    public void An_empty_card_is_incomplete_and_never_zero()
    {
        var read = Typed("0.counted", " ");
        Assert.Null(read.Run);
        Assert.NotEmpty(read.Errors);
    }

    private static ReadCard Typed(string draft, params (string Key, string Text)[] fields)
    {
        var u = Demo.Understand(draft);
        return CardReader.Read(
            new(EntryStatus.Ran, [.. fields.Select(f => new TypedField(f.Key, f.Text))], [], [], []),
            u.Courses[0],
            u.Sheets[0]
        );
    }

    [Fact]
    public void A_box_that_is_empty_beside_others_is_not_zero()
    {
        var draft = SaltmarshFerryGames.Drafts.Single(d => d.StartsWith("Twin Tides", StringComparison.Ordinal));
        var read = Typed(draft, ("0.count.first", "60"));
        Assert.Equal("0.count.then", Assert.Single(read.Errors).Path);
        Assert.Empty(Typed(draft, ("0.count.first", "60"), ("0.count.then", "75")).Errors);
    }

    [Theory]
    [InlineData("Cockle Row", "0:12", 1)]
    [InlineData("Cockle Row", "5:12", 0)]
    // 1,105 of reps, metres and sections in nine minutes is no feat.
    [InlineData("Long Reach", "4:10", 0)]
    public void Reps_that_no_human_does_are_asked_about_and_metres_are_not(string title, string time, int asked)
    {
        var draft = SaltmarshFerryGames.Drafts.First(d => d.StartsWith(title + "\n", StringComparison.Ordinal));
        var read = Typed(draft, ("0.finish", time));
        Assert.Equal(asked, read.Asked.Count(d => d.Sentence.Contains("a second", StringComparison.Ordinal)));
    }

    [Fact]
    public void What_is_asked_about_is_taken_once_it_is_meant_so()
    {
        Assert.Equal(["“7l”: is 71 meant?"], Typed("0.counted", "7l").Asked.Select(d => d.Sentence));
        Assert.Empty(Typed("0.counted", "7l", "0.counted").Asked);
    }

    /// <summary>Cards that the mechanical judge has filled in, written out as a hand types them, say the same as what the mechanical desk
    /// hands over.</summary>
    [Fact]
    public void What_a_hand_types_of_a_played_card_is_what_the_desk_of_the_dry_run_hands_over()
    {
        var seen = 0;
        foreach (var draft in SaltmarshFerryGames.Drafts.Take(17))
        {
            var u = Demo.Understand(draft);
            for (var i = 0; i < u.Courses.Count; i++)
            {
                foreach (var sample in SampleRuns.Of(u.Courses[i], u.Sheets[i], u.Competition))
                {
                    if (
                        sample.Run.Adjustments.Count > 0
                        || sample.Run.Unjudged
                        || Card.Validate(sample.Run, u.Courses[i], u.Sheets[i]).Count > 0
                    )
                    {
                        continue;
                    }

                    var typed = CardTexts.Typed(sample.Run, u.Courses[i], u.Sheets[i]);
                    var read = CardReader.Read(typed, u.Courses[i], u.Sheets[i]);
                    Assert.True(read.Run is not null, $"{u.Workout.Title}, {sample.Label}: {string.Join(" ", read.Errors)}");
                    Assert.Equal(
                        sample.Results.Select(r => r.Text),
                        Scorer.Score(read.Run!, u.Courses[i], u.Sheets[i], u.Competition.Unit).Select(r => r.Text)
                    );
                    seen++;
                }
            }
        }

        Assert.True(seen > 100, $"only {seen} cards were typed at all");
    }
}
