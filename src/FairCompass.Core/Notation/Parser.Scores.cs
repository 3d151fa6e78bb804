using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

public sealed partial class Parser
{
    private static readonly (string Words, Measure Measure)[] Measures =
    [
        ("time by the hall clock", Measure.HallClock),
        ("time", Measure.Time),
        ("reps", Measure.Reps),
        ("rounds and reps", Measure.RoundsAndReps),
        ("calories", Measure.Calories),
        ("metres", Measure.Metres),
        ("seconds", Measure.Seconds),
        ("kilograms", Measure.Kilograms),
        ("pounds", Measure.Pounds),
        ("points", Measure.Points),
        ("best load", Measure.BestLoad),
        ("height", Measure.Height),
        ("sum of best loads", Measure.SumOfBestLoads),
        ("full intervals", Measure.FullIntervals),
    ];

    private static readonly (string Words, bool Lowest, SelectionOf Of)[] Picks =
    [
        ("lowest cycle", true, SelectionOf.Cycle),
        ("best cycle", false, SelectionOf.Cycle),
        ("lowest member", true, SelectionOf.Member),
        ("best member", false, SelectionOf.Member),
    ];

    private Score? Score(DraftLine line, Cursor c)
    {
        c.Eat("score");
        string? label = null;
        if (!c.EatChar(':'))
        {
            label = char.IsUpper(c.Next) ? c.Name(TokenKind.Name) : null;
            if (label is null || !c.EatChar(':'))
            {
                return Nothing<Score>(c, "After score stands a name with a capital, or a colon.", "score: or score A:");
            }
        }

        if (c.Eat("slowest round") || c.Eat("fastest round"))
        {
            // Who is ahead at every moment may yet have the longer round behind them: 2, 2, 2 minutes against 1, 1, 3.
            return Nothing<Score>(
                c,
                "Who is ahead all the time could have the slower round, so rounds that follow one another are not scored so.",
                "windows that begin at fixed times: 5 cycles, and slowest cycle",
                ["slowest cycle"]
            );
        }

        var timed =
            c.Eat("slowest cycle") ? new Selection(true, 1, SelectionOf.Cycle)
            : c.Eat("fastest cycle") ? new Selection(false, 1, SelectionOf.Cycle)
            : null;
        var pick = timed ?? SelectionIn(c);
        var measure =
            c.Failed ? null
            : timed is not null ? Measure.Time
            : pick is { Of: SelectionOf.Load } ? Measure.SumOfBestLoads
            : pick is null ? MeasureOf(c)
            : c.Eat("by") ? CountOf(c)
            : Measure.Reps;
        var of = measure is null ? null : OfNames(c);
        var lines = All(line.Children, ScoreLineOf);
        return measure is null || of is null ? null : new Score(label, measure.Value, of.Value, lines) { Selection = pick };
    }

    /// <summary>Which of several results counts; null where all do, and after a failure.</summary>
    private static Selection? SelectionIn(Cursor c)
    {
        foreach (var (words, lowest, of) in Picks)
        {
            if (c.Eat(words))
            {
                return new(lowest, 1, of);
            }
        }

        if (!c.Eat("sum of the best"))
        {
            return null;
        }

        return c.Int("how many are added up") is not { } n ? null
            : c.Eat("cycles") || c.Eat("cycle") ? new(false, n, SelectionOf.Cycle)
            : c.Eat("members") || c.Eat("member") ? new(false, n, SelectionOf.Member)
            : c.Eat("loads") || c.Eat("load") ? new(false, n, SelectionOf.Load)
            : Nothing<Selection>(c, "The best of what?", "cycles, members, or loads", ["cycles", "members", "loads"]);
    }

