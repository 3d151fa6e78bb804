using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>Members lift at one time, and the lane has not a load of that mass for each.</summary>
public sealed class KitAtOnce : ICheck
{
    /// <inheritdoc/>
    public string Id => "kit-at-once";

    /// <inheritdoc/>
    public string Title => "More implements at once than the lane has";

    /// <inheritdoc/>
    public string Why => "Somebody would wait for a load while the clock runs, and in another lane nobody would.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from course in context.Courses.DistinctBy(c => c.Address.Division)
        from piece in course.Pieces
        let members = course.MembersOf(piece.Piece)
        from task in piece.Tasks
        let sharing = Sharing.Of(piece, task, members.Count)
        where sharing.Together || sharing.AtOnce
        let movement = StandardsBook.Of(context.Competition).Find(task.Prescription.Movement.Value)
        where movement is not null && LaneKit.HasMasses(movement.Kit)
        from one in members
            .Take(sharing.Members)
            .Select(m => course.Prescribed(task, piece, m).Load)
            .Where(l => l is not null && l.Value.Unit == context.Competition.Unit && l.Value.Left is null && l.Value.Values.IsConstant)
            .GroupBy(l => l!.Value.Values.At(0)!.Value, (mass, all) => (Mass: mass, Loads: all.ToList()))
        let needed = one.Loads.Sum(l => Math.Max(1, l!.Value.Implements))
        let there = context.Competition.Kit.NumberOf(movement.Kit, one.Mass)
        // A mass that the lane has not at all, or too few of for one, is told as that.
        where there >= one.Loads.Max(l => Math.Max(1, l!.Value.Implements)) && needed > there
        let mass = new Mass(one.Mass, context.Competition.Unit)
        select new Report(
            one.Loads[0]!.From.At,
            $"{course.Address.Division.Name}: {needed} of {mass} are lifted at once; a lane has {there}.",
            OneAtATime.Of(context, task.Source)
        )
        {
            KitMends = [new($"Say that a lane has {needed} of {mass}", new(movement.Kit, one.Mass, needed))],
        };
}
