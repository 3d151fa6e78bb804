using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Classes of a rank key. The kinds of nothing are ranked in this stated order, but for <see cref="NotScored"/>, which came
/// later and kept everybody else’s number.</summary>
public enum ResultClass
{
    /// <summary>Finished, or measured.</summary>
    Scored = 0,

    /// <summary>At the cap under the cap line.</summary>
    AtTheCap = 1,

    /// <summary>Tried without a good lift.</summary>
    NoGoodLift = 2,

    /// <summary>Zero: nothing was done or tried.</summary>
    Zero = 3,

    /// <summary>That part was never reached.</summary>
    NotReached = 4,

    /// <summary>Withdrew.</summary>
    Withdrew = 5,

    /// <summary>Did not start.</summary>
    DidNotStart = 6,

    /// <summary>Shown without a place: no judge was there, or a reviewer has left it open.</summary>
    Unranked = 7,

    /// <summary>A lifter had no good lift, and the workout does not score without: ranked between <see cref="NotReached"/> and
    /// <see cref="Withdrew"/>.</summary>
    NotScored = 8,
}

/// <summary>One component's score of one run.</summary>
/// <param name="Class">The class it is ranked in.</param>
/// <param name="Value">The value within the class; smaller is better.</param>
/// <param name="Ties">Tie values in order; smaller is better; <see cref="long.MaxValue"/> where there is none.</param>
/// <param name="Text">The score as published.</param>
/// <param name="TieText">The tie-break value as published, or null.</param>
/// <param name="Reasons">How it came about, in sentences.</param>
public sealed record ComponentResult(ResultClass Class, long Value, Eq<long> Ties, string Text, string? TieText, Eq<string> Reasons);

/// <summary>Turns observations into scores. A pure function: the same facts always give the same scores.</summary>
public static partial class Scorer
{
    /// <summary>The score of every component. The observation must have passed <see cref="Card.Validate"/>.</summary>
    /// <param name="run">What the card says.</param>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="sheet">Its scores.</param>
    /// <param name="unit">The unit of lifted loads.</param>
    public static Eq<ComponentResult> Score(RunObservation run, Course course, ScoreSheet sheet, MassUnit unit) =>
        Score(run, course, sheet, unit, Tongue.English);

    /// <summary>The score of every component with its published text in a language; the reasons, which no paper prints, are in
    /// English.</summary>
    /// <param name="run">What the card says.</param>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="sheet">Its scores.</param>
    /// <param name="unit">The unit of lifted loads.</param>
    /// <param name="tongue">The language of <see cref="ComponentResult.Text"/> and <see cref="ComponentResult.TieText"/>.</param>
    public static Eq<ComponentResult> Score(RunObservation run, Course course, ScoreSheet sheet, MassUnit unit, Tongue tongue)
    {
        var taken = course.With(run.Choices);
        run = Tallying.Own(run, taken);
        var plain = sheet.Components.Select(c => Plain(c, run, taken, sheet, unit, tongue)).ToList();
        return plain.Select((r, i) => WithTies(r, sheet.Components[i], run, taken, sheet, plain, tongue)).ToEq();
    }

    /// <summary>The score of several submissions: the best, or the last, of each component by the workout's rule.</summary>
    /// <param name="attempts">In the order in which they were made; at least one.</param>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="sheet">Its scores; without a rule for attempts the best counts.</param>
    /// <param name="unit">The unit of lifted loads.</param>
    public static Eq<ComponentResult> Score(IReadOnlyList<RunObservation> attempts, Course course, ScoreSheet sheet, MassUnit unit)
    {
        var each = attempts.Take(sheet.Attempts?.N ?? int.MaxValue).Select(a => Score(a, course, sheet, unit)).ToList();
        if (each.Count == 1)
        {
            return each[0];
        }

        return Enumerable
            .Range(0, sheet.Components.Count)
            .Select(i =>
            {
                var chosen = 0;
                for (var a = 1; a < each.Count; a++)
                {
                    chosen = sheet.Attempts is { Best: false } || Ranking.Compare(each[a][i], each[chosen][i]) < 0 ? a : chosen;
                }

                var which =
                    $"The {Words.Ordinal(chosen + 1)} of {each.Count} submissions counts: the "
                    + $"{(sheet.Attempts is { Best: false } ? "last" : "best")} ({string.Join(", ", each.Select(e => e[i].Text))}"
                    + ").";
                return each[chosen][i] with { Reasons = each[chosen][i].Reasons.Append(which).ToEq() };
            })
            .ToEq();
    }

