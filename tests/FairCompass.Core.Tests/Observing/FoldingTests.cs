using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Observing;

/// <summary>From single facts to what a card says.</summary>
public class FoldingTests
{
    private static readonly Understanding Ferry = Demo.Understand(DraftTexts.Demo("01"));

    private static readonly Understanding Pairs = Demo.Understand(
        Demo.Window("9:00 for reps", "3 rounds\n  20 sit-up\n  10 lunge", "score: reps\n  tie: shared\n")
            .Replace("Tideline", "Ferry Pairs", StringComparison.Ordinal)
    );

    private static readonly Understanding Credited = Demo.Understand(
        Demo.Window("9:00 for reps", "3 rounds\n  20 sit-up, every 2 count 1\n  10 lunge, counts 3", "score: points\n  tie: shared\n")
    );

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static Observed At(int n, Fact fact, string device = "desk", Guid? replaces = null) =>
        new(Id(n), "Judge", DateTimeOffset.UnixEpoch.AddSeconds(n), device, n, fact, replaces);

    private static CardReading Fold(Understanding u, params Observed[] facts) => Folding.Of(facts, u.Courses[0], u.Sheets[0]);

    [Fact]
    public void Counts_times_and_what_became_of_it_make_a_run()
    {
        var reading = Fold(
            Ferry,
            At(1, new Fact.Reached("0", "", 50)),
            At(2, new Fact.Lifted("1", 1, 60, true)),
            At(3, new Fact.Lifted("1", 2, 65, false, Clause: "lockout")),
            At(4, new Fact.Ended(EntryStatus.Withdrew))
        );
        Assert.True(reading.IsSettled);
        Assert.Empty(reading.Troubles);
        Assert.Equal(EntryStatus.Withdrew, reading.Run.Status);
        Assert.Equal(50, reading.Run.Of("0").Performed);
        Assert.Equal([new Try(60, true), new Try(65, false)], reading.Run.Of("1").Tries);
    }

    [Fact]
    public void What_the_card_prints_is_credit_and_what_is_scored_are_units()
    {
        // 20 sit-ups are 10, 4 lunges 12: the card says 22 where 24 units were done.
        var reading = Fold(Credited, At(1, new Fact.Counted("0", "", 22)));
        Assert.Equal(24, reading.Run.Of("0").Performed);
        Assert.Empty(Fold(Credited, At(1, new Fact.Counted("0", "", 22)), At(2, new Fact.Reached("0", "", 24))).Disputes);
        var trouble = Assert.Single(Fold(Credited, At(1, new Fact.Counted("0", "", 12))).Troubles);
        Assert.Equal(("credit", "No count is worth 12: 21 units are worth 13."), (trouble.Field, trouble.Sentence));
    }

    /// <summary>Every running total that a card can print names the first count that is worth it.</summary>
    [Fact]
    public void A_printed_total_and_its_count_agree() =>
        Gen.Int[0, 90]
            .Sample(
                units =>
                {
                    var strand = Credited.Courses[0].Pieces[0].Strand!;
                    var credit = strand.Sum(units, Tally.Credit);
                    var read = Fold(Credited, At(1, new Fact.Counted("0", "", credit))).Run.Of("0").Performed!.Value;
                    Assert.Equal(credit, strand.Sum(read, Tally.Credit));
                    Assert.True(read <= units);
                },
                iter: 200
            );

    [Fact]
    public void Who_did_how_many_is_kept_and_adds_up()
    {
        var reading = Fold(Pairs, At(1, new Fact.Reached("0", "", 30, Seat: 1)), At(2, new Fact.Reached("0", "", 25, Seat: 2)));
        Assert.Equal(55, reading.Run.Of("0").Performed);
        Assert.Equal([new("0", "", 1, 30), new("0", "", 2, 25), new("0", "", null, 55)], reading.Done);
        var whole = Fold(
            Pairs,
            At(1, new Fact.Reached("0", "", 30, Seat: 1)),
            At(2, new Fact.Reached("0", "", 25, Seat: 2)),
            At(3, new Fact.Reached("0", "", 54))
        );
        Assert.Equal([Id(1), Id(2), Id(3)], Assert.Single(whole.Disputes).Facts);
        Assert.Null(whole.Run.Of("0").Performed);
    }

    [Fact]
    public void Tries_are_told_as_well_as_reps()
    {
        var reading = Fold(
            Pairs,
            At(1, new Fact.Called("0", "", 1, Call.Good, Seat: 1)),
            At(2, new Fact.Called("0", "", 2, Call.NoRep, "shoulder-blades", Seat: 1)),
            At(3, new Fact.Called("0", "", 3, Call.NoRep, "shoulder-blades", Seat: 1)),
            At(4, new Fact.Called("0", "", 4, Call.Good, Seat: 2)),
            At(5, new Fact.Called("0", "", 5, Call.NoRep))
        );
        Assert.Equal(2, reading.Run.Of("0").Performed);
        Assert.Equal([new("0", "", null, null, 1), new("0", "", "shoulder-blades", 1, 2)], reading.NoReps);
    }

