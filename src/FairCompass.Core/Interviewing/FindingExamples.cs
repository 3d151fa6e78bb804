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

        var piece = course.Pieces.FirstOrDefault(p => p.Strand is { Units: > 3 } && p.Limit is not null);
        if (piece is null)
        {
            return null;
        }

        var (total, cap) = (piece.Strand!.Units!.Value, piece.Limit!.Longest);
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
