using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>Compiles the score lines of a workout for one course.</summary>
internal sealed partial class ScoreCompiler(Workout workout, Course course)
{
    private readonly List<ScoreProblem> problems = [];
    private readonly List<CoursePiece> pieces = [.. course.Pieces];

    public ScoreSheet Compile()
    {
        var components = new List<ScoreComponent>();
        foreach (var score in workout.Scores)
        {
            if (score.Lines.OfType<ScoreLine.Penalty>().FirstOrDefault(p => p.Each is null) is { } open)
            {
                problems.Add(new(open.At, "Nobody has said how much time is added, so this score cannot be computed."));
                continue;
            }

            var counters = CountersOf(score.Of);
            if (PiecesOf(score.Measure, score.Of, score.At) is not { Count: > 0 } fed || !Fits(score, fed, counters))
            {
                continue;
            }

            var first = pieces.IndexOf(fed[0]);
            var before = fed[0].Piece.InTimeLeft && first > 0 ? pieces[first - 1].Piece : null;
            if ((NoLiftMisfit(score, before) ?? ShortMisfit(score, fed) ?? FaultCost.Misfit(score)) is { } misfit)
            {
                problems.Add(misfit);
                continue;
            }

            var cascade = score.Lines.OfType<ScoreLine.Cascade>().FirstOrDefault(c => before is null || c.Part == before.Label);
            var (cap, by) = CapOf(score);
            components.Add(
                new(
                    score.Label,
                    MeasuredOf(score.Measure),
                    IsTime(score.Measure) ? by : TallyOf(score.Measure),
                    fed.Select(p => p.Piece.Key).ToEq(),
                    cap,
                    before?.Key,
                    cascade is null ? null : !cascade.NotReached,
                    TiesOf(score, fed),
                    score
                )
                {
                    Counters = counters,
                }
            );
        }

        return new(components.ToEq(), problems.ToEq())
        {
            Resolution = workout.Policies.OfType<Policy.Timing>().FirstOrDefault()?.Resolution ?? TimeResolution.WholeSeconds,
            Attempts = workout.Policies.OfType<Policy.Attempts>().FirstOrDefault(),
            UnverifiedIsNoRep = workout.Headers.OfType<Header.Video>().FirstOrDefault()?.NoRep,
            WithoutClipsCounts = workout.Policies.OfType<Policy.Clips>().FirstOrDefault()?.WithoutCounts,
            LiftAtTheBell = AtTheEdge.Lift(workout, course),
            GateOnSecondCounts = AtTheEdge.GateOnSecond(workout, course),
        };
    }

    private static bool IsTime(Measure measure) => measure is Measure.Time or Measure.HallClock;

    private static bool IsLoad(Measure measure) => measure is Measure.BestLoad or Measure.SumOfBestLoads or Measure.Height;

    private static Measured MeasuredOf(Measure measure) =>
        measure switch
        {
            Measure.Time or Measure.HallClock => Measured.Time,
            Measure.RoundsAndReps => Measured.RoundsAndUnits,
            Measure.BestLoad => Measured.Load,
            Measure.Height => Measured.Height,
            Measure.SumOfBestLoads => Measured.SumOfLoads,
            Measure.FullIntervals => Measured.Intervals,
            _ => Measured.Units,
        };

    private static Tally TallyOf(Measure measure) =>
        measure switch
        {
            Measure.Calories => Tally.Calories,
            Measure.Metres => Tally.Millimetres,
            Measure.Seconds => Tally.Seconds,
            Measure.Kilograms or Measure.Pounds => Tally.Load,
            _ => Tally.Credit,
        };

