using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>What a component measures, compiled.</summary>
public enum Measured
{
    /// <summary>Time, with a rule for the cap.</summary>
    Time,

    /// <summary>Counted units.</summary>
    Units,

    /// <summary>Counted units, shown as full rounds and reps.</summary>
    RoundsAndUnits,

    /// <summary>The heaviest good lift.</summary>
    Load,
}

/// <summary>A tie-break, compiled.</summary>
public abstract record Tiebreak
{
    private Tiebreak()
    {
    }

    /// <summary>Ties share the place.</summary>
    public sealed record Shared : Tiebreak;

    /// <summary>The earlier time at the end of a round.</summary>
    /// <param name="Piece">The piece whose rounds are meant.</param>
    /// <param name="Round">The round; null for the last full one.</param>
    public sealed record TimeAtRound(string Piece, int? Round) : Tiebreak;

    /// <summary>The better value of another component.</summary>
    public sealed record Other(int Component) : Tiebreak;
}

/// <summary>A score of the run, compiled for one course.</summary>
/// <param name="Label">Its name, or null.</param>
/// <param name="Measured">What it measures.</param>
/// <param name="Pieces">Keys of the pieces that feed it.</param>
/// <param name="Cap">For a time: the rule for the cap; null when nobody has said.</param>
/// <param name="Before">The piece that must be finished before this one is reached; null when there is none.</param>
/// <param name="NotReachedIsZero">What an unfinished part before does: true zero, false not reached, null when nobody has said.</param>
/// <param name="Ties">In order; empty when nobody has said.</param>
/// <param name="Source">The lines it comes from.</param>
public sealed record ScoreComponent(
    string? Label, Measured Measured, Eq<string> Pieces, CapRule? Cap, string? Before, bool? NotReachedIsZero, Eq<Tiebreak> Ties, Score Source)
{
    /// <summary>The component's name in sentences.</summary>
    public string Name => Label is null ? "the score" : "score " + Label;
}

/// <summary>Why a score line could not be compiled.</summary>
/// <param name="At">The line.</param>
/// <param name="Sentence">The reason.</param>
/// <param name="NotComputed">True when it is fine but not computed yet.</param>
public sealed record ScoreProblem(SourceRange At, string Sentence, bool NotComputed);

/// <summary>The scores of a workout, compiled for one course.</summary>
/// <param name="Components">In the order of the text.</param>
/// <param name="Problems">What could not be compiled.</param>
public sealed record ScoreSheet(Eq<ScoreComponent> Components, Eq<ScoreProblem> Problems)
{
    /// <summary>Compiles the score lines of a workout.</summary>
    public static ScoreSheet Of(Workout workout, Course course)
    {
        var components = new List<ScoreComponent>();
        var problems = new List<ScoreProblem>();
        var computed = workout.Scores.Where(s => MeasuredOf(s.Measure) is not null).ToList();
        foreach (var score in computed)
        {
            if (PiecesOf(score, course, problems) is not { } pieces || !Fits(score, pieces, problems))
            {
                continue;
            }

            var first = course.Pieces.ToList().FindIndex(p => p.Piece.Key == pieces[0].Piece.Key);
            var before = pieces[0].Piece.InTimeLeft && first > 0 ? course.Pieces[first - 1].Piece : null;
            var cascade = score.Lines.OfType<ScoreLine.Cascade>().FirstOrDefault(c => before is null || c.Part == before.Label);
            components.Add(new(score.Label, MeasuredOf(score.Measure)!.Value, pieces.Select(p => p.Piece.Key).ToEq(), CapOf(score),
                before?.Key, cascade is null ? null : !cascade.NotReached, TiesOf(score, pieces, computed, problems), score));
        }

        return new(components.ToEq(), problems.ToEq());
    }

    private static Measured? MeasuredOf(Measure measure) => measure switch
    {
        Measure.Time => Measured.Time,
        Measure.Reps => Measured.Units,
        Measure.RoundsAndReps => Measured.RoundsAndUnits,
        Measure.BestLoad => Measured.Load,
        _ => null,
    };