    [Fact]
    public void Two_judges_who_differ_are_disputed_and_neither_holds()
    {
        var a = At(1, new Fact.Reached("0", "", 50), "north");
        var b = At(2, new Fact.Reached("0", "", 51), "south");
        var reading = Fold(Ferry, a, b);
        Assert.Equal([Id(1), Id(2)], Assert.Single(reading.Disputes).Facts);
        Assert.Null(reading.Run.Of("0").Performed);
        // The same from both is one, and a correction takes the place of what it corrects.
        Assert.True(Fold(Ferry, a, b with { Fact = a.Fact }).IsSettled);
        Assert.Equal(51, Fold(Ferry, a, b with { Replaces = a.Id }).Run.Of("0").Performed);
    }

    [Fact]
    public void Each_thing_is_disputed_by_itself()
    {
        var reading = Fold(
            Ferry,
            At(1, new Fact.Timed("0", new Mark.Finish(), [Duration.Seconds(200)])),
            At(2, new Fact.Timed("0", new Mark.Finish(), [Duration.Seconds(201)])),
            At(3, new Fact.Lifted("1", 1, 60, true)),
            At(4, new Fact.Lifted("1", 1, 60, false)),
            At(5, new Fact.Lifted("1", 2, 70, true)),
            At(6, new Fact.Ended(EntryStatus.Ran)),
            At(7, new Fact.Ended(EntryStatus.DidNotStart)),
            At(8, new Fact.Seated(1, "Ada")),
            At(9, new Fact.Called("0", "", 3, Call.Good)),
            At(10, new Fact.Called("0", "", 3, Call.NoRep))
        );
        Assert.Equal(4, reading.Disputes.Count);
        Assert.Equal([new Try(70, true)], reading.Run.Of("1").Tries);
        Assert.Null(reading.Run.Of("0").Finish);
        Assert.Equal(new Lineup(1, null, "Ada"), Assert.Single(reading.Lineup));
    }

    public static TheoryData<string, Fact, string> Impossible =>
        new()
        {
            { "no such part", new Fact.Reached("7", "", 5), "piece" },
            { "no such counter", new Fact.Reached("0", "then", 5), "strand" },
            { "more than there is", new Fact.Reached("0", "", 115), "units" },
            { "less than nothing", new Fact.Reached("0", "", -1), "units" },
            { "more credit than there is", new Fact.Counted("0", "", 1000), "credit" },
            { "no such place in the team", new Fact.Reached("0", "", 5, Seat: 2), "seat" },
            { "a try before the first", new Fact.Called("0", "", 0, Call.Good), "try" },
            { "a good rep with a fault", new Fact.Called("0", "", 1, Call.Good, "lockout"), "clause" },
            { "after the cap", new Fact.Timed("0", new Mark.Finish(), [Duration.Seconds(10_000)]), "watches[0]" },
            { "four watches", new Fact.Timed("0", new Mark.Finish(), [.. Enumerable.Repeat(Duration.Seconds(9), 4)]), "watches" },
            { "no such gate", new Fact.Timed("0", new Mark.Gate(1), [Duration.Seconds(9)]), "at" },
            { "no such round", new Fact.Timed("0", new Mark.Round(4), [Duration.Seconds(9)]), "at" },
            { "a lift where none is", new Fact.Lifted("0", 1, 60, true), "piece" },
            { "no load", new Fact.Lifted("1", 1, 0, true), "load" },
            { "a good lift with a fault", new Fact.Lifted("1", 1, 60, true, Clause: "lockout"), "clause" },
            { "no target", new Fact.Ticked("0", 1, true), "round" },
            { "no choice", new Fact.Chose("0", 0, 1), "task" },
            { "nobody", new Fact.Seated(1, " "), "athlete" },
            { "no rule for videos", new Fact.Unverified("0", 1), "units" },
            { "no such score", new Fact.Adjusted("X", Duration.Seconds(5), null, "late"), "component" },
            { "no reason", new Fact.Adjusted(Ferry.Sheets[0].Components[0].Name, Duration.Seconds(5), null, " "), "reason" },
            { "a time and a number", new Fact.Adjusted(Ferry.Sheets[0].Components[0].Name, Duration.Seconds(5), 5, "late"), "time" },
        };