    private static Measure? CountOf(Cursor c)
    {
        foreach (
            var (words, measure) in Measures.Where(m =>
                m.Measure
                    is Measure.Reps
                        or Measure.Calories
                        or Measure.Metres
                        or Measure.Seconds
                        or Measure.Kilograms
                        or Measure.Pounds
                        or Measure.Points
            )
        )
        {
            if (c.Eat(words))
            {
                return measure;
            }
        }

        Nothing<Score>(
            c,
            "By what?",
            "reps, calories, metres, kilograms, seconds, or points",
            ["reps", "calories", "metres", "seconds", "points"]
        );
        return null;
    }

    private static Measure? MeasureOf(Cursor c)
    {
        foreach (var (words, measure) in Measures)
        {
            if (c.Eat(words))
            {
                return measure;
            }
        }

        Nothing<Score>(
            c,
            "What is measured?",
            "time, reps, rounds and reps, calories, metres, points, full intervals, best load, or sum of best loads",
            [.. Measures.Select(m => m.Words)]
        );
        return null;
    }

    private static Eq<Who>? OfNames(Cursor c) =>
        c.Eat("of") ? Names(c)
        : c.Failed ? null
        : new Eq<Who>?([]);

    private ScoreLine? ScoreLineOf(DraftLine line, Cursor c)
    {
        NoChildren(line);
        if (c.Eat("unfinished:"))
        {
            return Unfinished(c);
        }

        if (c.Eat("tie:"))
        {
            return Tie(c);
        }

        if (c.Eat("no good lift:"))
        {
            return c.Eat("zero") ? new ScoreLine.NoGoodLift(LifterWithout.Zero)
                : c.Eat("not scored") ? new ScoreLine.NoGoodLift(LifterWithout.NotScored)
                : c.Eat("the others stand") ? new ScoreLine.NoGoodLift(LifterWithout.OthersStand)
                : Nothing<ScoreLine>(
                    c,
                    "What is the sum when a lifter has no good lift?",
                    "zero, not scored, or the others stand",
                    ["zero", "not scored", "the others stand"]
                );
        }

        if (c.Eat("penalty:"))
        {
            return FaultCosts(c);
        }

        if (c.Eat("partial:"))
        {
            return c.Eat("whole sections") ? new ScoreLine.Partial(PartialDistance.WholeSections)
                : c.Eat("whole metres") ? new ScoreLine.Partial(PartialDistance.WholeMetres)
                : c.Eat("the mark passed") ? new ScoreLine.Partial(PartialDistance.MarkPassed)
                : Nothing<ScoreLine>(
                    c,
                    "What counts of a distance that the clock cuts off?",
                    "whole sections, whole metres, or the mark passed",
                    ["whole sections", "whole metres", "the mark passed"]
                );
        }

        if (c.Eat("weight"))
        {
            return c.Number() is { } weight ? new ScoreLine.Weight(weight) : Nothing<ScoreLine>(c, "How much does it weigh?", "a number");
        }

        if (char.IsUpper(c.Next) && c.HasColonAhead && c.Name(TokenKind.Name, "unfinished") is { } part)
        {
            return !c.Eat("unfinished:") ? Nothing<ScoreLine>(c, "What about this part?", "unfinished: and not reached or zero")
                : c.Eat("not reached") ? new ScoreLine.Cascade(part, true)
                : c.Eat("zero") ? new ScoreLine.Cascade(part, false)
                : Nothing<ScoreLine>(c, $"What is this score when {part} is unfinished?", "not reached, or zero", ["not reached", "zero"]);
        }

        return Nothing<ScoreLine>(
            c,
            "This line is not understood.",
            "unfinished:, tie:, no good lift:, partial:, weight, or A unfinished:",
            ["unfinished:", "tie:", "no good lift:", "partial:", "weight"]
        );
    }

    private static bool OwnCap(Cursor c)
    {
        if (!c.EatChar(','))
        {
            return false;
        }

        if (c.Eat("from the own cap"))
        {
            return true;
        }

        c.Fail("From which cap is the penalty counted?", "nothing, for the longest cap, or from the own cap");
        return false;
    }

