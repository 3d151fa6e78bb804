using FairCompass.Core.Briefing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Turns of a team in a named order and of a named length, and what others hold meanwhile.</summary>
public class TurnsTests
{
    private static string? Refused(Outcome outcome) => (outcome as Outcome.Refused)?.Sentence;

    private static Trial Crew(string share) => Trial.Crew($"14:00 for time\n  62 sit-up\n    share: {share}\n" + Trial.ForTime);

    /// <summary>Who did how many in each turn of a played run.</summary>
    private static List<(int Seat, long Units)> Turns(Trial trial, ulong seed)
    {
        var turns = new List<(int Seat, long Units)>();
        foreach (var done in new Player(trial.Read, 0, PaceTable.Usual).Play(seed, 0).Events.Select(e => e.What).OfType<Happened.Done>())
        {
            turns =
                turns.Count > 0 && turns[^1].Seat == done.Seat
                    ? [.. turns.SkipLast(1), (turns[^1].Seat, turns[^1].Units + done.Units)]
                    : [.. turns, (done.Seat!.Value, done.Units)];
        }

        return turns;
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void A_named_order_goes_round_and_a_turn_has_its_length(int seed)
    {
        var turns = Turns(Crew("one at a time, in fixed order 2nd, 1st, 4th, 3rd, hand over after 5 reps"), (ulong)seed);
        int[] order = [2, 1, 4, 3];
        Assert.Equal(turns.Select((_, i) => order[i % 4]), turns.Select(t => t.Seat));
        Assert.All(turns.SkipLast(1), t => Assert.Equal(5, t.Units));
    }

    [Fact]
    public void Out_of_the_order_nobody_takes_over()
    {
        var (course, sheet) = Crew("one at a time, in fixed order 2nd, 1st, 4th, 3rd").First;
        var start = PlayedCourse.Start(course, sheet);
        var (piece, strand) = (course.Pieces[0].Piece.Key, course.Pieces[0].Strands[0].Key);
        Assert.Equal("It is the turn of place 2.", Refused(start.Apply(new(new(1000), new Happened.Done(piece, strand, 1, 1)))));
        var after = start.After(new(new(1000), new Happened.Done(piece, strand, 1, 2)));
        Assert.Equal("It is the turn of place 1.", Refused(after.Apply(new(new(2000), new Happened.HandedOver(piece, 4)))));
        Assert.Null(Refused(after.Apply(new(new(2000), new Happened.HandedOver(piece, 1)))));
    }

    [Theory]
    [InlineData("one at a time, in fixed order 2nd, 2nd, 1st, 3rd", "The 2nd has two turns in one order.")]
    [InlineData("one at a time, in fixed order 2nd, 1st", "The order names 2 places up to the 2nd, and 4 are there.")]
    [InlineData("one at a time, hand over after 0 reps", "Nobody can hand over after 0 reps.")]
    [InlineData("one at a time, at most 3 in a row, hand over after 5 reps", "Nobody reaches 5 in a row, so nobody hands over.")]
    [InlineData("one at a time, hand over at Deck", "There is no checkpoint Deck, so nobody hands over there.")]
    public void What_nobody_can_keep(string share, string sentence) =>
        Assert.Contains(Crew(share).Read.Findings(), f => f.Rule == "sharing-impossible" && f.Sentence == sentence);

    [Theory]
    [InlineData("one at a time, in fixed order 2nd, 1st, 4th, 3rd")]
    [InlineData("one at a time, in fixed order")]
    [InlineData("one at a time, hand over after 5 reps")]
    public void What_can_be_kept(string share) => Assert.Empty(Crew(share).Read.Findings());

    [Fact]
    public void A_hold_with_a_bell_stands_on_the_list_of_things()
    {
        var work =
            "9:00 for time\n  60 sit-up\n"
            + "    hold: 1 crew-mate in goblet squat, 24/16 kg, for every whole rep, another may take over, broken: 5 burpee by the team\n";
        var trial = Trial.Crew(work + Trial.ForTime);
        Assert.Empty(trial.Read.Findings());
        Assert.Contains("Kettlebell", trial.Paper(Audience.FloorCrew), StringComparison.Ordinal);
        Assert.Contains("24 kg", trial.Paper(Audience.FloorCrew), StringComparison.Ordinal);
        Assert.Contains("broken, 5 burpee by the team", trial.Paper(Audience.LaneCard), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("goblet squat, 99 kg, for every whole rep", "1 holder in goblet squat need 1 of 99 kg, and the lane has 0.")]
    [InlineData("front plank, for the whole turn, may pause between reps", "Held for the whole turn, nobody may pause between reps.")]
    public void A_hold_that_cannot_be(string hold, string sentence) =>
        Assert.Contains(
            Trial.Crew($"9:00 for time\n  60 sit-up\n    hold: 1 crew-mate in {hold}\n" + Trial.ForTime).Read.Findings(),
            f => f.Rule == "hold-impossible" && f.Sentence == sentence
        );
}