    /// <summary>The pieces that a measure takes in; null, with a problem, when a name is not there.</summary>
    private List<CoursePiece>? PiecesOf(Measure measure, Eq<Who> of, SourceRange at)
    {
        if (of.Count == 0)
        {
            var all = pieces.Where(p => p.Piece.IsHeaviest == IsLoad(measure)).ToList();
            if (all.Where(p => p.Piece.IsRising == (measure == Measure.Height)).ToList() is { Count: > 0 } same)
            {
                all = same;
            }

            return IsTime(measure) && all.Count > 1 && all.Where(p => p.Piece.Goal == Goal.Time).ToList() is { Count: 1 } timed
                ? timed
                : all;
        }

        var found = new List<CoursePiece>();
        foreach (var who in of)
        {
            var name = who.ToString();
            var answering = pieces.Where(p => p.Piece.Answers(name) || p.Piece.Swaps.Any(s => s.Name == name)).ToList();
            if (answering.Count == 0)
            {
                var names = pieces
                    .SelectMany(p => new[] { p.Piece.Label, p.Piece.Station, p.Piece.Group, p.Piece.Cycle is { } c ? $"cycle {c}" : null })
                    .OfType<string>()
                    .Concat(pieces.SelectMany(p => p.Piece.Swaps.Select(s => s.Name)))
                    .Distinct()
                    .ToList();
                problems.Add(
                    new(
                        at,
                        $"There is no part called {name}; "
                            + (names.Count > 0 ? $"there is {Words.Join(names)}." : "the work has no names, so leave it out.")
                    )
                );

                return null;
            }

            // A group that races first and rotates later has one time, that of the race.
            var timed = IsTime(measure) && answering.Count > 1 ? answering.Where(p => p.Piece.Goal == Goal.Time).ToList() : answering;
            found.AddRange((timed.Count > 0 ? timed : answering).Where(p => !found.Contains(p)));
        }

        return found;
    }

    /// <summary>The counters that a score names: stations that are worked in turns inside one piece.</summary>
    private Eq<string> CountersOf(Eq<Who> of) =>
        of.Select(w => w.ToString())
            .Where(name => pieces.Any(p => !p.Piece.Answers(name) && p.Piece.Swaps.Any(s => s.Name == name)))
            .ToEq();

    private bool Fits(Score score, List<CoursePiece> fed, Eq<string> counters)
    {
        var strands = fed.SelectMany(p => p.Strands).Where(s => counters.Count == 0 || counters.Contains(s.Key)).ToList();
        var counted = Counted(fed, strands);
        var tasks = counted.Select(x => x.t);
        if (fed.Any(p => !p.IsCounted && !p.Piece.IsHeaviest))
        {
            return false;
        }

        var sentence = score.Measure switch
        {
            Measure.BestLoad or Measure.SumOfBestLoads when fed.Any(p => !p.Piece.IsHeaviest) =>
                $"{fed.First(p => !p.Piece.IsHeaviest).Piece.Name} has no heaviest set, so there is no best load.",
            Measure.BestLoad or Measure.SumOfBestLoads when fed.Any(p => p.Piece.IsRising) =>
                $"{fed.First(p => p.Piece.IsRising).Piece.Name} has a height that rises; score height.",
            Measure.Height when fed.Any(p => !p.Piece.IsRising) =>
                $"{fed.First(p => !p.Piece.IsRising).Piece.Name} has no height that rises: write max cm, and from which height it goes up.",
            Measure.Height when fed.Count > 1 => "A height is taken of one part; name it: height of A.",
            Measure.Height when course.Address.Division.IsTeam && fed[0].Piece.Seat is null =>
                "A height is one athlete’s; in a team it needs a relay, and a score of each member.",
            Measure.SumOfBestLoads when !course.Address.Division.IsTeam && fed.Count < 2 && score.Selection is null =>
                $"{course.Address.Division.Name} is for one athlete; a sum of best loads needs several lifters, or several parts.",
            _ when SelectionMisfit(score.Selection, fed) is { } misfit => misfit,
            Measure.FullIntervals when fed.Count > 1 || fed[0].Plain is null =>
                "Full intervals need one part that is every so often a list, with nothing beside it.",
            Measure.Time or Measure.HallClock when fed.Exists(p => p.Plain is { CarriesOver: not true }) =>
                "Intervals that begin anew have no finishing time. Score reps or full intervals.",
            Measure.Time when score.Selection is not null && fed.FirstOrDefault(p => p.Total(Tally.Units) is null) is { } endless =>
                $"{endless.Piece.Name} has no end, so it has no time.",
            Measure.Time when score.Selection is not null && CapOf(score).Rule is CapRule.Penalty or CapRule.AddDone =>
                "A cycle that is not finished has no time here: say unfinished: cap line by reps.",
            Measure.Time or Measure.HallClock when fed.Count > 1 && score.Selection is null =>
                "A time is taken of one part; name it: time of A.",
            Measure.Time or Measure.HallClock when fed[0].Piece.IsHeaviest => Tried(fed[0]),
            Measure.Time or Measure.HallClock when fed[0].Total(Tally.Units) is null =>
                "A time needs work with an end; this work has none. Score reps instead.",
            Measure.RoundsAndReps when strands is not [{ Counter.IsOneLoop: true }] =>
                "Rounds and reps need one part that is a single loop of rounds. Score reps instead.",
            Measure.Reps
            or Measure.RoundsAndReps
            or Measure.Calories
            or Measure.Metres
            or Measure.Seconds
            or Measure.Kilograms
            or Measure.Pounds
            or Measure.FullIntervals
            or Measure.Points when fed.FirstOrDefault(p => p.Piece.IsHeaviest) is { } tried => Tried(tried),
            Measure.Calories when tasks.All(t => t.Unit != AmountUnit.Calorie) => "No task of this work is in calories.",
            Measure.Seconds when tasks.All(t => t.Unit != AmountUnit.Second) => "No task of this work is in seconds.",
            Measure.Kilograms or Measure.Pounds => LoadMoved.Misfit(score, counted, course),
            Measure.Metres when tasks.All(t => t.Unit is not (AmountUnit.Metre or AmountUnit.Foot)) => "No task of this work is in metres.",
            _ => null,
        };
        problems.AddRange(sentence is null ? [] : [new(score.At, sentence)]);
        return sentence is null;
    }

