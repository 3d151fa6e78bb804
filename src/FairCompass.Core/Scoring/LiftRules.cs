using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Policies;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>
/// What a heaviest lift is bound by beside the judge’s call: how many attempts a lifter has, how many tries in a row, that loads
/// never go down, that a set is whole, that the bell has not gone. One source for cards, scores and runs.
/// </summary>
public sealed class LiftRules
{
    private readonly BellWhen? bell;
    private readonly Duration? ends;
    private readonly CoursePiece piece;

    private readonly Dictionary<int, decimal> starts = [];

    private LiftRules(Course course, CoursePiece piece, CourseTask task, BellWhen? bell)
    {
        this.piece = piece;
        this.bell = bell;
        Task = task;
        var details = task.Source.Details;
        var members = course.MembersOf(piece.Piece);
        InARow =
            members.Count < 2 ? null : RulesAround.Of(piece, task).Share?.Phrases.FirstOrDefault(p => p.Is == ShareKind.AtMostTries)?.N;
        var starting = details.Concat(task.Source.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)).OfType<Detail.Load>();
        foreach (var (member, i) in starting.Any(l => l.Start) ? members.Select((m, i) => (m, i)) : [])
        {
            if (
                course.Prescribed(task, piece, member).Load?.Value is { } load
                && load.Unit == course.Unit
                && load.Values.At(0) is { } first
            )
            {
                starts[member.Seat ?? i + 1] = first;
                if (members.Count < 2)
                {
                    starts[0] = first;
                }
            }
        }

