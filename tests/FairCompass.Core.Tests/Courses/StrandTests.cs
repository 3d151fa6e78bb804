using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Courses;

public class StrandTests
{
    private static Strand Of(string text, string division = "Tideline", string duty = "man", int piece = 0)
    {
        var u = Demo.Understand(text);
        return u.Courses[u.IndexOf(division, duty)].Pieces[piece].Strand ?? throw new InvalidOperationException("not counted");
    }

    /// <summary>Sums: 16+16+14 + 12+12+14 + 8+8+14 = 114; with 10 for 14 calories 102; Breakwater 8+60+24+36+28+8 = 164; Cockle Row
    /// 20+10+16+6+12+2 = 66.</summary>
    [Theory]
    [InlineData("01", "man", 114)]
    [InlineData("01", "woman", 102)]
    [InlineData("03", "man", 164)]
    [InlineData("04", "woman", 66)]
    public void Totals_of_the_demo(string number, string duty, long units)
    {
        var u = Demo.Text(number);
        Assert.Equal(units, u.Courses[u.IndexOf("Tideline", duty)].Pieces[0].Strand!.Units);
    }

    [Fact]
    public void An_endless_ladder_is_looked_up_far_out()
    {
        var u = Demo.Text("02");
        var strand = u.Courses[0].Pieces[0].Strand!;
        Assert.Null(strand.Units);
        var place = strand.At(1_000_000);
        Assert.Equal((707, 1, 302), (place.Rounds[0], place.Task, place.Unit));
        Assert.Equal(1_000_000, strand.UnitsAt(place));
    }

    /// <summary>Arithmetic series, n(a₁ + aₙ)/2: a ladder 2-4-6-… of two movements has 2 · n(n + 1) units after n rounds.</summary>
    [Fact]
    public void Ladder_totals_equal_the_closed_form() =>
        Gen.Select(Gen.Int[1, 40], Gen.Int[1, 20], Gen.Int[1, 3000])
            .Sample(
                (first, step, n) =>
                {
                    var strand = Of(
                        Demo.Window("9:00 for reps", $"rounds without end\n  {first}-{first + step}-{first + (2 * step)}-... sit-up")
                    );
                    Assert.Equal((long)n * ((2L * first) + ((n - 1L) * step)) / 2, strand.UnitsAfterRound(n));
                }
            );

    [Fact]
    public void Look_ups_equal_plain_unrolling() =>
        Tree.Sample(
            text =>
            {
                var strand = Of(text);
                var unit = 0L;
                foreach (var step in Unroll(text).Take(400))
                {
                    unit++;
                    var place = strand.At(unit);
                    Assert.Equal(step, (string.Join('.', place.Rounds), place.Task, place.Unit));
                    Assert.Equal(unit, strand.UnitsAt(place));
                }

                if (strand.Units is { } all)
                {
                    Assert.Equal(all, Unroll(text).LongCount());
                    Assert.Throws<ArgumentOutOfRangeException>(() => strand.At(all + 1));
                }

                Assert.Throws<ArgumentOutOfRangeException>(() => strand.At(0));
            },
            iter: 300
        );

    [Fact]
    public void The_ledger_is_the_same_strand() =>
        Tree.Sample(
            text =>
            {
                var strand = Of(text);
                foreach (var table in Ledger.Of(strand, [], 30))
                {
                    foreach (var cell in table.Rows.SelectMany(r => r.Cells).Where(c => c.Amount > 0))
                    {
                        var place = strand.At(cell.Total!.Value);
                        Assert.Equal((cell.Task, cell.Amount), (place.Task, place.Unit));
                    }
                }
            },
            iter: 200
        );

    [Fact]
    public void Full_rounds_and_what_is_beyond()
    {
        var strand = Of(Demo.Window("9:00 for reps", "rounds without end\n  5 pull-up\n  10 sit-up"));
        Assert.Equal((0, 0), strand.FullRounds(0));
        Assert.Equal((0, 14), strand.FullRounds(14));
        Assert.Equal((1, 0), strand.FullRounds(15));
        Assert.Equal((66, 10), strand.FullRounds(1000));
    }

    [Fact]
    public void Places_that_do_not_exist_have_no_count()
    {
        var strand = Of(Demo.Window("9:00 for time", "3 rounds\n  5 pull-up"));
        Assert.Null(strand.UnitsAt(new Place([4], 0, 1, 5)));
        Assert.Null(strand.UnitsAt(new Place([1], 0, 6, 5)));
        Assert.Null(strand.UnitsAt(new Place([], 0, 1, 5)));
        Assert.Null(strand.UnitsAt(new Place([1], 7, 1, 5)));
    }

