using FairCompass.Core.Checks;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Interviewing;

/// <summary>What the mend of a finding leads to, as a scene on the floor with numbers of the workout.</summary>
internal static partial class FindingExamples
{
    /// <summary>What an answer leads to, with numbers of this workout.</summary>
    public static Said Of(Understanding u, Finding finding, Mend mend) =>
        Scene(u, finding, mend)
        ?? ForWhom.Of(u.Courses.Select(c => (c.Address, Example(c, finding, mend))))
        ?? new(mend.Label + ".", mend.Label + ".");

    private static Said? Example(Course course, Finding finding, Mend mend)
    {
        if (finding.Rule == "no-lift-unstated")
        {
            return Without(course, mend);
        }

        if (finding.Rule == "no-score")
        {
            return Scored(course, mend);
        }

        // Of two counters the goal is what a card counts; what comes first in each interval is no part of it.
        var piece = course.Pieces.FirstOrDefault(p => p.Running?.Counter is { Units: > 3 } && p.Limit is not null);
        if (piece is null)
        {
            return Unreached(finding, mend);
        }

        var (total, cap) = (piece.Running!.Counter.Units!.Value, piece.Limit!.Longest);
        var missing = Math.Max(1, total / 7);
        var done = total - missing;
        return (finding.Rule, mend.Edit.Text) switch
        {
            ("unfinished-unstated", var t) when t.Contains("cap line", StringComparison.Ordinal) => (
                $"Who has {done} of {total} at {cap} is shown as “{done} of {total}”, behind every finisher and before {done - 1}.",
                $"Quien lleva {done} de {total} en {cap} aparece como «{done} de {total}», detrás de quien termina y delante de {done - 1}."
            ),
            ("unfinished-unstated", var t) when t.Contains("missing", StringComparison.Ordinal) => (
                $"Who has {done} of {total} at {cap} gets {cap} + {missing} s = {cap + Duration.Seconds(missing)}.",
                $"Quien lleva {done} de {total} en {cap} recibe {cap} + {missing} s = {cap + Duration.Seconds(missing)}."
            ),
            ("unfinished-unstated", var t) when t.Contains("zero", StringComparison.Ordinal) => (
                $"Who stands at {done} of {total} when the clock ends scores zero here, like somebody who came this far and failed.",
                $"Quien está en {done} de {total} al acabar puntúa cero aquí, como quien llegó y falló."
            ),
            ("unfinished-unstated", _) => (
                $"Who stands at {done} of {total} when the clock ends never reached this part and ranks after everybody who did.",
                $"Quien está en {done} de {total} al acabar no llegó a esta parte y va detrás de todos los que llegaron."
            ),
            ("tie-unstated", var t) when t.Contains("shared", StringComparison.Ordinal) => (
                $"Two athletes with {done} both take the place, say 4th; the next is 6th.",
                $"Dos atletas con {done} comparten el puesto, por ejemplo el 4.º; el siguiente es 6.º."
            ),
            ("tie-unstated", _) => (
                $"Two athletes with {done} are told apart by the other score, if it differs.",
                $"Dos atletas con {done} se distinguen por la otra puntuación, si es distinta."
            ),
            _ => (Said?)null,
        };
    }

    /// <summary>A part that is not reached, where the part before it is no count.</summary>
    private static Said? Unreached(Finding finding, Mend mend) =>
        finding.Rule != "unfinished-unstated" ? null
        : mend.Edit.Text.Contains("zero", StringComparison.Ordinal)
            ? (
                "Who does not finish the part before scores zero here, like somebody who came this far and failed.",
                "Quien no termina la parte anterior puntúa cero aquí, como quien llegó y falló."
            )
        : mend.Edit.Text.Contains("not reached", StringComparison.Ordinal)
            ? (
                "Who does not finish the part before never reached this one and ranks after everybody who did.",
                "Quien no termina la parte anterior no llegó a esta y va detrás de todos los que llegaron."
            )
        : null;

    /// <summary>The best lifts of an athlete, with loads that this kit can make, as the score takes them.</summary>
    private static Said? Scored(Course course, Mend mend)
    {
        var lifts = course.Pieces.Where(p => p.Piece is { IsHeaviest: true, IsRising: false }).ToList();
        if (lifts.Count < 2 || course.Competition is not { } competition)
        {
            return null;
        }

        var loads = BarLoads.All(competition.Kit.Bar(course.MembersOf(lifts[0].Piece)[0].Duty, null), competition.Kit);
        var made = lifts.Select((_, i) => loads[Math.Max(0, (loads.Count / 3) - (4 * i))]).ToList();
        var (all, unit) = (made.Select(Number.Normal).ToList(), competition.Unit.Symbol());
        return mend.Edit.Text.Contains("sum of", StringComparison.Ordinal)
                ? (
                    $"{string.Join(" + ", all)} = {Number.Normal(made.Sum())} {unit}.",
                    $"{string.Join(" + ", all)} = {Number.Normal(made.Sum())} {unit}."
                )
            : mend.Edit.Text.Contains("best load of " + string.Join(", ", lifts.Select(l => l.Piece.Label)), StringComparison.Ordinal)
                ? (
                    $"{Number.Normal(made.Max())} {unit}, the best of {string.Join(", ", all)}.",
                    $"{Number.Normal(made.Max())} {unit}, el mejor de {string.Join(", ", all)}."
                )
            : (
                $"{string.Join(" and ", all)} {unit}, each with a place of its own.",
                $"{string.Join(" y ", all)} {unit}, cada uno con su puesto."
            );
    }

    /// <summary>What a lifter without a good lift costs, with a load that this kit can make.</summary>
    private static Said? Without(Course course, Mend mend)
    {
        if (course.Pieces.FirstOrDefault(p => p.Piece.IsHeaviest) is not { } lift || course.Competition is not { } competition)
        {
            return null;
        }

        var bar = lift.Tasks is [var first, ..] ? first.Prescription.Bar?.Value : null;
        var loads = BarLoads.All(competition.Kit.Bar(course.MembersOf(lift.Piece)[0].Duty, bar), competition.Kit);
        var made = new Mass(loads[loads.Count / 3], competition.Unit);
        var (english, spanish) = mend.Edit.Text switch
        {
            var t when t.Contains("zero", StringComparison.Ordinal) => ("the sum is 0", "la suma es 0"),
            var t when t.Contains("not scored", StringComparison.Ordinal) => ("there is no score", "no hay puntuación"),
            _ => ($"the sum is {made}", $"la suma es {made}"),
        };
        return course.Address.Division.IsTeam
            ? (
                $"One lifts {made}, another has no good lift: {english}.",
                $"Uno levanta {made}, otro no tiene levantamiento válido: {spanish}."
            )
            : (
                $"{made} in one part, no good lift in another: {english}.",
                $"{made} en una parte, ningún levantamiento válido en otra: {spanish}."
            );
    }
}
