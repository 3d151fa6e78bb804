using FairCompass.Core.Briefing;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Who lifted is asked and kept, and what cannot have been lifted is refused. The demo's lane has bars of 20 and 15 kg and plates
/// up to 255 and 250 kg.</summary>
public class LiftTests
{
    private static readonly Trial Pair = Trial.Pairs("6:00 for load\n  heaviest power snatch\n    share: one at a time\n" + Trial.ForLoads);

    private static readonly Trial Single = Trial.Tideline("8:00 for load\n  heaviest power clean\n" + Trial.ForLoad);

    private static PieceObservation Tries(params Try[] tries) => new("0") { Tries = tries.ToEq() };

    [Fact]
    public void A_lift_of_a_team_without_its_lifter_is_refused()
    {
        Assert.Equal(
            [("pieces[0].tries[0].seat", "Say who lifted: a place in the team from 1 to 2.")],
            Trial.Objections(Pair.First, Tries(new Try(70, true))).Select(e => (e.Path, e.Message))
        );
        Assert.Equal("120 kg", Pair.Score(Tries(new Try(70, true, 1), new Try(50, true, 2))).Text);
        var card = Pair.Paper(Audience.LaneCard);
        Assert.Contains("Lifter", card, StringComparison.Ordinal);
        Assert.Contains("Best of the 2nd", card, StringComparison.Ordinal);
        Assert.DoesNotContain("Every lift, made or missed", card, StringComparison.Ordinal);
    }

