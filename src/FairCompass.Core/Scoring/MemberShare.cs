using System.Runtime.CompilerServices;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>What one member did of a task.</summary>
/// <param name="Seat">The place in the team, from 1.</param>
/// <param name="Units">Performed units, from 0.</param>
/// <param name="Task">Which task of the piece, from 0; null for the only one that is counted by member.</param>
public sealed record MemberUnits(int Seat, long Units, int? Task = null);

/// <summary>
/// A task whose units are counted for each member, with the fewest that each must do and what it costs when somebody did fewer.
/// One source for cards, scores and runs.
/// </summary>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Movement">Its movement.</param>
/// <param name="Word">What one unit is.</param>
/// <param name="Seats">The places of those who share it.</param>
/// <param name="Least">The fewest units of each; 0 for none.</param>
/// <param name="Short">What it costs; null when nobody has said.</param>
/// <param name="Amount">All units of the task in the piece; null without end.</param>
/// <param name="At">The line of the task.</param>
public sealed record MemberShare(
    int Task,
    string Movement,
    string Word,
    Eq<int> Seats,
    long Least,
    ShortShare? Short,
    long? Amount,
    SourceRange At
)
{
    /// <summary>The tasks of a piece that are counted by member; empty for one athlete, and where nothing is counted so.</summary>
    public static Eq<MemberShare> Of(Course course, CoursePiece piece) => Known.GetValue(piece, p => Shares(course, p)).All;

    // Asked for with every score and every unit that is played.
    private static readonly ConditionalWeakTable<CoursePiece, Shared> Known = [];

    private sealed record Shared(Eq<MemberShare> All);

    private static Shared Shares(Course course, CoursePiece piece)
    {
        var members = course.MembersOf(piece.Piece);
        if (members.Count < 2)
        {
            return new([]);
        }

        var shares = new List<MemberShare>();
        foreach (var task in piece.Tasks)
        {
            var strands = piece.SharedOf(task.Index).ToList();
            if (strands.Count == 0)
            {
                continue;
            }

            if (RulesAround.Of(piece, task).Share?.Phrases is not { } phrases || !phrases.Any(p => p.Is == ShareKind.CountByMember))
            {
                continue;
            }

            var least = phrases.FirstOrDefault(p =>
                p.Is == ShareKind.AtLeast && p.Text?.StartsWith("each", StringComparison.Ordinal) == true
            );
            var rounds = least?.Text?.Contains("in every round", StringComparison.Ordinal) == true ? strands[0].Counter.Rounds : 1;
            var all = strands.ConvertAll(s => s.Counter.UnitsOf(task.Index));
            shares.Add(
                new(
                    task.Index,
                    task.Prescription.Movement.Value,
                    task.Counted.Word,
                    members.Select((m, i) => m.Seat ?? i + 1).ToEq(),
                    // Work of an interval that is over cannot be made up; a check says so.
                    strands[0].Role == StrandRole.Interval
                        ? 0
                        : (least?.N ?? 0) * (rounds ?? 0),
                    strands[0].Role == StrandRole.Interval ? null : phrases.FirstOrDefault(p => p.Is == ShareKind.Short)?.Short,
                    all.Contains(null) ? null : all.Sum(),
                    task.Source.At
                )
            );
        }

        return new(shares.ToEq());
    }

    /// <summary>Performed units of the task by all, over every counter that has it; null where nobody has said.</summary>
    /// <param name="seen">What the card says of the piece.</param>
    /// <param name="piece">The piece.</param>
    public long? Done(PieceObservation seen, CoursePiece piece)
    {
        long? sum = null;
        foreach (var strand in piece.SharedOf(Task))
        {
            if (Tallying.Performed(seen, strand) is { } units && units >= 0 && units <= (strand.Counter.Units ?? long.MaxValue))
            {
                sum = (sum ?? 0) + strand.Counter.UnitsOf(Task, units);
            }
        }

        return sum;
    }

    /// <summary>False where the least of all members is more than there is.</summary>
    public bool IsPossible => !(Amount < Least * Seats.Count);

    /// <summary>What a member did by a list of all; 0 where it says nothing.</summary>
    public long UnitsOf(int seat, Eq<MemberUnits> by)
    {
        foreach (var said in by)
        {
            if (said.Seat == seat && (said.Task is null || said.Task == Task))
            {
                return said.Units;
            }
        }

        return 0;
    }

    /// <summary>What a member lacks to the fewest.</summary>
    public long Missing(int seat, Eq<MemberUnits> by) => Math.Max(0, Least - UnitsOf(seat, by));

    /// <summary>What all members lack together.</summary>
    public long Missing(Eq<MemberUnits> by)
    {
        var sum = 0L;
        foreach (var seat in Seats)
        {
            sum += Missing(seat, by);
        }

        return sum;
    }

    /// <summary>What can no longer be made up: units that members lack beyond what is left of the task; of work without end all that they
    /// lack when the clock has ended. 0 where the list says nothing of this task.</summary>
    /// <param name="done">Performed units of the task.</param>
    /// <param name="by">What the members did.</param>
    public long Lost(long done, Eq<MemberUnits> by) =>
        !IsPossible || !by.Any(b => b.Task is null || b.Task == Task) ? 0
        : Amount is { } all ? Math.Max(0, Missing(by) - (all - done))
        : Missing(by);

    /// <summary>How many more units a member may do before others would lack theirs for good; without a limit where the least
    /// of all is more
    /// than there is, which a check refuses.</summary>
    /// <param name="seat">The member.</param>
    /// <param name="done">Performed units of the task.</param>
    /// <param name="by">What the members did.</param>
    public long Allowed(int seat, long done, Eq<MemberUnits> by) =>
        IsPossible && Amount is { } all ? all - done - (Missing(by) - Missing(seat, by)) : long.MaxValue;
}