        AttemptsSaid = Nearest(course, piece, task, d => d is Detail.LiftAttempts) as Detail.LiftAttempts;
        NeverDown = Nearest(course, piece, task, d => d is Detail.Flag { Is: FlagKind.NeverDown });
        Lower =
            piece.Piece.IsRising ? LowerLoads.Always
            : NeverDown is not null ? LowerLoads.Never
            : Decided(course) switch
            {
                "never" => LowerLoads.Never,
                AttemptTopics.AfterAMiss => LowerLoads.AfterAMiss,
                _ => LowerLoads.Always,
            };
        Misses = Nearest(course, piece, task, d => d is Detail.Misses) as Detail.Misses;
        Rising = piece.Piece.IsRising ? course.Prescribed(task, piece, members[0]).Rising?.Value ?? new(null, null) : null;
        ends = piece.Piece.Window is { } window ? (piece.Piece.Starts ?? Duration.Zero) + window : null;
    }

    /// <summary>What is lifted.</summary>
    public CourseTask Task { get; }

    /// <summary>How often each lifter may try; null without a limit.</summary>
    public int? Attempts => AttemptsSaid?.N;

    /// <summary>The words that say it, of the entry’s division or of all; null without a limit.</summary>
    internal Detail.LiftAttempts? AttemptsSaid { get; }

    /// <summary>The words of the lift that say that no later load is lower; null where it has none.</summary>
    internal Detail? NeverDown { get; }

    /// <summary>Whether a later load may be lower: as the lift says, else as the competition decided, else always.</summary>
    public LowerLoads Lower { get; }

    /// <summary>The heights that are tried; null where a load is lifted.</summary>
    public RisingHeights? Rising { get; }

    /// <summary>With which miss the tries at heights are over; null where nobody has said.</summary>
    public Detail.Misses? Misses { get; }

    /// <summary>How often one lifter may try before another does; null without a limit.</summary>
    public int? InARow { get; }

    /// <summary>What is on a lifter’s bar at the beginning, bar included; null where nobody has said, or in another unit than the
    /// competition’s.</summary>
    /// <param name="seat">The lifter’s place; null for an individual.</param>
    public decimal? StartOf(int? seat) => starts.TryGetValue(seat ?? 0, out var load) ? load : null;

    /// <summary>The reps of one set; 1 for a single lift.</summary>
    public int SetOf => piece.Piece.SetOf;

    /// <summary>The rules of a piece; null where nothing is lifted for the heaviest load.</summary>
    /// <param name="course">The workout for the entry.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="bell">When a lift around the final bell counts; null when nobody has said.</param>
    public static LiftRules? Of(Course course, CoursePiece piece, BellWhen? bell) =>
        piece.Piece.IsHeaviest
        && piece.Tasks.FirstOrDefault(t => t.Prescription.Amount?.Value is Amount.Heaviest or Amount.Highest) is { } task
            ? new(course, piece, task, piece.Piece.IsRising ? null : bell)
            : null;

    /// <summary>The school in force on lower loads; null where nobody has said.</summary>
    private static string? Decided(Course course) =>
        course is { Competition: { } competition, Workout: { } workout }
            ? StandardsBook.Of(competition).InForce(Topics.Find(AttemptTopics.GoingDown)!, course.Address.Division.Name, workout)?.Answer
            : null;

    /// <summary>The load under which a lifter’s next try may not be; null without a limit.</summary>
    private decimal? Least(List<Try> mine, int? seat) =>
        Lower switch
        {
            LowerLoads.Never => mine.Count > 0 ? mine.Max(t => t.Load) : StartOf(seat),
            LowerLoads.AfterAMiss when mine.Count == 0 => StartOf(seat),
            LowerLoads.AfterAMiss => mine[^1].Made ? mine[^1].Load : null,
            _ => null,
        };

    /// <summary>Why a height is not tried any more: it lies under one that was tried, it was made, or too many were missed.</summary>
    private string? Over(List<Try> mine, Try next)
    {
        var missed = 0;
        foreach (var before in mine)
        {
            missed = before.Made
                ? Misses is { InARow: false }
                    ? missed
                    : 0
                : missed + 1;
        }

        return Misses is { } most && missed >= most.N
                ? $"over after {Words.Count(most.N, "miss", "misses")} {(most.InARow ? "in a row" : "in all")}"
            : mine.Count > 0 && next.Load < mine[^1].Load ? $"lower than {Number.Normal(mine[^1].Load)} before"
            : mine.Exists(t => t.Made && t.Load == next.Load) ? $"{Number.Normal(next.Load)} was made already"
            : null;
    }

    /// <summary>A rule of the lift as it is for who does the piece: of the line under the task that is nearest, else of the task. Who lifts
    /// alone has rules of the own place and duty; a team has one for all of its members.</summary>
    private static Detail? Nearest(Course course, CoursePiece piece, CourseTask task, Func<Detail, bool> which) =>
        course.Nearest(
            task.Source.Lines.OfType<TaskLine.Override>()
                .Where(o => !o.Choose)
                .SelectMany(o => o.Details.Where(which).Select(d => (o.For, d))),
            piece.Piece
        ) ?? task.Source.Details.FirstOrDefault(which);

    /// <summary>Why a try may not be, or does not count whatever the judge called; null where no rule is broken.</summary>
    /// <param name="tries">The tries so far, in order.</param>
    /// <param name="next">The next.</param>
    public string? Breach(IReadOnlyList<Try> tries, Try next)
    {
        var mine = tries.Where(t => t.Seat == next.Seat).ToList();
        if (Attempts is { } most && mine.Count >= most)
        {
            return $"all {Words.Count(most, "attempt")} were taken";
        }

        if (Rising is not null && Over(mine, next) is { } over)
        {
            return over;
        }

        if (InARow is { } row && tries.Count >= row && tries.Skip(tries.Count - row).All(t => t.Seat == next.Seat))
        {
            return $"more than {row} tries in a row";
        }

        if (Least(mine, next.Seat) is { } before && next.Load < before)
        {
            return $"lower than {Number.Normal(before)} before";
        }

        return next.Reps is { } reps && reps < SetOf ? $"{reps} of {SetOf} reps"
            : next.Clock is { } clock && clock > ends && bell is BellWhen.Finished or BellWhen.FinishedAndSteady
                ? $"after the bell at {ends}"
            : null;
    }
}