    [Theory]
    [InlineData("rounds without end\n  5-3-0 pull-up")]
    [InlineData("2.5 pull-up")]
    [InlineData("10-8-6-... pull-up")]
    [InlineData("max pull-up\n5 sit-up")]
    [InlineData("unset pull-up")]
    public void Work_that_cannot_be_counted_has_no_strand(string work)
    {
        var u = Demo.Understand(Demo.Window("9:00 for reps", work));
        Assert.Null(u.Courses[0].Pieces[0].Strand);
        Assert.NotEmpty(u.Findings());
    }

    [Fact]
    public void Nested_rounds_beyond_all_counting_are_found_not_computed()
    {
        var work =
            string.Join('\n', Enumerable.Range(0, 6).Select(i => new string(' ', i * 2) + "999999 rounds"))
            + "\n"
            + new string(' ', 12)
            + "9999 sit-up";
        var u = Demo.Understand(Demo.Window("9:00 for reps", work));
        Assert.Contains(u.Findings(), f => f.Rule == "too-large");
    }

    /// <summary>Found by generated workouts: a time for each of some thousand million missing units did not fit in 64 bits.</summary>
    [Theory]
    [InlineData("missing rep", 999_999, 999_999)]
    [InlineData("rep done", 999_999, 999_999)]
    public void The_longest_time_for_each_of_the_most_units_is_explained(string of, int rounds, int reps)
    {
        var u = Demo.Understand(
            Demo.Window(
                "23:59:59 for time",
                $"{rounds} rounds\n  {reps} sit-up",
                $"score: time\n  unfinished: +23:59:59 for each {of}\n  tie: shared\n"
            )
        );
        var findings = u.Findings();
        Assert.DoesNotContain(findings, f => f.Rule == "too-large");
        Assert.Equal(of == "rep done", findings.Any(f => f.Rule == "more-work-ranks-lower"));
    }

    /// <summary>Random trees of rounds, schemes, and tasks as draft texts.</summary>
    private static readonly Gen<string> Tree = Gen.Select(
        Block(2, 1),
        Gen.Bool,
        (block, endless) => Demo.Window("9:00 for reps", endless ? "rounds without end\n" + Indent(block) : block)
    );

    private static Gen<string> Block(int depth, int rounds) => Item(depth, rounds).List[1, 3].Select(items => string.Join('\n', items));

    private static Gen<string> Item(int depth, int rounds) =>
        depth == 0
            ? Task(rounds)
            : Gen.Frequency(
                (3, Task(rounds)),
                (1, Gen.Int[1, 4].SelectMany(n => Block(depth - 1, n).Select(b => $"{n} rounds\n{Indent(b)}"))),
                (1, Gen.Int[1, 9].List[2, 4].Select(l => $"{string.Join('-', l)} of\n  pull-up\n  3 sit-up"))
            );

    private static Gen<string> Task(int rounds) =>
        Gen.Select(
            Gen.Int[1, 9].List[rounds, rounds],
            Gen.Int[0, 2],
            Gen.Int[1, 4],
            (list, kind, step) =>
                (rounds > 1 && kind == 1 ? string.Join('-', list) : list[0].ToString(System.Globalization.CultureInfo.InvariantCulture))
                + " pull-up"
        );

    private static string Indent(string text) => string.Join('\n', text.Split('\n').Select(l => "  " + l));

    /// <summary>The naive reading: walk the model and yield every unit.</summary>
    private static IEnumerable<(string, int, long)> Unroll(string text)
    {
        var window = (Stage.Window)Demo.Understand(text).Workout.Stages[0];
        var index = new Dictionary<Work.Task, int>(ReferenceEqualityComparer.Instance);
        Number(window.Items);
        return Walk(window.Items, [], 0, null);

        void Number(Eq<Work> items)
        {
            foreach (var item in items)
            {
                if (item is Work.Task t)
                {
                    index[t] = index.Count;
                }

                Number(
                    item is Work.Rounds r ? r.Items
                    : item is Work.Scheme s ? s.Items
                    : []
                );
            }
        }

        IEnumerable<(string, int, long)> Walk(Eq<Work> items, long[] path, long i, Series? scheme)
        {
            foreach (var item in items)
            {
                switch (item)
                {
                    case Work.Task t:
                        var series = t.Amount is Amount.Counted c ? c.Of.First : scheme!;
                        var amount = (long)series.Terms[(int)Math.Min(i, series.Terms.Count - 1)].Value!.Value;
                        for (var unit = 1L; unit <= amount; unit++)
                        {
                            yield return (string.Join('.', path), index[t], unit);
                        }

                        break;
                    case Work.Rounds r:
                        for (var k = 0L; k < (r.Times ?? 1000); k++)
                        {
                            foreach (var step in Walk(r.Items, [.. path, k + 1], k, null))
                            {
                                yield return step;
                            }
                        }

                        break;
                    case Work.Scheme s:
                        for (var k = 0L; k < s.Of.First.Terms.Count; k++)
                        {
                            foreach (var step in Walk(s.Items, [.. path, k + 1], k, s.Of.First))
                            {
                                yield return step;
                            }
                        }

                        break;
                }
            }
        }
    }
}
