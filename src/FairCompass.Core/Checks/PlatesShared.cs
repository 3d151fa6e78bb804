using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>Bars of one team that stand loaded at the same time, for which the plates of the lane do not reach.</summary>
public sealed class PlatesShared : ICheck
{
    /// <inheritdoc/>
    public string Id => "plates-shared";

    /// <inheritdoc/>
    public string Title => "Plates that would be on two bars at once";

    /// <inheritdoc/>
    public string Why => "A team has one lane and its plates: a bar that lacks them is loaded otherwise, or late.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var (kit, book, bars) = (
            context.Competition.Kit,
            StandardsBook.Of(context.Competition),
            LaneBars.Of(context.Prescribed, context.Competition, context.Workout)
        );
        var found =
            from task in context.Prescribed
            where
                task.At == default
                && task.Address.Division.IsTeam
                && book.Find(task.Prescription.Movement.Value) is { Kit: MovementKit.Barbell }
                && bars.Changes(task) is not null
            let all = AtOnce(context, task, bars)
            where all.Count > 1 && !bars.Reach(all)
            group task.Address by (task.Prescription.Load!.From.At, All: all) into same
            select (same.Key.At, same.Key.All, Who: Words.Join(same.Select(a => a.Division.Name).Distinct()));
        return found
            .DistinctBy(f => (f.At, f.Who))
            .Select(f => new Report(
                f.At,
                $"{f.Who}: the plates of a lane do not reach for {f.All.Count} bars at once: "
                    + $"{Words.Join(f.All.Select(b => Said(b, context)))}."
                    + PlateShortage.Words(f.All.Select(Planned).ToList(), context.Competition)
            ));

        static PlannedBar Planned((LaneBar Bar, Eq<decimal> Loads) b, int i) =>
            new($"{i}", b.Bar.Mass, [b.Loads[0]]) { Sleeve = b.Bar.Sleeve };
    }

    private static string Said((LaneBar Bar, Eq<decimal> Loads) bar, CheckContext context) =>
        $"{string.Join('-', bar.Loads.Select(Number.Normal))} {context.Competition.Unit.Symbol()} on a bar of "
        + Number.Normal(bar.Bar.Mass);

    /// <summary>Every bar that stands loaded for a task: one for each duty, and as many as work at once.</summary>
    private static Eq<(LaneBar Bar, Eq<decimal> Loads)> AtOnce(CheckContext context, PrescribedTask task, LaneBars bars)
    {
        var course = context.Courses.FirstOrDefault(c =>
            c.Address.Division == task.Address.Division && c.Address.Level == task.Address.Level
        );
        var (piece, at) = course is null ? default : Find(course, task);
        if (course is null || piece is null || at is null)
        {
            return bars.Beside(task);
        }

        var members = course.MembersOf(piece.Piece);
        var sharing = Sharing.Of(piece, at, members.Count);
        if (!(sharing.Together || sharing.AtOnce))
        {
            return bars.Beside(task);
        }

        // Of those who work at once each has a bar; where only some do, the first of the team stand for them.
        return members
            .Take(sharing.Members)
            .Select(m => bars.Find(task.Source.At.Line, m))
            .OfType<PrescribedTask>()
            .Select(bars.Own)
            .OfType<(LaneBar, Eq<decimal>)>()
            .ToEq();
    }

    private static (CoursePiece?, CourseTask?) Find(Course course, PrescribedTask task) =>
        course
            .Pieces.SelectMany(p => p.Tasks.Select(t => ((CoursePiece?)p, (CourseTask?)t)))
            .FirstOrDefault(x => ReferenceEquals(x.Item2!.Source, task.Source));
}
