using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Observing;

/// <summary>After a correction, what was written down before it is read by the version that holds now.</summary>
public class FactsCarriedTests
{
    private const string Parts =
        "Trial\n  for Tideline\n  a/b is man/woman\n\nA: 4:00 for reps\n  3 rounds\n    10 burpee\n    5 thruster, 40/30 kg\n\n"
        + "1:00 rest\n\nB: 3:00 for reps\n  in any order\n    30 sit-up\n    40 lunge\n\nscore: reps of A\n  tie: shared\n"
        + "score: reps of B\n  tie: shared\n";

    private static Observed At(int n, Fact fact) =>
        new(new Guid(n, 0, 0, new byte[8]), "Judge", DateTimeOffset.UnixEpoch.AddSeconds(n), "desk", n, fact);

    private static RanUnder Ran(Understanding u, LineIds ids, int entry = 0) =>
        new(u.Courses[entry], u.Sheets[entry], ids.ByNumber(u.Text));

    /// <summary>The facts of an entry of the text, for the text as it was corrected.</summary>
    private static FactsCarried Carry(string older, string newer, params Fact[] facts)
    {
        var ids = LineIds.Of(older);
        return FactsCarried.Onto(
            facts.Select((f, i) => At(i + 1, f)),
            Ran(Demo.Understand(older), ids),
            Ran(Demo.Understand(newer), ids.Follow(older, newer))
        );
    }

    private static string With(string older, string newer)
    {
        Assert.Contains(older, Parts, StringComparison.Ordinal);
        return Parts.Replace(older, newer, StringComparison.Ordinal);
    }

    [Fact]
    public void A_part_that_comes_before_changes_the_key_and_nothing_else()
    {
        var newer = With("A: 4:00 for reps", "Zero: 1:00 for reps\n  max sit-up\n\n1:00 rest\n\nA: 4:00 for reps");
        var carried = Carry(Parts, newer, new Fact.Reached("0", "", 33), new Fact.Counted("1", "0", 12), new Fact.Reached("1", "1", 40));
        Assert.Empty(carried.Left);
        Assert.Equal(
            [new Fact.Reached("1", "", 33), new Fact.Counted("2", "0", 12), new Fact.Reached("2", "1", 40)],
            carried.Facts.Select(f => f.Fact)
        );
    }

    /// <summary>A fault belongs to its part by what the newer version says of it there, not of what stands in its old place.</summary>
    [Fact]
    public void A_fault_goes_with_its_part_as_long_as_it_has_a_cost_there()
    {
        var older = With("score: reps of A\n", "score: reps of A\n  penalty: -1 rep for each dropped bar\n");
        var moved = older.Replace("A: 4:00", "Zero: 1:00 for reps\n  max sit-up\n\n1:00 rest\n\nA: 4:00", StringComparison.Ordinal);
        var carried = Carry(older, moved, new Fact.Faulted("0", "dropped bar", 2));
        Assert.Empty(carried.Left);
        Assert.Equal([new Fact.Faulted("1", "dropped bar", 2)], carried.Facts.Select(f => f.Fact));

        Assert.Equal("fault", Assert.Single(Carry(older, Parts, new Fact.Faulted("0", "dropped bar", 2)).Left).Field);
    }

    [Fact]
    public void A_counter_goes_where_its_line_went()
    {
        var carried = Carry(
            Parts,
            With("    30 sit-up\n    40 lunge\n", "    40 lunge\n    30 sit-up\n"),
            new Fact.Reached("1", "0", 12),
            new Fact.Called("1", "1", 3, Call.NoRep)
        );
        Assert.Equal([new Fact.Reached("1", "1", 12), new Fact.Called("1", "0", 3, Call.NoRep)], carried.Facts.Select(f => f.Fact));
    }

    [Fact]
    public void Another_load_leaves_every_count_and_time_what_it_is()
    {
        Fact[] facts = [new Fact.Reached("0", "", 45), new Fact.Timed("0", new Mark.Finish(), [new(200_000)])];
        var carried = Carry(Parts, With("40/30 kg", "42.5/30 kg"), facts);
        Assert.Empty(carried.Left);
        Assert.Equal(facts, carried.Facts.Select(f => f.Fact));
    }

