using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Explains a draft: the one function behind the drafting table and <c>POST /api/explain</c>.</summary>
public static class Explainer
{
    /// <summary>Rows of each ledger table when nobody asks for more.</summary>
    public const int UsualRows = 24;

    /// <summary>Explains a draft text. Pure: the same input gives the same answer.</summary>
    /// <param name="competition">Must have passed <see cref="CompetitionRules.Validate"/>.</param>
    /// <param name="text">Any text.</param>
    /// <param name="rows">Rows of each ledger table, 1 to 1,000.</param>
    public static Explanation Explain(Competition competition, string text, int rows = UsualRows) =>
        Explain(Understanding.Of(competition, text), rows);

    /// <summary>Explains what was understood.</summary>
    /// <param name="u">The draft.</param>
    /// <param name="rows">Rows of each ledger table, 1 to 1,000.</param>
    /// <param name="cancel">Ends the work between two checks and between two tables.</param>
    public static Explanation Explain(Understanding u, int rows = UsualRows, CancellationToken cancel = default)
    {
        var columns = u.Resolver.Columns.Select(Column).ToEq();
        var pieces = u.Courses.Count > 0 ? u.Courses[0].Pieces.Select(p => p.Piece).ToList() : PieceOfWork.Of(u.Workout);
        return new(
            u.Workout.Title,
            u.Text,
            u.Parsed.Tokens.OrderBy(t => t.Line).ThenBy(t => t.Column).ToEq(),
            u.Findings(cancel),
            u.Courses.Count > 0 ? Timeline.Of(u.Courses[0]) : Timeline.Of(u.Workout),
            pieces
                .Select(p => new PieceSummary(
                    p.Key,
                    p.IsNamed ? p.Name : null,
                    p.Goal,
                    p.InTimeLeft,
                    p.IsHeaviest,
                    WorkoutWords.Summary(p),
                    p.At.Line
                ))
                .ToEq(),
            Ledgers.Of(u, Math.Clamp(rows, 1, 1000), cancel),
            new Grid(columns, GridRows.Of(u)),
            ScoresOf(u),
            [
                .. ScoreSentences.Rulings(u.Workout),
                .. EntrySentences.Of(u.Courses.Select(c => c.Address.Division), u.Workout, Languages.Tongue.English),
            ],
            MovementsOf(u),
            u.Courses.Select(c => Column(c.Address)).ToEq(),
            Fingerprint.Of(u).Code
        )
        {
            InWords = InWords(u.Workout),
        };
    }

    private static Eq<LineInWords> InWords(Workout workout)
    {
        var order = workout.Order ?? DutyOrder.ManWoman;
        return WorkTree
            .Stages(workout.Stages)
            .Select(s => new LineInWords(s.At.Line, SpokenWork.Of([s], Tongue.English, order).First().Text))
            .Concat(WorkTree.All(workout).Select(w => new LineInWords(w.At.Line, SpokenWork.Line(w, Tongue.English, order))))
            .OrderBy(l => l.Line)
            .ToEq();
    }

    private static GridColumn Column(Address address) => new(address.Division.Name, address.Within);

    private static Eq<ScoreView> ScoresOf(Understanding u) =>
        u.Courses.Count == 0
            ? []
            : u
                .Sheets.MaxBy(s => s.Components.Count)!
                .Components.Select(
                    (c, i) => new ScoreView(c.Label, c.Source.At.Line, SharedSentences.Of(i, u.Courses, u.Sheets, Tongue.English))
                )
                .ToEq();

    private static Eq<MovementUse> MovementsOf(Understanding u) =>
        WorkoutWords
            .Movements(u.Workout)
            .Select(m => new MovementUse(m.Name, StandardsBook.Of(u.Competition).Find(m.Name)?.Id, m.Line))
            .DistinctBy(m => m.Id ?? m.Name)
            .ToEq();
}