    /// <summary>70 and a miss: alone, nothing, or behind everybody who ran, as the workout says.</summary>
    [Theory]
    [InlineData("zero", "0 kg", ResultClass.NoGoodLift, "When one lifter has no good lift, the sum is zero, as if there were none.")]
    [InlineData("not scored", "not scored", ResultClass.NotScored, "When one lifter has no good lift, there is no score;")]
    [InlineData("the others stand", "70 kg", ResultClass.Scored, "When one lifter has no good lift, the other lifts are the sum.")]
    public void A_lifter_without_a_good_lift(string rule, string text, ResultClass cls, string sentence)
    {
        var trial = Trial.Pairs($"6:00 for load\n  heaviest power snatch\n{Trial.ForLoads}  no good lift: {rule}\n");
        var result = trial.Score(Tries(new Try(70, true, 1), new Try(50, false, 2)));
        Assert.Equal((text, cls), (result.Text, result.Class));
        Assert.Equal("120 kg", trial.Score(Tries(new Try(70, true, 1), new Try(50, true, 2))).Text);
        Assert.Contains(sentence, trial.Paper(Audience.Judge), StringComparison.Ordinal);
        // One good lift never ranks lower than none, and none never lower than who withdrew.
        var nobody = trial.Score(Tries(new Try(70, false, 1), new Try(50, false, 2)));
        var nothing = trial.Score(Tries());
        Assert.True(Ranking.Compare(result, nobody) <= 0 && Ranking.Compare(nobody, nothing) <= 0);
        var withdrew = Scorer.Score(new RunObservation(EntryStatus.Withdrew, []), trial.First.Course, trial.First.Sheet, MassUnit.Kilogram)[
            0
        ];
        Assert.Equal([1, 2], Ranking.Places([nothing, withdrew]));
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Rule == "no-lift-unstated");
    }

    [Fact]
    public void Nobody_has_said_what_a_sum_is_without_one_lift()
    {
        var question = Assert.Single(Interview.Open(Pair.Read), q => q.Id == "no-lift-unstated");
        Assert.Equal(["Zero for all of it", "The other lifts stand", "Not scored"], question.Answers.Select(a => a.Label.English));
        Assert.Equal("One lifts 97.5 kg, another has no good lift: the sum is 0.", question.Answers[0].OnTheFloor.English);
        Assert.EndsWith(
            "Nobody has said what the sum is without a good lift of each.",
            Pair.Score(Tries(new Try(70, true, 1), new Try(50, false, 2))).Reasons[0],
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData(
        "best load",
        "no good lift: zero",
        "Only a sum of best loads can lack one of its lifts; without any good lift a score ranks behind all who have one."
    )]
    [InlineData(
        "sum of best loads",
        "no good lift: zero\n  no good lift: not scored",
        "What follows from no good lift is said already; say it once."
    )]
    public void A_rule_for_no_good_lift_that_cannot_be_used(string measure, string lines, string sentence) =>
        Assert.Contains(
            Trial.Pairs($"6:00 for load\n  heaviest power snatch\n\nscore: {measure}\n  tie: shared\n  {lines}\n").Read.Findings(),
            f => f.Rule == "score-misfit" && f.Sentence == sentence
        );

    /// <summary>One athlete’s total of two lifts, a part each.</summary>
    [Theory]
    [InlineData("zero", "0 kg")]
    [InlineData("not scored", "not scored")]
    [InlineData("the others stand", "100 kg")]
    public void A_total_of_several_lifts(string rule, string without)
    {
        var trial = Trial.Tideline(
            "A: 6:00 for load\n  heaviest power clean, start 60/40 kg\nchange 1:00\nB: 6:00 for load\n  heaviest push jerk, "
                + "from the rack\n\n"
                + $"score Total: sum of best loads of A, B\n  no good lift: {rule}\n  tie: shared\n"
        );
        Assert.Empty(trial.Read.Findings());
        PieceObservation At(int part, params Try[] tries) => new($"{part}") { Tries = tries.ToEq() };
        Assert.Equal("190 kg", Trial.Score(trial.First, At(0, new(90, true), new(100, true)), At(1, new(90, true), new(95, false))).Text);
        Assert.Equal(without, Trial.Score(trial.First, At(0, new Try(100, true)), At(1, new Try(90, false))).Text);
        Assert.Contains(
            "Score Total is the sum of the heaviest good lift of each of A and B. More is better.",
            trial.Paper(Audience.ScoreDesk),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("lifter", trial.Paper(Audience.ScoreDesk), StringComparison.OrdinalIgnoreCase);
    }

    /// <summary>Nobody is asked about a partner who is not there.</summary>
    [Fact]
    public void A_total_of_one_athlete_is_asked_about_its_parts()
    {
        var trial = Trial.Tideline(
            "A: 6:00 for load\n  heaviest power clean, start 60/40 kg\nchange 1:00\nB: 6:00 for load\n  heaviest push jerk, "
                + "from the rack\n\n"
                + "score Total: sum of best loads of A, B\n  tie: shared\n"
        );
        var question = Assert.Single(Interview.Open(trial.Read), q => q.Id == "no-lift-unstated");
        Assert.Equal("What is the sum without a good lift in one of the parts?", question.Asks.English);
        Assert.EndsWith(
            "in one part, no good lift in another: the sum is 0.",
            question.Answers[0].OnTheFloor.English,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Not_scored_would_rank_who_finished_behind_who_did_not()
    {
        var trial = Trial.Pairs(
            "9:00 clock\n  A: for time\n    60 sit-up\n  B: for load, in the time left\n    heaviest power snatch\n\n"
                + "score A: time of A\n  unfinished: cap line by reps\n  tie: shared\n\n"
                + "score B: sum of best loads of B\n  A unfinished: zero\n  no good lift: not scored\n  tie: shared\n"
        );
        Assert.Contains(
            trial.Read.Findings(),
            f =>
                f.Rule == "score-misfit"
                && f.Sentence == "Who finishes A and misses a lift would rank behind who never finished it. Say zero, or the others stand."
        );
    }

    [Theory]
    [InlineData("man", 18, "The empty bar weighs 20 kg.")]
    [InlineData("woman", 14, "The empty bar weighs 15 kg.")]
    [InlineData("man", 83.3, "No plates of a lane make 83.3 kg; the nearest are 82.5 kg and 85 kg.")]
    [InlineData("man", 300, "The plates of a lane end at 255 kg.")]
    [InlineData("woman", 300, "The plates of a lane end at 250 kg.")]
    public void A_load_that_the_lane_cannot_make_is_refused(string duty, double load, string sentence) =>
        Assert.Equal(
            ("pieces[0].tries[0].load", sentence),
            Assert.Single(Trial.Objections(Single.Entry("Tideline", duty), Tries(new Try((decimal)load, false)))) is var e
                ? (e.Path, e.Message)
                : default
        );

    [Fact]
    public void A_gate_asks_for_its_time_whatever_breaks_ties()
    {
        var trial = Trial.Tideline(
            "4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  max burpee\n\nscore: reps\n  tie: shared\n\ngate on the second: misses\n"
        );
        Assert.Contains(Card.Fields(trial.First.Course, trial.First.Sheet), f => f.Field == CardFieldKind.TieTime);
        Assert.Contains("passed □ at", trial.Paper(Audience.LaneCard), StringComparison.Ordinal);
        Assert.Equal("58 reps", trial.Score(Trial.Counted(58) with { TieTime = Duration.TryParse("3:59") }).Text);
        Assert.Equal(
            "The gate closes at 4:00, and on the second it is missed.",
            Assert.Single(Trial.Objections(trial.First, Trial.Counted(58) with { TieTime = Duration.TryParse("4:00") })).Message
        );
    }

    /// <summary>Who did not finish the part before has nothing to enter in the one that takes the time left.</summary>
    [Fact]
    public void A_part_that_was_never_reached_is_left_out_and_refused_when_given()
    {
        var trial = Trial.Tideline(
            "9:00 clock\n  A: for time\n    60 sit-up\n  B: for reps, in the time left\n    max burpee\n\n"
                + "score A: time of A\n  unfinished: cap line by reps\n  tie: shared\n\n"
                + "score B: reps of B\n  A unfinished: not reached\n  tie: shared\n"
        );
        var (course, sheet) = trial.First;
        IReadOnlyList<FieldError> Of(params PieceObservation[] seen) =>
            Card.Validate(Card.Resolve(new(EntryStatus.Ran, seen.ToEq()), course), course, sheet);
        Assert.Equal(2, sheet.Components.Count);
        Assert.Empty(Of(new PieceObservation("0") { Counted = 40 }));
        Assert.Equal(["pieces[1].counted"], Of(new("0") { Counted = 40 }, new("1") { Counted = 55 }).Select(e => e.Path));
        Assert.Empty(Of(new("0", Duration.TryParse("6:00")), new("1") { Counted = 55 }));
        Assert.Equal(["pieces[0].units"], Of(new PieceObservation("0", Duration.TryParse("6:00"))).Select(e => e.Path));
    }
}
