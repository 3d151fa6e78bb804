using FairCompass.Core.Kit;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Standards;

namespace FairCompass.Core.LayingOut;

/// <summary>One bar between two heats: as the last one left it, and as the next one needs it.</summary>
/// <param name="From">The last task of it in the heat that ran.</param>
/// <param name="To">The first task of it in the heat that comes.</param>
/// <param name="Change">What is changed on each side.</param>
public sealed record HeatReset(PrescribedTask From, PrescribedTask To, PlateChange Change);

/// <summary>What is changed on the bars of a lane from heat to heat.</summary>
/// <param name="bars">What stands on the bars.</param>
/// <param name="book">Which movements are done with a bar.</param>
public sealed class HeatResets(LaneBars bars, InForce.StandardsBook book)
{
    /// <summary>The tasks that a bar is loaded for, in order of their lines.</summary>
    /// <param name="prescribed">Every task for every column.</param>
    public IEnumerable<PrescribedTask> Lifted(IEnumerable<PrescribedTask> prescribed) =>
        prescribed
            .Where(p =>
                p.At == default
                && p.Option is null
                && book.Find(p.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
                && bars.Changes(p) is not null
            )
            .OrderBy(LineOf);

    /// <summary>The tasks of one bar of a lane: a bar that is loaded anew on the way is one bar for all its lines, which a heat leaves at
    /// the last and finds at the first.</summary>
    /// <param name="lifted">Tasks that a bar is loaded for.</param>
    public IEnumerable<IGrouping<(int Line, Competitions.Duty? Duty, int? Seat, string? Level, decimal Mass), PrescribedTask>> Bars(
        IEnumerable<PrescribedTask> lifted
    ) => lifted.GroupBy(p => (Line: bars.FirstLine(p), p.Address.Duty, p.Address.Seat, p.Address.Level, bars.BarOf(p).Mass));

    /// <summary>Plates of one lane that are handled between a heat of some tasks and one of others. A bar that both use is changed; one
    /// that only the first used is stripped, one that only the next uses is loaded.</summary>
    /// <param name="ran">What a bar was loaded for in the heat that ran.</param>
    /// <param name="comes">The same of the heat that comes.</param>
    public int Handled(IReadOnlyCollection<PrescribedTask> ran, IReadOnlyCollection<PrescribedTask> comes)
    {
        var left = Bars(ran).Select(g => (g.Key.Line, g.Key.Mass, g.Key.Seat, Last: g.Last())).ToList();
        var handled = 0;
        foreach (var bar in Bars(comes))
        {
            var at = left.FindIndex(l => l.Line == bar.Key.Line && l.Mass == bar.Key.Mass && l.Seat == bar.Key.Seat);
            handled +=
                at >= 0
                    ? bars.Between(left[at].Last, bar.First()).Handled
                    : PlateChange.From([], bars.Changes(bar.First())!.Value[0].Side, null).Handled;
            if (at >= 0)
            {
                left.RemoveAt(at);
            }
        }

        return handled + left.Sum(l => PlateChange.From(bars.Changes(l.Last)!.Value[^1].Side, [], null).Handled);
    }

    /// <summary>The line a task stands in; of a complex that of the whole.</summary>
    /// <param name="task">A task.</param>
    public static int LineOf(PrescribedTask task) => task.Around?.At.Line ?? task.Source.At.Line;
}