    private static ComponentResult Plain(
        ScoreComponent c,
        RunObservation run,
        Course course,
        ScoreSheet sheet,
        MassUnit unit,
        Tongue tongue
    )
    {
        if (run.Status == EntryStatus.DidNotStart)
        {
            return Nothing(ResultClass.DidNotStart, tongue.Say("did not start", "no salió"), "Did not start: ranked after everybody else.");
        }

        if (run.Status == EntryStatus.Withdrew)
        {
            return Nothing(ResultClass.Withdrew, tongue.Say("withdrew", "se retiró"), "Withdrew: ranked after all who ran to the end.");
        }

        if (c.Before is { } before && !Tallying.Finished(run.Of(before)))
        {
            var name = course.Piece(before)!.Piece.Name;
            return c.NotReachedIsZero == true
                ? Nothing(ResultClass.Zero, "0", $"{name} was not finished, so {c.Name} is zero.")
                : Nothing(
                    ResultClass.NotReached,
                    tongue.Say("not reached", "no llegó"),
                    $"{name} was not finished, so this part was never reached."
                );
        }

        if (Short(c, run, course, tongue) is { } none)
        {
            return none;
        }

        var result = FaultCost.Applied(
            c,
            run,
            c.Measured switch
            {
                Measured.Time => Time(c, run, course, sheet, tongue),
                Measured.Load or Measured.SumOfLoads => Load(c, run, course, sheet, unit, tongue),
                Measured.Height => Height(c, run, course, sheet, tongue),
                Measured.Intervals => FullIntervals(c, run, course, tongue),
                _ => Units(c, run, course, sheet, tongue),
            },
            tongue
        );
        result = Adjusted(c, run, result);
        result = result with { Reasons = result.Reasons.Concat(ByMember(c, run, course)).ToEq() };
        return Placed(c, run, sheet, result);
    }

    /// <summary>The result with what speaks against a place, and with distances that do not count.</summary>
    private static ComponentResult Placed(ScoreComponent c, RunObservation run, ScoreSheet sheet, ComponentResult result)
    {
        if (c.Pieces.Select(k => run.Of(k).Beyond).OfType<string>().ToList() is { Count: > 0 } beyond)
        {
            result = result with { Reasons = result.Reasons.Concat(beyond).ToEq() };
        }

        return run.Unjudged
                ? result with
                {
                    Class = ResultClass.Unranked,
                    Value = 0,
                    Reasons = result.Reasons.Append("No judge was there: the score is shown and has no place.").ToEq(),
                }
            : sheet.UnverifiedIsNoRep == false && c.Pieces.Any(k => run.Of(k).Unverified > 0)
                ? result with
                {
                    Class = ResultClass.Unranked,
                    Value = 0,
                    Reasons = result.Reasons.Append("Units could not be verified and are undecided: there is no place yet.").ToEq(),
                }
            : result;
    }

    /// <summary>The result after what the head judge added or took away. Zero and who never got there stay what they are.</summary>
    private static ComponentResult Adjusted(ScoreComponent c, RunObservation run, ComponentResult result)
    {
        foreach (var a in run.Adjustments.Where(a => a.Component == c.Name && result.Class is ResultClass.Scored or ResultClass.AtTheCap))
        {
            var timed = result.Class == ResultClass.Scored && c.Measured == Measured.Time;
            var by =
                timed ? a.Time?.Ms ?? 0
                : c.Measured is Measured.Load or Measured.SumOfLoads or Measured.Height ? 0
                : -(a.Credit ?? 0);
            if (by == 0)
            {
                continue;
            }

            var value = result.Value + by;
            var (sign, size) = (timed ? by > 0 : by < 0) ? ("+", Math.Abs(by)) : ("−", Math.Abs(by));
            var what = timed ? $"{sign} {new Duration(size)}" : $"{sign} {Words.Count(size, c.Word)}";
            result = result with
            {
                Value = timed ? Math.Max(0, value) : Math.Min(0, value),
                Text = timed ? new Duration(Math.Max(0, value)).ToString() : $"{result.Text} ({what}: {Amount(-Math.Min(0, value), c)})",
                Reasons = result.Reasons.Append($"Head judge: {what}. {a.Reason}").ToEq(),
            };
        }

        return result;
    }

