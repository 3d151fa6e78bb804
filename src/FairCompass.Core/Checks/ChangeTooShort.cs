using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A change between two waves in which the bar cannot be loaded: by our estimate for a plate, one person at each bar.</summary>
public sealed class ChangeTooShort : ICheck
{
    /// <summary>The rule’s id; the dry run tells what it finds too.</summary>
    public const string Rule = "change-too-short";

    /// <inheritdoc/>
    public string Id => Rule;

    /// <inheritdoc/>
    public string Title => "A change too short for its plates";

    /// <inheritdoc/>
    public string Why => "The next group would begin with a bar that is still being loaded, or one that is loaded wrong.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var groups = context.Workout.Headers.OfType<Header.Groups>().SelectMany(g => g.Items).ToList();
        foreach (var waves in Waves(context.Workout.Stages))
        {
            if (waves.Change is not { } given)
            {
                continue;
            }

            foreach (
                var line in waves
                    .Rules.OfType<Work.RuleLine>()
                    .Where(l => l.Rule is Workouts.Rule.ReRig { Window: null } or Workouts.Rule.ReRig { InChange: true })
            )
            {
                foreach (var who in ((Workouts.Rule.ReRig)line.Rule).By.Split(", "))
                {
                    var at = waves.By.ToList().FindIndex(w => w.ToString() == who);
                    if (at < 0 || waves.By.Count < 2)
                    {
                        continue;
                    }

                    var before = waves.By[(at - 1 + waves.By.Count) % waves.By.Count].ToString();
                    var change = Changes(context, waves, SeatsOf(groups, before), SeatsOf(groups, who))
                        .DefaultIfEmpty()
                        .MaxBy(c => c.Plates);
                    var needed = Duration.Seconds(change.Plates * PlatePlanner.UsualMsPerPlate / 1000);
                    if (needed > given)
                    {
                        var unit = context.Competition.Unit.Symbol();
                        yield return new(
                            line.At,
                            $"From {Number.Normal(change.From)} to {Number.Normal(change.To)} {unit} {change.Plates} plates are handled, "
                                + $"about {needed} for one person at the bar; the change is {given}.",
                            TimeNeeded.Rewritten(
                                context,
                                waves.At,
                                given,
                                TimeNeeded.Round(needed),
                                $"Write a change of {TimeNeeded.Round(needed)}"
                            )
                        );
                    }
                }
            }
        }
    }

    /// <summary>The change of each bar from the load of one group to that of the next.</summary>
    private static IEnumerable<(decimal From, decimal To, int Plates)> Changes(
        CheckContext context,
        Stage.Waves waves,
        IReadOnlyCollection<int> before,
        IReadOnlyCollection<int> next
    )
    {
        var book = StandardsBook.Of(context.Competition);
        var bars = context.Bars;
        var lines = waves.Stations.SelectMany(s => WorkTree.Walk(s.Items)).OfType<Work.Task>().Select(t => t.At.Line).ToHashSet();
        var lifted = context
            .Prescribed.Where(p =>
                p.At == default
                && lines.Contains(p.Source.At.Line)
                && p.Address.Seat is not null
                && book.Find(p.Prescription.Movement.Value) is { Kit: MovementKit.Barbell }
            )
            .ToList();
        foreach (var to in lifted.Where(p => next.Contains(p.Address.Seat!.Value)))
        {
            var from = lifted.FirstOrDefault(p =>
                before.Contains(p.Address.Seat!.Value)
                && p.Source.At.Line == to.Source.At.Line
                && p.Address.Division == to.Address.Division
                && p.Address.Duty == to.Address.Duty
                && bars.BarOf(p) == bars.BarOf(to)
            );
            if (
                from is not null
                && bars.Own(from) is { Loads: [.., var was] }
                && bars.Own(to) is { Bar: var bar, Loads: [var wanted, ..] }
                && LaneStacks.Of([was, wanted], bar, context.Competition.Kit) is [_, var change]
            )
            {
                yield return (was, wanted, change.Handled);
            }
        }
    }

    private static IEnumerable<Stage.Waves> Waves(IEnumerable<Stage> stages) =>
        stages.SelectMany(s =>
            s switch
            {
                Stage.Waves w => [w],
                Stage.Cycles c => Waves(c.Stages),
                _ => Enumerable.Empty<Stage.Waves>(),
            }
        );

    private static Eq<int> SeatsOf(List<Group> groups, string name) => groups.Find(g => g.Name == name)?.Seats ?? [];
}