    [Theory]
    [MemberData(nameof(Impossible))]
    public void What_cannot_have_happened_is_left_out_and_named(string why, Fact fact, string field)
    {
        var good = At(2, new Fact.Lifted("1", 2, 70, true));
        var reading = Fold(Ferry, At(1, fact), good);
        Assert.True(
            reading.Troubles is [{ } trouble] && trouble.Fact == Id(1) && trouble.Field == field,
            $"{why}: {string.Join("; ", reading.Troubles)}"
        );
        Assert.Equal(Fold(Ferry, good).Run, reading.Run);
    }

    [Fact]
    public void The_same_fact_twice_is_one_and_two_under_one_id_are_none()
    {
        var fact = At(1, new Fact.Reached("0", "", 50));
        Assert.Equal(Fold(Ferry, fact), Fold(Ferry, fact, fact with { }));
        var twice = Fold(Ferry, fact, fact with { Fact = new Fact.Reached("0", "", 51) });
        Assert.Equal("id", Assert.Single(twice.Troubles).Field);
        Assert.Empty(twice.Run.Pieces);
        var same = Fold(Ferry, fact, fact with { Id = Id(9) });
        Assert.All(same.Troubles, t => Assert.Equal("sequence", t.Field));
        Assert.Empty(same.Run.Pieces);
    }

    [Fact]
    public void A_clock_that_runs_backwards_is_told_and_the_facts_stand()
    {
        var reading = Fold(
            Ferry,
            At(1, new Fact.Reached("0", "", 50)),
            At(2, new Fact.Ended(EntryStatus.Ran)) with
            {
                At = DateTimeOffset.UnixEpoch.AddDays(-1),
            }
        );
        Assert.Equal((Id(2), "at"), (Assert.Single(reading.Troubles).Fact, reading.Troubles[0].Field));
        Assert.Equal(50, reading.Run.Of("0").Performed);
    }

    [Fact]
    public void Facts_that_take_back_one_another_or_nothing_are_told()
    {
        var circle = Fold(
            Ferry,
            At(1, new Fact.Reached("0", "", 50), replaces: Id(2)),
            At(2, new Fact.Reached("0", "", 51), replaces: Id(1)),
            At(3, new Fact.Retracted(Id(99), "mistaken")),
            At(4, new Fact.Retracted(Id(1), " "))
        );
        Assert.Equal(
            [(Id(1), "what"), (Id(2), "what"), (Id(3), "what"), (Id(4), "reason")],
            circle.Troubles.Select(t => (t.Fact, t.Field))
        );
        Assert.Empty(circle.Run.Pieces);
        // What was taken back by mistake holds again.
        var again = Fold(
            Ferry,
            At(1, new Fact.Reached("0", "", 50)),
            At(2, new Fact.Retracted(Id(1), "wrong lane")),
            At(3, new Fact.Retracted(Id(2), "right lane after all"))
        );
        Assert.Equal(50, again.Run.Of("0").Performed);
    }

