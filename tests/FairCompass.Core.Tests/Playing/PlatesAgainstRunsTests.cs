using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// With every unit of a run that is done on a bar, the stack that the papers print for that moment weighs the load that is lifted, is there
/// in the lane's stock together with what lies on its other bars, and came from the stack before by the change that is printed.
/// </summary>
public class PlatesAgainstRunsTests
{
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Of_the_demo(string name)
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, DraftTexts.Read(name));
        Assert.Empty(Faults(u, 3, out _));
    }

    [Fact]
    public void Of_made_up_workouts()
    {
        var (first, looked) = (Environment.TickCount & 0xFFFFF, 0);
        for (var seed = first; seed < first + 120; seed++)
        {
            var u = Understanding.Of(SaltmarshFerryGames.Competition, PlausibleDrafts.Of(seed));
            var faults = Faults(u, 1, out var units);
            Assert.True(faults.Count == 0, $"seed {seed}: {string.Join("; ", faults.Take(3))}\n{u.Text}");
            looked += units;
        }

        Assert.True(looked > 500, $"seed {first}: {looked} units on a bar");
    }

    private static List<string> Faults(Understanding u, int runs, out int units)
    {
        units = 0;
        var faults = new List<string>();
        var tooFew = u.Findings().Any(f => f.Rule == "plates-shared");
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var player = new Player(u, i, PaceTable.Usual);
            for (var seed = 1UL; seed <= (ulong)runs; seed++)
            {
                var run = player.Play(seed, (ulong)i);
                var lane = new Lane(u, tooFew);
                var state = PlayedCourse.Start(u.Courses[i], u.Sheets[i], run.End.Choices);
                foreach (var happening in run.Events)
                {
                    if (happening.What is Happened.Done done && state.Piece(done.Piece) is { } piece)
                    {
                        units += lane.Lifts(piece, piece.Strand(done.Strand)!, done.Seat) ? 1 : 0;
                    }

                    state = state.After(happening);
                }

                faults.AddRange(lane.Faults.Select(f => $"{u.Courses[i].Address}, run {seed}: {f}"));
            }
        }

        return faults;
    }

    /// <summary>One lane with its bars.</summary>
    private sealed class Lane(Understanding u, bool tooFew)
    {
        private readonly LaneBars bars = u.Bars;
        private readonly Dictionary<string, Eq<decimal>> lie = [];
        private readonly Dictionary<string, (PrescribedTask Task, int Rung)> at = [];

        public List<string> Faults { get; } = [];

        /// <summary>A unit is done; true when it was done on a bar.</summary>
        public bool Lifts(PlayedPiece piece, PlayedStrand strand, int? seat)
        {
            var next = strand.Next!;
            var task = piece.TaskAt(strand, next);
            var movement = StandardsBook.Of(u.Competition).Find(task.Prescription.Movement.Value);
            var works = seat ?? next.Seat ?? piece.Worker;
            if (
                movement?.Kit != MovementKit.Barbell
                || task.Options.Count > 0
                || bars.LoadOf(piece, strand, works) is not { } load
                || PlayedLoads.Member(piece, works) is not { } who
                || bars.Find(task.Source.At.Line, who) is not { } found
                || found.Prescription.Load?.Value.Values is not { } ladder
                || bars.Changes(found) is null
            )
            {
                return false;
            }

            var rung = LaneStacks.Rungs(ladder).TakeWhile(l => l != load).Count();
            var (bar, change) = (bars.BarOf(found), bars.Change(found, rung));
            var name = $"{found.Prescription.Bar?.Value} {bar.Mass}";
            if (change is null || bar.Mass + (change.Side.Count > 0 ? u.Competition.Kit.ClipPair : 0) + (2 * change.Side.Sum()) != load)
            {
                Faults.Add($"{task.Prescription.Movement.Value} with {load}: the stack is {string.Join(" + ", change?.Side ?? [])}");
                return true;
            }

            if (at.TryGetValue(name, out var was) && was == (found, rung))
            {
                return true;
            }

            // From rung to rung of one line the printed change leads from the stack before to this one.
            if (was.Task == found && was.Rung == rung - 1 && !Leads(lie[name], change))
            {
                Faults.Add($"{load}: the change does not lead from {string.Join(" + ", lie[name])} to {string.Join(" + ", change.Side)}");
            }

            (lie[name], at[name]) = (change.Side, (found, rung));
            // The bars of one line go from load to load together: whoever lifts next in a round finds the own bar at its load.
            foreach (var other in Beside(found, name))
            {
                (lie[other], at[other]) = (bars.Change(at[other].Task, rung)?.Side ?? lie[other], (at[other].Task, rung));
            }

            if (!tooFew)
            {
                Faults.AddRange(
                    lie.Values.SelectMany(s => s)
                        .GroupBy(m => m)
                        .Where(g => 2 * g.Count() > u.Competition.Kit.Plates.Where(p => p.Mass == g.Key).Sum(p => p.Count))
                        .Select(g => $"{2 * g.Count()} plates of {g.Key} lie on the bars")
                );
            }

            return true;
        }

        private List<string> Beside(PrescribedTask task, string name) =>
            at.Where(b => b.Key != name && Line(b.Value.Task) == Line(task)).Select(b => b.Key).ToList();

        private static int Line(PrescribedTask task) => task.Around?.At.Line ?? task.Source.At.Line;

        /// <summary>Inner plates stay on; what comes off lay outermost, what goes on lies outermost then.</summary>
        private static bool Leads(Eq<decimal> before, PlateChange change)
        {
            var kept = before.Count - change.Off.Count;
            return kept >= 0
                && before.Skip(kept).Reverse().SequenceEqual(change.Off)
                && before.Take(kept).Concat(change.On).SequenceEqual(change.Side)
                && (kept == before.Count || kept == change.Side.Count || before[kept] != change.Side[kept]);
        }
    }
}