    private static List<CoursePiece>? PiecesOf(Score score, Course course, List<ScoreProblem> problems)
    {
        if (score.Of.Count == 0)
        {
            var all = course.Pieces.Where(p => score.Measure == Measure.BestLoad ? p.Piece.IsHeaviest : !p.Piece.IsHeaviest).ToList();
            return all.Count == 0 ? null : all;
        }

        var found = new List<CoursePiece>();
        foreach (var who in score.Of)
        {
            var name = who.ToString();
            if (course.Pieces.FirstOrDefault(p => p.Piece.Label == name) is not { } piece)
            {
                var labels = course.Pieces.Select(p => p.Piece.Label).OfType<string>().ToList();
                if (labels.Count > 0)
                {
                    problems.Add(new(score.At, $"There is no part called {name}; there is {Text.Words.Join(labels)}.", false));
                }

                return null;
            }

            found.Add(piece);
        }

        return found;
    }

    private static bool Fits(Score score, List<CoursePiece> pieces, List<ScoreProblem> problems)
    {
        if (pieces.Any(p => p.Strand is null && !p.Piece.IsHeaviest))
        {
            return false;
        }

        var sentence = score.Measure switch
        {
            Measure.BestLoad when pieces.Any(p => !p.Piece.IsHeaviest) => $"{pieces.First(p => !p.Piece.IsHeaviest).Piece.Name} has no heaviest set, so there is no best load.",
            Measure.Time when pieces.Count > 1 => "A time is taken of one part; name it: time of A.",
            Measure.Time when pieces[0].Strand?.Units is null => "A time needs work with an end; this work has none. Score reps instead.",
            Measure.Time when pieces[0].Piece.IsHeaviest => "A heaviest set is scored by best load.",
            Measure.RoundsAndReps when pieces.Count > 1 || pieces[0].Strand is { IsOneLoop: false } => "Rounds and reps need one part that is a single loop of rounds. Score reps instead.",
            Measure.Reps or Measure.RoundsAndReps when pieces.Any(p => p.Piece.IsHeaviest) => "A heaviest set is scored by best load.",
            _ => null,
        };
        if (sentence is not null)
        {
            problems.Add(new(score.At, sentence, false));
        }

        return sentence is null;
    }

    private static CapRule? CapOf(Score score) => score.Lines.Select(l => (CapRule?)(l switch
    {
        ScoreLine.CapLine { By: CountedAs.Reps } => new CapRule.CapLine(),
        ScoreLine.Penalty { Of: CountedAs.Reps, Each: { } each, Missing: true } => new CapRule.Penalty(each, FromLongest: true),
        ScoreLine.Penalty { Of: CountedAs.Reps, Each: { } each } => new CapRule.AddDone(each),
        _ => null,
    })).FirstOrDefault(r => r is not null);

    private static Eq<Tiebreak> TiesOf(Score score, List<CoursePiece> pieces, List<Score> all, List<ScoreProblem> problems)
    {
        var ties = new List<Tiebreak>();
        foreach (var line in score.Lines)
        {
            switch (line)
            {
                case ScoreLine.TieShared:
                    ties.Add(new Tiebreak.Shared());
                    break;
                case ScoreLine.TieScore t:
                    var other = all.FindIndex(s => s.Label == t.Label);
                    if (other < 0 || ReferenceEquals(all[other], score))
                    {
                        problems.Add(new(line.At, other < 0 ? $"There is no score called {t.Label}." : "A score cannot break its own ties.", false));
                    }
                    else
                    {
                        ties.Add(new Tiebreak.Other(other));
                    }

                    break;
                case ScoreLine.TieTime { Mark: not TieMark.LastGate } t:
                    var piece = pieces[0];
                    if (piece.Strand is not { IsOneLoop: true } strand)
                    {
                        problems.Add(new(line.At, "This work has no rounds, so there is no time at a round.", false));
                    }
                    else if (t.Round is { } round && (round < 1 || round > (strand.Rounds ?? long.MaxValue)))
                    {
                        problems.Add(new(line.At, $"There are {strand.Rounds} rounds, so no round {round}.", false));
                    }
                    else
                    {
                        ties.Add(new Tiebreak.TimeAtRound(piece.Piece.Key, t.Mark == TieMark.LastFullRound ? null : t.Round));
                    }

                    break;
            }
        }

        return ties.ToEq();
    }
}
