using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The part of a card on which a judge crosses off which way an athlete took, where the work leaves a choice.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>In a box whose total depends on the ways taken: it has no number, and is crossed off all the same.</summary>
    private const string NoTotal = "\u00a0";

    /// <summary>True for a piece whose tasks can be done in several ways on one counter.</summary>
    private static bool HasMenu(CoursePiece piece) =>
        piece.Strands.All(s => s.Role != StrandRole.Option) && piece.Tasks.Any(t => t.Options.Count > 1);

    /// <summary>True where the running totals are others when another way is taken, so that none can be printed.</summary>
    private static bool DependsOnWays(Course course, CoursePiece piece, CourseStrand strand)
    {
        var plain = Totals(piece, strand);
        return HasMenu(piece)
            && piece.Tasks.Any(task =>
                Enumerable
                    .Range(1, Math.Max(0, task.Options.Count - 1))
                    .Any(way =>
                        course.With([new(piece.Piece.Key, task.Index, way, null)]).Piece(piece.Piece.Key) is not { } taken
                        || taken.Strands.FirstOrDefault(s => s.Key == strand.Key) is not { } other
                        || !Totals(taken, other).SequenceEqual(plain)
                    )
            );
    }

    private static List<long?> Totals(CoursePiece piece, CourseStrand strand) =>
        Ledger.Of(strand.Counter, piece.Tasks).SelectMany(t => t.Rows).SelectMany(r => r.Cells).Select(c => c.Credit ?? c.Total).ToList();

    /// <summary>What each letter is, and for each task a row with its letters in each round in which a way can be taken.</summary>
    private BriefSection? Menu(Course course)
    {
        var blocks = course
            .Pieces.Where(HasMenu)
            .SelectMany(p => CountersOf(course, p))
            .Where(c => c.Tasks.Any(t => t.Options.Count > 1))
            .SelectMany(c => WaysOf(c).Prepend(Letters(c)))
            .ToEq();
        return blocks.Count == 0 ? null : new("menu", Say("Circle the way that was taken", "Rodea la opción elegida"), blocks);
    }

    private BriefBlock Letters(CardCounter counter) =>
        new BriefBlock.Points(
            counter
                .Tasks.Where(t => t.Options.Count > 1)
                .Select(t =>
                    string.Join(
                        "; ",
                        t.Options.Select((o, way) => $"{Letter(way)} {Cite($"option/{counter.Id}/{t.Index}/{way}", o.NameIn(tongue))}")
                    )
                )
                .ToEq()
        );

    private static char Letter(int way) => (char)('A' + way);

    private IEnumerable<BriefBlock> WaysOf(CardCounter counter)
    {
        // As many rounds as there are to cross off.
        var table = TablesOf(counter.Strand.Counter, counter.Piece).FirstOrDefault(t => t.InRounds);
        var menus = counter.Tasks.Where(t => t.Options.Count > 1).ToList();
        var rounds = table?.Rows.Select(r => r.Label).ToList() ?? [""];
        foreach (var some in rounds.Select((label, i) => (label, i)).Chunk(BoxesInARow))
        {
            yield return new BriefBlock.Boxes(
                counter.Piece.Piece.IsNamed ? Cite($"piece/{counter.Id}", counter.Piece.Piece.NameIn(tongue)) : null,
                [
                    "",
                    .. some.Select(r =>
                        r.label.Length == 0
                            ? Say("taken", "elegida")
                            : Cite($"round/{counter.Id}/{r.label}", $"{Say("Round", "Ronda")} {r.label}")
                    ),
                ],
                menus
                    .Select(t => new BriefRow([
                        Words.Capital(Ways(t)),
                        .. some.Select(r => CanTake(t, table, r.i) ? string.Join(' ', t.Options.Select((_, way) => Letter(way))) : ""),
                    ]))
                    .ToEq()
            );
        }
    }

    /// <summary>The movements of a menu, without amounts: <c>rope climb or wall walk</c>.</summary>
    private string Ways(CourseTask task) =>
        string.Join(Say(" or ", " o "), task.Options.Select(o => tongue.Movement(o.Prescription.Movement.Value)).Distinct());

    /// <summary>A way that holds for the whole workout is taken once, in the first round; no way where the task is not done.</summary>
    private static bool CanTake(CourseTask task, LedgerTable? table, int round) =>
        (round == 0 || task.Source.Lines.OfType<TaskLine.Override>().All(o => !o.Choose || o.When != ChoiceTime.Once))
        && (table is null || table.Rows[round].Cells.All(c => c.Task != task.Index || c.Amount != 0));
}