    /// <summary>Only round 3 is another: who was stopped before has the same count; who was there has not, nor has a time.</summary>
    [Theory]
    [InlineData(30, true)]
    [InlineData(35, true)]
    [InlineData(36, false)]
    [InlineData(45, false)]
    public void A_count_holds_as_far_as_the_work_is_the_same(long units, bool holds)
    {
        var newer = With("    10 burpee\n", "    10 burpee\n      round 3: 5\n");
        var carried = Carry(Parts, newer, new Fact.Reached("0", "", units), new Fact.Counted("0", "", units));
        Assert.Equal(holds ? 2 : 0, carried.Facts.Count);
        Assert.Equal(
            "The work of this part is another in the newer version.",
            Carry(Parts, newer, new Fact.Timed("0", new Mark.Finish(), [])).Left.Single().Sentence
        );
    }

    [Theory]
    [InlineData("    10 burpee\n", "    10 lunge\n")]
    [InlineData("    10 burpee\n    5 thruster, 40/30 kg\n", "    5 thruster, 40/30 kg\n    10 burpee\n")]
    [InlineData("    10 burpee\n", "    10 burpee, counts 2\n")]
    public void A_count_of_other_work_is_left_to_the_head_judge(string older, string newer)
    {
        var carried = Carry(Parts, With(older, newer), new Fact.Reached("0", "", 7));
        Assert.Empty(carried.Facts);
        Assert.Equal("piece", Assert.Single(carried.Left).Field);
    }

    /// <summary>A way goes where its words went; reps of one that is no more are not read as reps of another.</summary>
    [Theory]
    [InlineData("      choose: 10 sit-up\n      choose: 10 lunge\n", true)]
    [InlineData("      choose: 10 sit-up\n", false)]
    public void Reps_of_a_way_stay_reps_of_that_way(string ways, bool holds)
    {
        var older = With("    10 burpee\n", "    10 burpee\n      choose: 10 lunge\n");
        var newer = With("    10 burpee\n", "    10 burpee\n" + ways);
        var carried = Carry(older, newer, new Fact.Chose("0", 0, 1), new Fact.Reached("0", "", 7), new Fact.Reached("1", "0", 3));
        Fact[] kept = [new Fact.Reached("1", "0", 3)];
        Assert.Equal(holds ? [new Fact.Chose("0", 0, 2), new Fact.Reached("0", "", 7), .. kept] : kept, carried.Facts.Select(f => f.Fact));
        Assert.Equal(holds ? 0 : 2, carried.Left.Count);
    }

    [Fact]
    public void What_is_gone_is_said()
    {
        var gone = Carry(
            Parts,
            With("\nscore: reps of B\n  tie: shared\n", "\n").Replace("    40 lunge\n", "", StringComparison.Ordinal),
            new Fact.Reached("1", "1", 7),
            new Fact.Adjusted("reps of B", null, -2, "Left the lane"),
            new Fact.Ended(EntryStatus.Withdrew)
        );
        Assert.Equal(
            [("piece", "The newer version has no such part."), ("component", "The newer version has no score of this name.")],
            gone.Left.Select(l => (l.Field, l.Sentence))
        );
        Assert.IsType<Fact.Ended>(Assert.Single(gone.Facts).Fact);
    }

    /// <summary>A title, a note, a part in front of all: the facts of a played run are worth what they were worth.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void A_run_is_worth_the_same_under_a_version_that_says_the_same(string name)
    {
        var older = DraftTexts.Read(name);
        var lines = older.Split('\n').ToList();
        lines.Insert(1, "// checked again");
        lines[0] += " again";
        var newer = string.Join('\n', lines);
        var ids = LineIds.Of(older);
        var (was, now) = (Demo.Understand(older), Demo.Understand(newer));
        for (var i = 0; i < was.Courses.Count; i++)
        {
            var facts = new Player(was, i, PaceTable.Usual).Play(1, (ulong)i).Facts;
            var carried = FactsCarried.Onto(facts, Ran(was, ids, i), Ran(now, ids.Follow(older, newer), i));
            Assert.Empty(carried.Left);
            Assert.Equal(facts, carried.Facts);
        }
    }
}