    private static ComponentResult Units(ScoreComponent c, RunObservation run, Course course, ScoreSheet sheet, Tongue tongue)
    {
        if (c.Selection is { } pick)
        {
            return Picked(pick, c, run, course, sheet, tongue);
        }

        var sum = 0L;
        var parts = new List<string>();
        foreach (var key in c.Pieces)
        {
            var piece = course.Piece(key)!;
            var seen = run.Of(key);
            var units = Tallying.Of(seen, piece, c.Tally, sheet.UnverifiedIsNoRep == true, c.Takes);
            sum = Count.Add(sum, units);
            parts.Add($"{(piece.Piece.IsNamed ? $"{piece.Piece.Name}: " : "")}{Details(c, seen, piece, units)}");
        }

        sum = Count.Add(sum, LoadMoved.ByMember(c, run, course));
        sum = Math.Max(0, sum - NotCounted(c, run, course));
        if (sum == 0)
        {
            return Nothing(ResultClass.Zero, "0", $"No {c.Word} was counted.");
        }

        var rounds = Rounds(c, run, course, sheet, sum);
        var text =
            c.Measured == Measured.RoundsAndUnits && rounds is { } r
                ? $"{r.Full} + {r.Beyond}"
                : $"{Amount(sum, c)} {tongue.Say(sum == 1 ? Term.Of(c.Word).One : Term.Of(c.Word).Many)}";
        var reasons = new List<string> { string.Join("; ", parts) + "." };
        if (c.Pieces.Count > 1)
        {
            reasons.Add($"Together {text}.");
        }
        else if (rounds is { } full)
        {
            reasons.Add(
                $"{Words.Count(full.Full, "full round")} ({Words.Count(sum - full.Beyond, c.Word)}) and "
                    + $"{Words.Count(full.Beyond, c.Word)} of the next."
            );
        }

        if (sheet.UnverifiedIsNoRep == true && c.Pieces.Sum(k => run.Of(k).Unverified ?? 0) is > 0 and var doubtful)
        {
            reasons.Add($"{Words.Count(doubtful, "unit")} could not be verified and {(doubtful == 1 ? "is" : "are")} no rep.");
        }

        return new(ResultClass.Scored, -sum, [], text, null, reasons.ToEq());
    }

    /// <summary>Full rounds of work that is a single loop, and what counts beyond the last; null where there are none to tell.</summary>
    private static (long Full, long Beyond)? Rounds(ScoreComponent c, RunObservation run, Course course, ScoreSheet sheet, long sum)
    {
        if (
            c.Pieces.Count != 1
            || c.Tally.Of != TallyOf.Credit
            || course.Piece(c.Pieces[0])!.Strands.Where(c.Takes).ToList() is not [{ Counter: { IsOneLoop: true } strand } only]
        )
        {
            return null;
        }

        var seen = run.Of(c.Pieces[0]);
        var doubtful = sheet.UnverifiedIsNoRep == true ? seen.Unverified ?? 0 : 0;
        var units = Tallying.Counts(seen, course.Piece(c.Pieces[0])!).First(x => ReferenceEquals(x.Strand, only)).Units;
        return seen.Ticks is null && strand.FullRounds(Math.Max(0, units - doubtful)) is { } rounds
            ? (rounds.Full, sum - strand.Sum(strand.UnitsAfterRound(rounds.Full) ?? 0, c.Tally))
            : null;
    }

    /// <summary>What was done, in performed units, and what it is credited when that is another number.</summary>
    private static string Details(ScoreComponent c, PieceObservation seen, CoursePiece piece, long credited)
    {
        var counts = Tallying.Counts(seen, piece).Where(x => x.Units > 0 && c.Takes(x.Strand)).ToList();
        if (piece.Strand is not null)
        {
            var units = counts.Count == 0 ? 0 : counts[0].Units;
            var plain = c.Tally.Of == TallyOf.Credit && units == credited;
            return plain
                ? Words.Count(credited, c.Word) + PlaceWords(piece, units)
                : $"{Words.Count(units, "unit")}{PlaceWords(piece, units)}, {Amount(credited, c)} {Credited(c)}";
        }

        return counts.Count == 0
            ? "nothing"
            : string.Join(", ", counts.Select(x => $"{x.Strand.Name} {x.Units}"))
                + (counts.Sum(x => x.Units) == credited ? "" : $", {Amount(credited, c)} {Credited(c)}");
    }

    private static string Credited(ScoreComponent c) =>
        c.Tally.Of switch
        {
            TallyOf.Calories => "calories",
            TallyOf.Millimetres => "m",
            TallyOf.Seconds => "seconds",
            TallyOf.Load => c.Words,
            _ => "credited",
        };

    private static string Amount(long value, ScoreComponent c) =>
        c.Tally.Of is TallyOf.Millimetres or TallyOf.Load ? Number.Normal(value / 1000m) : value.ToString(CultureInfo.InvariantCulture);

    private static ComponentResult Nothing(ResultClass cls, string text, string reason) => new(cls, 0, [], text, null, [reason]);

    /// <summary>Where a count stands, such as <c> (round 3, air bike 13 of 14)</c>; empty at zero.</summary>
    public static string PlaceWords(CoursePiece piece, long units)
    {
        if (units <= 0 || piece.Strand is not { } strand || units > (strand.Units ?? long.MaxValue))
        {
            return "";
        }

        var place = strand.At(units);
        var round = place.Rounds.Count == 0 ? "" : $"round {string.Join('·', place.Rounds)}, ";
        var task = piece.Tasks[place.Task];
        var word = task.Counted.Word is "rep" or "cal" or "m" or "ft" ? "" : task.Counted.Word.Split(' ')[0] + " ";
        return $" ({round}{task.Prescription.Movement.Value} {word}{place.Unit}{(place.Of is { } of ? $" of {of}" : "")})";
    }
}
