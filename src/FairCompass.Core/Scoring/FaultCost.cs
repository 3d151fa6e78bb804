using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>
/// What a fault costs that is no part of a rep: time added to a time, reps taken off a count. It is the same however much work was done,
/// so more work never ranks lower for it.
/// </summary>
public static class FaultCost
{
    private const long MostTimes = 1000;

    /// <summary>The costs of a score, in the order of its lines.</summary>
    internal static IEnumerable<ScoreLine.FaultCosts> Of(ScoreComponent c) => c.Source.Lines.OfType<ScoreLine.FaultCosts>();

    /// <summary>How often a fault was called over the pieces of a score.</summary>
    private static long Times(ScoreComponent c, string fault, RunObservation run) =>
        c.Pieces.Sum(k => run.Of(k).Faults.Where(f => f.Fault == fault).Sum(f => f.Times));

    /// <summary>The result with what the faults cost. Who did not finish has no time for one to be added to, unless missing work is
    /// turned into time.</summary>
    internal static ComponentResult Applied(ScoreComponent c, RunObservation run, ComponentResult result, Tongue tongue)
    {
        foreach (var cost in Of(c))
        {
            var times = Times(c, cost.Fault, run);
            if (times == 0 || result.Class is not ResultClass.Scored)
            {
                continue;
            }

            var called = $"{Words.Count(times, "fault")}: {cost.Fault}";
            if (cost.Time is { } each && c.Measured == Measured.Time)
            {
                var added = Math.Min(Count.Times(times, each.Ms), cost.MostTime?.Ms ?? long.MaxValue);
                var time = new Duration(result.Value + added);
                result = result with
                {
                    Value = time.Ms,
                    Text = time.ToString(),
                    Reasons = result.Reasons.Append($"{called}, {new Duration(added)} added: {time}.").ToEq(),
                };
            }
            else if (cost.Units is { } units && c.Measured == Measured.Units)
            {
                var off = Math.Min(Count.Times(times, units), cost.MostUnits ?? long.MaxValue);
                var left = Math.Max(0, -result.Value - off);
                result = result with
                {
                    Value = -left,
                    Text = $"{left} {tongue.Say(left == 1 ? Term.Of(c.Word).One : Term.Of(c.Word).Many)}",
                    Reasons = result.Reasons.Append($"{called}, {off} taken off: {left}.").ToEq(),
                };
            }
        }

        return result;
    }

    /// <summary>Why a cost cannot be applied to a score; null where it can.</summary>
    internal static ScoreProblem? Misfit(Score score) =>
        score
            .Lines.OfType<ScoreLine.FaultCosts>()
            .Select(l => Wrong(score, l) is { } sentence ? new ScoreProblem(l.At, sentence) : null)
            .FirstOrDefault(p => p is not null);

    private static string? Wrong(Score score, ScoreLine.FaultCosts l) =>
        l.Time is { Ms: 0 } || l.Units == 0 ? "A fault that costs nothing needs no line."
        : l.MostTime < l.Time || l.MostUnits < l.Units ? "At most cannot be less than one fault costs."
        : l.Time is not null && score.Measure is not (Measure.Time or Measure.HallClock)
            ? "Time is added to a time; a count loses reps: penalty: -1 rep for each …"
        : l.Units is not null && score.Measure is not (Measure.Reps or Measure.Points or Measure.Calories)
            ? "Reps are taken off a count of reps; a time grows: penalty: 0:05 for each …"
        : score.Selection is not null ? "A choice among several results leaves open to which of them a fault belongs."
        : null;

    /// <summary>The faults that are called and counted in a piece: of each score in the first that it is taken of.</summary>
    /// <param name="piece">The piece’s key.</param>
    /// <param name="sheet">The scores.</param>
    public static Eq<string> Named(string piece, ScoreSheet sheet) => Called(piece, sheet).Select(l => l.Fault).ToEq();

