using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Classes of a rank key, best first. The kinds of nothing are ranked in this stated order.</summary>
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
public static class Scorer
{
    /// <summary>The score of every component. The observation must have passed <see cref="Card.Validate"/>.</summary>
    public static Eq<ComponentResult> Score(RunObservation run, Course course, ScoreSheet sheet, MassUnit unit)
    {
        var plain = sheet.Components.Select(c => Plain(c, run, course, unit)).ToList();
        return plain.Select((r, i) => WithTies(r, sheet.Components[i], run, plain)).ToEq();
    }

    private static ComponentResult Plain(ScoreComponent c, RunObservation run, Course course, MassUnit unit)
    {
        if (run.Status == EntryStatus.DidNotStart)
        {
            return Nothing(ResultClass.DidNotStart, "did not start", "Did not start: ranked after everybody else.");
        }

        if (run.Status == EntryStatus.Withdrew)
        {
            return Nothing(ResultClass.Withdrew, "withdrew", "Withdrew: ranked after all who ran to the end.");
        }

        if (c.Before is { } before && run.Of(before).Finish is null)
        {
            var name = course.Pieces.First(p => p.Piece.Key == before).Piece.Name;
            return c.NotReachedIsZero == true
                ? Nothing(ResultClass.Zero, "0", $"{name} was not finished, so {c.Name} is zero.")
                : Nothing(ResultClass.NotReached, "not reached", $"{name} was not finished, so this part was never reached.");
        }

        return c.Measured switch
        {
            Measured.Time => Time(c, run, course),
            Measured.Load => Load(c, run, unit),
            _ => Units(c, run, course),
        };
    }

    private static ComponentResult Time(ScoreComponent c, RunObservation run, Course course)
    {
        var piece = course.Pieces.First(p => p.Piece.Key == c.Pieces[0]);
        var seen = run.Of(piece.Piece.Key);
        var start = piece.Piece.Starts ?? Duration.Zero;
        var cap = piece.Piece.Window ?? Duration.Zero;
        var total = piece.Strand!.Units!.Value;
        if (seen.Finish is { } finish)
        {
            var time = finish - start;
            var clock = start > Duration.Zero ? $" The clock showed {finish}; the part began at {start}." : "";
            return new(ResultClass.Scored, time.Ms, [], time.ToString(), null, [$"All {total} reps done in {time}, inside the cap of {cap}.{clock}"]);
        }

        var units = seen.Units ?? 0;
        var where = PlaceWords(piece, units);
        var rule = c.Cap ?? new CapRule.CapLine();
        var (cls, value) = rule.Key(null, units, total, new Limit(cap, []));
        return rule switch
        {
            CapRule.Penalty p => new(ResultClass.Scored, value, [], $"{new Duration(value)} ({units} of {total})", null,
                [$"Not finished: {units} of {total} reps when the cap of {cap} was reached{where}.",
                 $"{Words.Count(total - units, "rep")} missing × {p.Each} = {new Duration((total - units) * p.Each.Ms)}; {cap} + that = {new Duration(value)}."]),
            CapRule.AddDone a => new(ResultClass.Scored, value, [], $"{new Duration(value)} ({units} of {total})", null,
                [$"{cap} + {units} × {a.Each} = {new Duration(value)}. This rule ranks more work lower and cannot be published."]),
            _ => new((ResultClass)cls, value, [], $"{units} of {total} at the cap", null,
                [$"Not finished: {units} of {total} reps when the cap of {cap} was reached{where}.",
                 "Cap line: ranked after every finisher, by reps done."]),
        };
    }

