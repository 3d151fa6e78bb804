using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Standards.Figures.Reps;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Figures;

/// <summary>A rep is as far from the limit of a clause as it says, and breaks nothing else.</summary>
public class RepTests(ITestOutputHelper output)
{
    /// <summary>The page at 390 px that a film stands on: what its edges and the buttons leave.</summary>
    private const double Wide = 358;
    private const double High = 600;

    public static TheoryData<string> Makers => new(MovementLibrary.All.Where(m => RepMaker.Of(m)?.Trainable.Count > 0).Select(m => m.Id));

    private static RepMaker Maker(string movement) => RepMaker.Of(MovementLibrary.ById(movement)!)!;

    private ulong Seed()
    {
        var seed = (ulong)Random.Shared.NextInt64();
        output.WriteLine($"seed {seed}");
        return seed;
    }

    [Theory]
    [MemberData(nameof(Makers))]
    public void The_verdict_turns_exactly_at_the_limit_and_no_other_with_it(string movement)
    {
        var (maker, seed) = (Maker(movement), Seed());
        for (var again = 0ul; again < (ulong)Depth.Times(2, 20); again++)
        {
            foreach (var t in maker.Trainable)
            {
                foreach (var margin in (double[])[t.Outside, -t.Step, -0.1, 0, 0.1, t.Inside])
                {
                    var rep = maker.Make([new(t.Clause.Id, margin)], seed + again);
                    var truth = Assert.Single(rep.Truths);
                    Assert.Equal(margin >= 0, truth.Holds);
                    Assert.InRange((double)truth.Margin, margin - 0.1, margin + 0.1);
                    Assert.Equal(margin >= 0 ? [] : [t.Clause.Id], rep.Broken);
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Makers))]
    public void The_film_shows_at_its_judged_moment_what_the_truth_says_and_nothing_better_on_the_way(string movement)
    {
        var (maker, seed) = (Maker(movement), Seed());
        foreach (var t in maker.Trainable.Where(t => t.Unit != DeviationUnit.Milliseconds))
        {
            var rep = maker.Make([new(t.Clause.Id, -t.Step)], seed);
            var truth = rep.Truths[0];
            var at = (int)Math.Round(truth.At * Film.Rate / 1000.0);
            double Margin(int i) => t.Clause.Holds!.Margin(rep.Scenes[i]);
            Assert.Equal(truth.Holds, Margin(at) >= 0);
            // On the way there nothing passes for better: a squat is never deeper than where it is judged. A load is: it goes over the
            // head on its way to a shoulder.
            if (t.Clause.Holds is Predicate.Lower or Predicate.Higher { A: not Part.Load })
            {
                var before = Enumerable.Range(at - 8, 8).Where(i => i >= 0).Select(Margin).ToList();
                // What is reached is best where it is judged, what is kept all the way is worst there.
                Assert.True(
                    before.TrueForAll(m => m < Margin(at) + 2) || before.TrueForAll(m => m > Margin(at) - 2),
                    $"{t.Clause.Id}: {Margin(at):0}, before it {string.Join(", ", before.Select(m => $"{m:0}"))}"
                );
            }
        }
    }

    [Theory]
    [MemberData(nameof(Makers))]
    public void The_smallest_step_is_seen_from_the_post_and_on_the_picture_of_the_truth(string movement)
    {
        var (maker, seed) = (Maker(movement), Seed());
        foreach (var t in maker.Trainable)
        {
            var (from, to) = t.Inside >= t.Step ? (0.0, t.Step) : (-t.Step, 0.0);
            var (a, b) = (maker.Make([new(t.Clause.Id, from)], seed), maker.Make([new(t.Clause.Id, to)], seed));
            foreach (var view in new[] { t.From, Draughtsman.ViewOf(t.Clause.Holds) }.Distinct())
            {
                var page = a.Film(view);
                var scale = Math.Min(Wide / page.Width, High / page.Height);
                var moved = a.Scenes.Zip(b.Scenes).Max(s => Enum.GetValues<Part>().Max(p => Apart(s.First, s.Second, p, view)));
                Assert.True(moved * scale >= 2, $"{t.Clause.Id} from {view}: {moved * scale:0.0} px");
            }
        }
    }

    [Fact]
    public void A_seed_makes_the_same_rep_again_and_another_seed_another_athlete()
    {
        var maker = Maker("front-squat");
        var (one, again, other) = (
            maker.Make([new("depth", -35)], 11).Film(),
            maker.Make([new("depth", -35)], 11).Film(),
            maker.Make([new("depth", -35)], 12).Film()
        );
        Assert.Equal(one, again);
        Assert.NotEqual(one.Frames, other.Frames);
        Assert.All(one.Frames, f => Assert.Equal(one.Frames[0].Count, f.Count));
    }

    [Fact]
    public void Two_faults_are_two_of_different_phases_and_what_cannot_be_trained_is_refused()
    {
        var maker = Maker("thruster");
        var rep = maker.Make([new("depth", -35), new("lock-out", -12)], 3);
        Assert.Equal(["depth", "lock-out"], rep.Broken);
        Assert.Throws<ArgumentException>(() => maker.Make([new("lock-out", -12), new("stand", -20)], 3));
        Assert.Throws<ArgumentException>(() => maker.Make([new("no-such", -12)], 3));
        Assert.Empty(maker.Make([], 3).Broken);
    }

    /// <summary>The plates that come down are heard in every rep, whatever is asked of it; a bar that floats is not.</summary>
    [Fact]
    public void A_touch_is_heard_unless_it_is_the_fault()
    {
        var maker = Maker("deadlift");
        Assert.Single(maker.Make([], 4).Sounds);
        Assert.Single(maker.Make([new("stand", -20)], 4).Sounds);
        Assert.Single(maker.Make([new("from-floor", 4)], 4).Sounds);
        Assert.Empty(maker.Make([new("from-floor", -40)], 4).Sounds);
        Assert.Empty(Maker("air-squat").Make([], 4).Sounds);
    }

    /// <summary>Where changed limits have it that the good position breaks a rule of its own, nothing is shown.</summary>
    [Fact]
    public void A_standard_that_its_own_figures_do_not_keep_is_not_trained()
    {
        var squat = MovementLibrary.ById("air-squat")!;
        var never = squat with
        {
            Clauses =
            [
                .. squat.Clauses.Select(c =>
                    c.Id == "depth" ? c with { Holds = new Predicate.Lower(Part.HipCrease, Part.KneeTop, 400) } : c
                ),
            ],
        };
        Assert.Empty(RepMaker.Of(never)!.Trainable);
    }

    [Fact]
    public void Feet_that_go_one_after_the_other_are_late_by_what_is_said()
    {
        var maker = Maker("box-jump");
        var lag = maker.Trainable.Single(t => t.Unit == DeviationUnit.Milliseconds);
        var together = maker.Make([new(lag.Clause.Id, Timing.Together)], 5);
        var apart = maker.Make([new(lag.Clause.Id, -120)], 5);
        Assert.Equal((true, false), (together.Truths[0].Holds, apart.Truths[0].Holds));
        Assert.Equal(-120, apart.Truths[0].Margin);
        // Both knees bend alike where the feet go together.
        static int Differ(Rep rep) =>
            rep.Scenes.Count(s => Math.Abs(s.Pose.Angle(Joint.Knee, Side.Near) - s.Pose.Angle(Joint.Knee, Side.Far)) > 2);
        Assert.Equal(0, Differ(together));
        Assert.InRange(Differ(apart) * 1000 / Film.Rate, 200, 1500);
    }

    private static double Apart(Scene a, Scene b, Part part, View view)
    {
        if (!a.Has(part) || !b.Has(part))
        {
            return 0;
        }

        return ((Side[])[Side.Near, Side.Far]).Max(side =>
        {
            var (one, other) = (a.At(part, side), b.At(part, side));
            return Math.Sqrt(Math.Pow(Draughtsman.Across(one, view) - Draughtsman.Across(other, view), 2) + Math.Pow(one.Y - other.Y, 2));
        });
    }
}