    /// <summary>The tasks that some counters count, with their pieces.</summary>
    private static List<(CoursePiece p, CourseTask t)> Counted(List<CoursePiece> fed, List<CourseStrand> strands) =>
        fed.SelectMany(p =>
                p.Tasks.Where(t => p.Strands.Any(s => strands.Contains(s) && s.Counter.DepthOf(t.Index) is not null)).Select(t => (p, t))
            )
            .ToList();

    private static string Tried(CoursePiece piece) =>
        piece.Piece.IsRising ? "A height that rises is scored by height." : "A heaviest set is scored by best load.";

    private static (CapRule? Rule, Tally By) CapOf(Score score)
    {
        foreach (var line in score.Lines)
        {
            switch (line)
            {
                case ScoreLine.CapLine c:
                    return (new CapRule.CapLine(), By(c.By));
                case ScoreLine.Penalty { Each: { } each } p:
                    return (p.Missing ? new CapRule.Penalty(each, FromLongest: !p.FromOwnCap) : new CapRule.AddDone(each), By(p.Of));
            }
        }

        return (null, Tally.Credit);
    }

    private static Tally By(CountedAs by) =>
        by switch
        {
            CountedAs.Calories => Tally.Calories,
            CountedAs.Metres => Tally.Millimetres,
            _ => Tally.Credit,
        };

    private Eq<Tiebreak> TiesOf(Score score, List<CoursePiece> fed)
    {
        var ties = new List<Tiebreak>();
        foreach (var line in score.Lines)
        {
            if (TieOf(line, score, fed) is not { } tie)
            {
                continue;
            }

            if (ties.Contains(tie))
            {
                problems.Add(new(line.At, "This tie-break is there already; a second time it decides nothing."));
            }
            else if (ties.LastOrDefault() is Tiebreak.Shared)
            {
                problems.Add(new(line.At, "After a shared place no further tie-break is asked; put shared last."));
            }
            else
            {
                ties.Add(tie);
            }
        }

        return ties.ToEq();
    }