    private static ScoreLine? Unfinished(Cursor c)
    {
        if (c.EatChar('+'))
        {
            if (!c.Time(out var each) || !c.Eat("for each"))
            {
                return Nothing<ScoreLine>(c, "For each what?", "for each missing rep");
            }

            var missing = c.Eat("missing");
            CountedAs? of =
                c.Eat("rep") ? CountedAs.Reps
                : c.Eat("calorie") ? CountedAs.Calories
                : c.Eat("metre") ? CountedAs.Metres
                : null;
            if (of is null)
            {
                return Nothing<ScoreLine>(c, "For each what?", "missing rep, missing calorie, or missing metre");
            }

            return !missing && !c.Eat("done")
                ? Nothing<ScoreLine>(c, "Missing, or done?", "missing before it: +0:01 for each missing rep")
                : new ScoreLine.Penalty(each, of.Value, missing, OwnCap(c));
        }

        if (c.Eat("cap line by"))
        {
            return c.Eat("reps") ? new ScoreLine.CapLine(CountedAs.Reps)
                : c.Eat("calories") ? new ScoreLine.CapLine(CountedAs.Calories)
                : c.Eat("metres") ? new ScoreLine.CapLine(CountedAs.Metres)
                : Nothing<ScoreLine>(
                    c,
                    "By what is an unfinished result ordered?",
                    "reps, calories, or metres",
                    ["reps", "calories", "metres"]
                );
        }

        return Nothing<ScoreLine>(
            c,
            "How is an unfinished result scored?",
            "cap line by reps, or +0:01 for each missing rep",
            ["cap line by"]
        );
    }

    private static ScoreLine? Tie(Cursor c)
    {
        if (c.Eat("shared"))
        {
            return new ScoreLine.TieShared();
        }

        if (c.Eat("lowest member"))
        {
            return new ScoreLine.TieLowestMember();
        }

        if (c.Eat("score"))
        {
            return char.IsUpper(c.Next) && c.Name(TokenKind.Name) is { } label
                ? new ScoreLine.TieScore(label)
                : Nothing<ScoreLine>(c, "Which score breaks the tie?", "the score's name");
        }

        if (c.Eat("time at"))
        {
            if (c.Eat("round"))
            {
                return c.Int("which round") is { } round ? new ScoreLine.TieTime(TieMark.Round, round) : null;
            }

            if (c.Eat("half of the work"))
            {
                return new ScoreLine.TieTime(TieMark.Half, null);
            }

            if (c.Eat("rep"))
            {
                return c.Int("which rep") is { } rep && c.Eat("of") && Movement(c) is { } movement
                    ? new ScoreLine.TieTime(TieMark.Rep, rep) { Name = movement }
                    : Nothing<ScoreLine>(c, "Which rep of which movement?", "rep 30 of burpee");
            }

            if (char.IsUpper(c.Next))
            {
                return c.Name(TokenKind.Name) is { } point ? new ScoreLine.TieTime(TieMark.Checkpoint, null) { Name = point } : null;
            }

            return c.Eat("the last full round") ? new ScoreLine.TieTime(TieMark.LastFullRound, null)
                : c.Eat("the last gate passed") ? new ScoreLine.TieTime(TieMark.LastGate, null)
                : Nothing<ScoreLine>(
                    c,
                    "The time at which mark?",
                    "round 2, the last full round, the last gate passed, rep 30 of burpee, half of the work, or a checkpoint",
                    ["round", "the last full round", "the last gate passed", "rep", "half of the work"]
                );
        }

        foreach (var (words, measure) in Measures)
        {
            if (c.Eat(words))
            {
                return OfNames(c) is { Count: > 0 } names
                    ? new ScoreLine.TieMeasure(measure, names)
                    : Nothing<ScoreLine>(c, "Of which part?", "of and a name");
            }
        }

        return Nothing<ScoreLine>(
            c,
            "What decides a tie?",
            "shared, score B, time at round 2, time at the last full round, or lowest member",
            ["shared", "lowest member", "score", "time at"]
        );
    }
}