    /// <summary>By hand: 3:20 and 5 s more is 3:25; a penalty on a count is taken off it. The reason is told.</summary>
    [Fact]
    public void The_head_judge_adds_and_takes_away_with_a_reason()
    {
        var timed = Demo.Understand(Demo.Window("9:00 for time", "30 sit-up", "score: time\n  unfinished: cap line\n  tie: shared\n"));
        ComponentResult Score(Understanding u, params Observed[] facts) =>
            Scorer.Score(Fold(u, facts).Run, u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[0];
        var name = timed.Sheets[0].Components[0].Name;
        var late = Score(
            timed,
            At(1, new Fact.Timed("0", new Mark.Finish(), [Duration.Seconds(200)])),
            At(2, new Fact.Adjusted(name, Duration.Seconds(5), null, "Left the lane."))
        );
        Assert.Equal(("3:25", 205_000), (late.Text, late.Value));
        Assert.Equal("Head judge: + 0:05. Left the lane.", late.Reasons[^1]);
        var counted = Score(
            Pairs,
            At(1, new Fact.Reached("0", "", 50)),
            At(2, new Fact.Adjusted(Pairs.Sheets[0].Components[0].Name, null, -3, "Kit moved by a coach."))
        );
        Assert.Equal(("50 reps (− 3 reps: 47)", -47), (counted.Text, counted.Value));
        // Who is at the cap keeps the class; a time does not concern a count.
        var capped = Score(timed, At(1, new Fact.Reached("0", "", 20)), At(2, new Fact.Adjusted(name, Duration.Seconds(5), null, "Late.")));
        Assert.Equal((ResultClass.AtTheCap, -20), (capped.Class, capped.Value));
    }

    private static readonly Gen<Fact> Facts = Gen.OneOf<Fact>(
        Gen.Select(Gen.Int[0, 90], Gen.Int[0, 2], (n, s) => (Fact)new Fact.Reached("0", "", n, s == 0 ? null : s)),
        Gen.Int[0, 90].Select(n => (Fact)new Fact.Counted("0", "", n)),
        Gen.Select(
            Gen.Int[1, 8],
            Gen.Bool,
            Gen.Int[0, 2],
            (t, g, s) => (Fact)new Fact.Called("0", "", t, g ? Call.Good : Call.NoRep, g ? null : "x", Seat: s == 0 ? null : s)
        ),
        Gen.Int[1, 60].Select(s => (Fact)new Fact.Timed("0", new Mark.Finish(), [Duration.Seconds(s)])),
        Gen.Enum<EntryStatus>().Select(e => (Fact)new Fact.Ended(e)),
        Gen.Select(Gen.Int[1, 2], Gen.Int[1, 3], (s, a) => (Fact)new Fact.Seated(s, $"Athlete {a}")),
        Gen.Select(Gen.Int[-5, 5], n => (Fact)new Fact.Adjusted(Pairs.Sheets[0].Components[0].Name, null, n, "why")),
        Gen.Int[0, 12].Select(n => (Fact)new Fact.Retracted(Id(n), "mistaken"))
    );

    private static readonly Gen<Observed[]> Sets = Gen.Select(Facts, Gen.Int[0, 2], Gen.Int[0, 30])
        .Array[0, 12]
        .Select(all => all.Select((x, i) => At(i, x.Item1, $"device {x.Item2}", x.Item3 < all.Length ? Id(x.Item3) : null)).ToArray());

    [Fact]
    public void Neither_order_nor_repetition_nor_batches_matter() =>
        Gen.Select(Sets, Gen.Int[0, 1000])
            .Sample(
                (facts, seed) =>
                {
                    var reading = Fold(Pairs, facts);
                    Assert.Equal(reading, Fold(Pairs, [.. facts.OrderBy(f => (f.Id.GetHashCode() * 31) ^ seed)]));
                    Assert.Equal(reading, Fold(Pairs, [.. facts, .. facts.Where((_, i) => (i ^ seed) % 2 == 0)]));
                },
                iter: 2000
            );

    /// <summary>A fact that was taken back, and the taking back, are as if they had never been.</summary>
    [Fact]
    public void A_retracted_fact_leaves_no_trace() =>
        Gen.Select(Sets, Facts.Where(f => f is not Fact.Retracted))
            .Sample(
                (facts, fact) =>
                {
                    var taken = At(500, fact, "another");
                    var back = At(501, new Fact.Retracted(Id(500), "mistaken"), "another");
                    Assert.Equal(Fold(Pairs, facts), Fold(Pairs, [.. facts, taken, back]));
                },
                iter: 2000
            );

    /// <summary>Whatever was seen: the run can be scored, and the score depends on the facts alone.</summary>
    [Fact]
    public void A_settled_reading_is_a_card_that_can_be_scored() =>
        Sets.Sample(
            facts =>
            {
                var reading = Fold(Pairs, facts);
                foreach (var seen in reading.Run.Pieces)
                {
                    Assert.InRange(seen.Performed ?? 0, 0, 90);
                }

                var result = Scorer.Score(reading.Run, Pairs.Courses[0], Pairs.Sheets[0], MassUnit.Kilogram)[0];
                Assert.NotEmpty(result.Text);
                // What several facts differ on is in no score.
                var disputed = reading.Disputes.SelectMany(d => d.Facts).ToHashSet();
                Assert.All(reading.Disputes, d => Assert.True(d.Facts.Count > 1 || d.About.Contains("count", StringComparison.Ordinal)));
                Assert.Subset(facts.Select(f => f.Id).ToHashSet(), disputed);
            },
            iter: 2000
        );

    /// <summary>Interval clocks count in each interval: “5 in each, then as many as possible”.</summary>
    [Fact]
    public void Counts_of_intervals_add_up()
    {
        var u = Demo.Understand(
            Demo.Window(
                "6:00 for reps",
                "every 2:00, unfinished carries over\n  first\n    5 burpee\n  then\n    max sit-up",
                "score: reps\n  tie: shared\n"
            )
        );
        Assert.Equal(["first", "then"], u.Courses[0].Pieces[0].Strands.Select(s => s.Key));
        var reading = Fold(
            u,
            At(1, new Fact.Reached("0", "first", 5, Interval: 1)),
            At(2, new Fact.Reached("0", "then", 20, Interval: 1)),
            At(3, new Fact.Reached("0", "first", 5, Interval: 2)),
            At(4, new Fact.Reached("0", "then", 18, Interval: 2))
        );
        Assert.Equal([new StrandCount("first", 10), new StrandCount("then", 38)], reading.Run.Of("0").Counts);
    }
}
