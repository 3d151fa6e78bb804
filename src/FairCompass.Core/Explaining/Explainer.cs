using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Format;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>A draft understood for a competition, with everything compiled; briefs and scores are made from it.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Text">The draft.</param>
/// <param name="Parsed">What was read.</param>
/// <param name="Resolver">Resolves prescriptions.</param>
/// <param name="Courses">One for each address.</param>
/// <param name="Sheets">The scores, in the order of the courses.</param>
public sealed record Understanding(
    Competition Competition, string Text, ParseResult Parsed, Resolver Resolver, IReadOnlyList<Course> Courses, IReadOnlyList<ScoreSheet> Sheets)
{
    /// <summary>The model.</summary>
    public Workout Workout => Parsed.Workout;

    /// <summary>Reads and compiles a draft.</summary>
    public static Understanding Of(Competition competition, string text)
    {
        var normal = text.Replace("\r\n", "\n", StringComparison.Ordinal);
        var parsed = Parser.Parse(normal);
        var resolver = new Resolver(competition, parsed.Workout);
        var courses = Course.CompileAll(parsed.Workout, resolver);
        return new(competition, normal, parsed, resolver, courses, courses.Select(c => ScoreSheet.Of(parsed.Workout, c)).ToList());
    }

    /// <summary>The index of the course of a division and duty, or -1.</summary>
    public int IndexOf(string division, string duty)
    {
        for (var i = 0; i < Courses.Count; i++)
        {
            if (string.Equals(Courses[i].Address.Division.Name, division, StringComparison.OrdinalIgnoreCase) && Courses[i].Address.Duty == duty)
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>Everything missing or contradictory.</summary>
    public Eq<Finding> Findings() =>
        CheckList.Run(new CheckContext(Competition, Workout, Resolver, Courses, Sheets, Text.Split('\n')), Parsed.Problems);
}

/// <summary>Explains a draft: the one function behind the drafting table and <c>POST /api/explain</c>.</summary>
public static class Explainer
{
    /// <summary>Rows of each ledger table when nobody asks for more.</summary>
    public const int UsualRows = 24;

    /// <summary>Explains a draft text. Pure: the same input gives the same answer.</summary>
    /// <param name="competition">Must have passed <see cref="CompetitionRules.Validate"/>.</param>
    /// <param name="text">Any text.</param>
    /// <param name="rows">Rows of each ledger table, 1 to 1,000.</param>
    public static Explanation Explain(Competition competition, string text, int rows = UsualRows) => Explain(Understanding.Of(competition, text), rows);

    /// <summary>Explains what was understood.</summary>
    public static Explanation Explain(Understanding u, int rows = UsualRows)
    {
        var columns = u.Courses.Select(c => new GridColumn(c.Address.Division.Name, c.Address.Duty)).ToEq();
        return new(
            u.Workout.Title, u.Text, u.Parsed.Tokens.OrderBy(t => t.Line).ThenBy(t => t.Column).ToEq(), u.Findings(), Timeline.Of(u.Workout),
            PieceOfWork.Of(u.Workout).Select(p => new PieceSummary(p.Key, p.Label, p.Goal, p.InTimeLeft, p.IsHeaviest, WorkoutWords.Summary(p), p.At.Line)).ToEq(),
            LedgersOf(u.Courses, Math.Clamp(rows, 1, 1000)),
            new Grid(columns, GridRows.Of(u)),
            ScoresOf(u), ScoreSentences.Rulings(u.Workout), MovementsOf(u.Workout), Fingerprint.Of(u).Code);
    }

    private static Eq<LedgerView> LedgersOf(IReadOnlyList<Course> courses, int rows)
    {
        var views = new List<LedgerView>();
        if (courses.Count == 0)
        {
            return [];
        }

        for (var p = 0; p < courses[0].Pieces.Count; p++)
        {
            var index = p;
            var groups = courses.Select((c, i) => (Piece: c.Pieces[index], Column: i)).GroupBy(x => Signature(x.Piece), StringComparer.Ordinal);
            foreach (var group in groups)
            {
                var piece = group.First().Piece;
                var tasks = piece.Tasks.Select(t => new LedgerTask(t.Prescription.Movement.Value, UnitWord(t.Unit), t.Source.At.Line)).ToEq();
                var reason = piece.Strand is not null ? null
                    : piece.Piece.IsHeaviest ? $"Best good {(piece.Tasks.Select(t => t.Source.Amount).OfType<Amount.Heaviest>().FirstOrDefault() is { SetOf: { } n } ? $"set of {n}" : "lift")}: the load is the result."
                    : piece.Tasks.Count == 0 ? "There is no work here yet." : "Not counted: a line of this part is not computed yet, or a finding stands beside it.";
                views.Add(new(piece.Piece.Key, group.Select(g => g.Column).ToEq(), tasks,
                    piece.Strand is { } strand && !strand.TooLarge ? Ledger.Of(strand, rows) : [], piece.Strand?.Units, reason));
            }
        }

        return views.ToEq();
    }

    /// <summary>Equal for addresses that count alike: loads are not part of it.</summary>
    private static string Signature(CoursePiece piece) => string.Join('|', piece.Tasks.Select(t => $"{t.Prescription.Movement.Value};{t.Count};{t.Unit}"))
        + piece.Strand?.Units + ":" + piece.Strand?.Rounds;

    private static string UnitWord(AmountUnit unit) => unit switch { AmountUnit.Calorie => "cal", AmountUnit.Metre => "m", AmountUnit.Foot => "ft", _ => "rep" };

    private static Eq<ScoreView> ScoresOf(Understanding u) => u.Courses.Count == 0 ? []
        : u.Sheets[0].Components.Select(c => new ScoreView(c.Label, c.Source.At.Line, ScoreSentences.Of(c, u.Sheets[0], u.Courses[0]))).ToEq();

    private static Eq<MovementUse> MovementsOf(Workout workout) => WorkoutWords.Movements(workout)
        .Select(m => new MovementUse(m.Name, MovementLibrary.Find(m.Name)?.Id, m.Line))
        .DistinctBy(m => m.Id ?? m.Name).ToEq();
}