    private static IEnumerable<ScoreLine.FaultCosts> Called(string piece, ScoreSheet sheet) =>
        sheet.Components.Where(c => c.Pieces.Count > 0 && c.Pieces[0] == piece).SelectMany(Of).DistinctBy(l => l.Fault);

    /// <summary>The fields of a card: how often each fault was called in the first piece of its score.</summary>
    internal static IEnumerable<CardField> Fields(CoursePiece piece, string name, ScoreSheet sheet, Tongue tongue) =>
        Called(piece.Piece.Key, sheet)
            .Select(l => new CardField(
                piece.Piece.Key,
                CardFieldKind.Faults,
                name + tongue.Say($"faults called: {Named(l.Fault, tongue)}", $"faltas cantadas: {Named(l.Fault, tongue)}"),
                tongue.Say("count of the strokes; empty for none", "número de rayas; vacío si no hay"),
                MostTimes,
                null
            )
            {
                Fault = l.Fault,
            });

    /// <summary>What cannot have been called.</summary>
    internal static IEnumerable<FieldError> Objections(PieceObservation seen, IReadOnlyList<CardField> fields)
    {
        var named = fields.Where(f => f.Field == CardFieldKind.Faults).Select(f => f.Fault!).ToEq();
        for (var i = 0; i < seen.Faults.Count; i++)
        {
            if (Objection(seen.Faults[i], named) is { } wrong)
            {
                yield return wrong with
                {
                    Path = $"faults[{i}].{wrong.Path}",
                };
            }
            else if (seen.Faults.Take(i).Any(f => f.Fault == seen.Faults[i].Fault))
            {
                yield return new($"faults[{i}].fault", "This fault is on the card twice.");
            }
        }
    }

    /// <summary>Why a fault cannot have been called so often; null where it can.</summary>
    internal static FieldError? Objection(FaultSeen seen, Eq<string> named) =>
        !named.Contains(seen.Fault) ? new("fault", $"No fault called {seen.Fault} has a cost here.")
        : seen.Times is < 0 or > MostTimes ? new("times", $"From 0 to {MostTimes}.")
        : null;

    /// <summary>A fault in a language; one that is not usual stays as its author wrote it.</summary>
    internal static string Named(string fault, Tongue tongue) => tongue.IsSpanish ? Glossary.Usual(fault, tongue) : fault;

    /// <summary>Each cost as a sentence with its call.</summary>
    internal static IEnumerable<string> Sentences(Score score, Tongue tongue) =>
        score.Lines.OfType<ScoreLine.FaultCosts>().Select(l => Said(l, score.Lines.Any(o => o is ScoreLine.Penalty), tongue));

    private static string Said(ScoreLine.FaultCosts l, bool missingIsTime, Tongue tongue)
    {
        var fault = Named(l.Fault, tongue);
        var most = (object?)l.MostTime ?? l.MostUnits;
        var limit = most is null ? "" : tongue.Say($", at most {most} in all", $", como mucho {most} en total");
        var stopped = missingIsTime
            ? tongue.Say("Who does not finish has it added too.", "A quien no termina también se le añade.")
            : tongue.Say("Who does not finish has no time to add it to.", "Quien no termina no tiene tiempo al que añadirla.");
        return l.Time is { } time
            ? tongue.Say(
                $"Each {fault} adds {time}{limit}: the judge calls “{fault}, {time}” and makes a stroke. {stopped}",
                $"Cada falta ({fault}) añade {time}{limit}: el juez canta «{fault}, {time}» y hace una raya. {stopped}"
            )
            : tongue.Say(
                $"Each {fault} takes off {Words.Count(l.Units ?? 0, "rep")}{limit}, never below zero: "
                    + $"the judge calls “{fault}, minus {l.Units}” and makes a stroke.",
                $"Cada falta ({fault}) quita {l.Units} {(l.Units == 1 ? "repetición" : "repeticiones")}{limit}, "
                    + $"nunca por debajo de cero: el juez canta «{fault}, menos {l.Units}» y hace una raya."
            );
    }
}