    private Tiebreak? TieOf(ScoreLine line, Score score, List<CoursePiece> fed)
    {
        switch (line)
        {
            case ScoreLine.TieShared:
                return new Tiebreak.Shared();
            case ScoreLine.TieScore t:
                var other = workout.Scores.ToList().FindIndex(s => s.Label == t.Label);
                if (other >= 0 && !ReferenceEquals(workout.Scores[other], score))
                {
                    return new Tiebreak.Other(t.Label);
                }

                problems.Add(new(line.At, other < 0 ? $"There is no score called {t.Label}." : "A score cannot break its own ties."));
                return null;
            case ScoreLine.TieMeasure t:
                return PiecesOf(t.Measure, t.Of, t.At) is { Count: > 0 } more && !IsTime(t.Measure) && !IsLoad(t.Measure)
                    ? new Tiebreak.MoreOf(
                        TallyOf(t.Measure),
                        more.Select(p => p.Piece.Key).ToEq(),
                        t.Measure,
                        t.Of.Select(w => w.ToString()).ToEq()
                    )
                    {
                        Counters = CountersOf(t.Of),
                    }
                    : Problem(t, "This tie-break counts; a time or a load is taken from another score: tie: score B.");
            case ScoreLine.TieLowestMember:
                return !fed.All(p => p.Piece.Seat is not null)
                        ? Problem(line, "Nobody's own count is on the card here, so there is no lowest member.")
                    : OwnParts.Misfit(fed) is { } mixed ? Problem(line, mixed)
                    : new Tiebreak.LowestMember(fed.Select(p => p.Piece.Key).ToEq());
            case ScoreLine.TieTime { Mark: TieMark.LastGate }:
                return fed[0].Strand is { } gated && gated.Gates().Count > 0
                    ? new Tiebreak.TimeAtGate(fed[0].Piece.Key)
                    : Problem(line, "This work has no gate, so there is no time at a gate.");
            case ScoreLine.TieTime { Mark: TieMark.Checkpoint or TieMark.Rep or TieMark.Half } t:
                return MarkOf(t, fed[0]) is { } mark ? new Tiebreak.TimeAtMark(fed[0].Piece.Key, mark) : null;
            case ScoreLine.TieTime t:
                if (fed[0].Strand is not { HasRounds: true } strand)
                {
                    return Problem(line, "This work has no rounds, so there is no time at a round.");
                }

                return t.Round is { } round && (round < 1 || round > (strand.Rounds ?? long.MaxValue))
                    ? Problem(line, $"There are {strand.Rounds} rounds, so no round {round}.")
                    : new Tiebreak.TimeAtRound(fed[0].Piece.Key, t.Mark == TieMark.LastFullRound ? null : t.Round);
            default:
                return null;
        }
    }

    private NamedMark? MarkOf(ScoreLine.TieTime tie, CoursePiece piece)
    {
        var (mark, sentence) = tie.Mark switch
        {
            TieMark.Checkpoint => (NamedMark.Checkpoints(piece).FirstOrDefault(m => m.Name == tie.Name), Named(tie.Name!, piece)),
            TieMark.Rep => (
                NamedMark.RepOf(piece, tie.Name!, tie.Round ?? 0),
                $"There is no rep {tie.Round} of {tie.Name} in {piece.Piece.Name}."
            ),
            _ => (NamedMark.HalfOf(piece), "Work without end has no half."),
        };
        if (mark is null)
        {
            problems.Add(new(tie.At, sentence));
        }

        return mark;
    }

    private static string Named(string name, CoursePiece piece) =>
        NamedMark.Checkpoints(piece).Select(m => m.Name).ToList() is { Count: > 0 } names
            ? $"There is no checkpoint called {name}; there is {Words.Join(names)}."
            : $"There is no checkpoint called {name}. Set it where it stands: checkpoint {name}.";

    private Tiebreak? Problem(ScoreLine line, string sentence)
    {
        problems.Add(new(line.At, sentence));
        return null;
    }
}