    private static ComponentResult Units(ScoreComponent c, RunObservation run, Course course)
    {
        var sum = 0L;
        var parts = new List<string>();
        foreach (var key in c.Pieces)
        {
            var piece = course.Pieces.First(p => p.Piece.Key == key);
            var units = run.Of(key) is { } seen && seen.Finish is not null ? piece.Strand!.Units ?? 0 : run.Of(key).Units ?? 0;
            sum += units;
            parts.Add(c.Pieces.Count > 1 ? $"{piece.Piece.Name}: {units}{PlaceWords(piece, units)}" : $"{Words.Count(units, "rep")}{PlaceWords(piece, units)}");
        }

        if (sum == 0)
        {
            return Nothing(ResultClass.Zero, "0", "No rep was counted.");
        }

        var strand = course.Pieces.First(p => p.Piece.Key == c.Pieces[0]).Strand!;
        var rounds = strand.FullRounds(sum);
        var text = c.Measured == Measured.RoundsAndUnits && rounds is { } r ? $"{r.Full} + {r.Beyond}" : Words.Count(sum, "rep");
        var reasons = new List<string> { string.Join("; ", parts) + "." };
        if (c.Pieces.Count > 1)
        {
            reasons.Add($"Together {Words.Count(sum, "rep")}.");
        }
        else if (rounds is { } full)
        {
            reasons.Add($"{Words.Count(full.Full, "full round")} ({strand.UnitsAfterRound(full.Full) ?? 0} reps) and {Words.Count(full.Beyond, "rep")} of the next.");
        }

        return new(ResultClass.Scored, -sum, [], text, null, reasons.ToEq());
    }

    private static ComponentResult Load(ScoreComponent c, RunObservation run, MassUnit unit)
    {
        var tries = c.Pieces.SelectMany(k => run.Of(k).Tries).ToList();
        var good = tries.Where(t => t.Made).Select(t => t.Load).DefaultIfEmpty(0).Max();
        var listed = string.Join(", ", tries.Select(t => $"{new Mass(t.Load, unit)} {(t.Made ? "made" : "missed")}"));
        return tries.Count == 0 ? Nothing(ResultClass.Zero, "0", "Reached, but no lift was tried.")
            : good == 0 ? Nothing(ResultClass.NoGoodLift, "no good lift", $"Tried without a good lift: {listed}.")
            : new(ResultClass.Scored, -(long)(good * 1000), [], new Mass(good, unit).ToString(), null, [$"{listed}: the heaviest good lift is {new Mass(good, unit)}."]);
    }

    private static ComponentResult WithTies(ComponentResult result, ScoreComponent c, RunObservation run, List<ComponentResult> all)
    {
        var values = new List<long>();
        var texts = new List<string>();
        if (run.Status == EntryStatus.Ran)
        {
            foreach (var tie in c.Ties)
            {
                switch (tie)
                {
                    case Tiebreak.TimeAtRound t:
                        var time = run.Of(t.Piece).TieTime;
                        values.Add(time?.Ms ?? long.MaxValue);
                        texts.Add((t.Round is { } r ? $"round {r} at " : "last full round at ") + (time?.ToString() ?? "no time"));
                        break;
                    case Tiebreak.Other o when o.Component < all.Count:
                        values.Add((long)all[o.Component].Class);
                        values.Add(all[o.Component].Value);
                        texts.Add(all[o.Component].Text);
                        break;
                }
            }
        }

        return result with { Ties = values.ToEq(), TieText = texts.Count == 0 ? null : string.Join(", then ", texts) };
    }

    private static ComponentResult Nothing(ResultClass cls, string text, string reason) => new(cls, 0, [], text, null, [reason]);

    /// <summary>Where a count stands, such as <c>, in round 3, air bike 13 of 14</c>; empty at zero.</summary>
    public static string PlaceWords(CoursePiece piece, long units)
    {
        if (units <= 0 || piece.Strand is not { } strand || units > (strand.Units ?? long.MaxValue))
        {
            return "";
        }

        var place = strand.At(units);
        var round = place.Rounds.Count == 0 ? "" : $"round {string.Join('·', place.Rounds)}, ";
        return $" ({round}{piece.Tasks[place.Task].Prescription.Movement.Value} {place.Unit}{(place.Of is { } of ? $" of {of}" : "")})";
    }
}
