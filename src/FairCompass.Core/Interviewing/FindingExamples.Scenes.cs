using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <content>Units, shares and intervals: what the draft says once the mend is in it.</content>
internal static partial class FindingExamples
{
    [GeneratedRegex(@"\d+(?:\.\d+)?")]
    private static partial Regex FirstNumber { get; }

    private static Said? Scene(Understanding u, Finding finding, Mend mend) =>
        finding.Rule switch
        {
            "unit-unsaid" => Unit(u, finding, mend),
            "each-unsaid" => Whole(u, mend),
            "short-unstated" => Short(u, finding, mend.Edit.Text),
            "seat-of-sex" => Seats(u, mend),
            "late-unstated" => Late(u, finding, mend.Edit.Text),
            "ranking-unstated" => mend.Edit.Text.Contains("apart", StringComparison.Ordinal)
                ? (
                    "Each line-up has a board with a first place of its own; no time of one is held against another’s.",
                    "Cada composición tiene su tabla y su primer puesto; ningún tiempo de una se compara con el de otra."
                )
                : (
                    "Two men and a mixed pair with the same result share the place, each with the loads of the own duties.",
                    "Dos hombres y una pareja mixta con el mismo resultado comparten el puesto, cada cual con sus cargas."
                ),
            _ => null,
        };

    /// <summary>What each place of a team lifts when the places are said.</summary>
    private static Said? Seats(Understanding u, Mend mend)
    {
        if (mend.Edit.Text.Contains("free", StringComparison.Ordinal))
        {
            return (
                "A card is printed for each order; the desk hands out the one that the team tells.",
                "Se imprime una tarjeta por cada orden; la mesa entrega la que diga el equipo."
            );
        }

        var duties = mend.Edit.Text.Trim().Replace("seats ", "", StringComparison.Ordinal).Split(", ");
        var loads = u
            .Prescribed.Where(p => p.Address is { Division.IsTeam: true, Duty: not null } && p.Prescription.Load is not null)
            .GroupBy(p => p.Address.Duty!.Value.Word())
            .ToDictionary(g => g.Key, g => g.First().Prescription.Load!.Value, StringComparer.Ordinal);
        if (!Array.TrueForAll(duties, loads.ContainsKey))
        {
            return null;
        }

        string Said(Func<int, string> place) =>
            string.Join(
                ", ",
                duties.Select((d, i) => $"{place(i + 1)} {Number.Normal(loads[d].Values.At(0) ?? 0)} {loads[d].Unit.Symbol()}")
            );
        return ($"{Said(n => Words.Ordinal(n))}.", $"{Said(n => $"{n}.º")}.");
    }

    private static Understanding With(Understanding u, Mend mend) => Understanding.Of(u.Competition, mend.Edit.ApplyTo(u.Text));

    /// <summary>A load in the other unit; on a machine the time that it takes at a usual pace.</summary>
    private static Said? Unit(Understanding u, Finding finding, Mend mend)
    {
        var text = mend.Edit.Text;
        if (
            FirstNumber.Match(text) is { Success: true } found
            && (text.Contains("kg", StringComparison.Ordinal) || text.Contains("lb", StringComparison.Ordinal))
        )
        {
            var load = new Mass(
                decimal.Parse(found.Value, CultureInfo.InvariantCulture),
                text.Contains("kg", StringComparison.Ordinal) ? MassUnit.Kilogram : MassUnit.Pound
            );
            var other = load.Unit == MassUnit.Kilogram ? MassUnit.Pound : MassUnit.Kilogram;
            var said = new Mass(decimal.Round(load.In(other), 1), other);
            return ($"{load} are {said}.", $"{load} son {said}.");
        }

        foreach (var course in With(u, mend).Courses)
        {
            foreach (var piece in course.Pieces)
            {
                if (
                    piece.Tasks.FirstOrDefault(t => t.Source.At.Line == finding.At.Line) is { Count: { } count } task
                    && count.At(0) is { } amount
                )
                {
                    var each = UnitTimes
                        .Of(PaceTable.Usual, task, null, course.Address.Division.Name, course.Address.Duty == Competitions.Duty.Woman)
                        .Usual;
                    var time = Duration.Seconds((long)(amount * each) / 1000);
                    var said = $"{Number.Normal(amount)} {task.Unit.Symbol()}";
                    return (
                        $"{said} take about {time} at our usual pace, an estimate.",
                        $"{said} llevan unos {time} a nuestro ritmo habitual, una estimación."
                    );
                }
            }
        }

        return null;
    }

    /// <summary>How much there is to do in all once the mend is in the draft.</summary>
    private static Said? Whole(Understanding u, Mend mend) =>
        With(u, mend)
            .Courses.FirstOrDefault(c => c.Address.Division.IsTeam)
            ?.Pieces.Select(p => p.Running?.Counter.AllCounted)
            .FirstOrDefault(n => n > 0)
            is { } all
            ? ($"The team then has {all} to do in all.", $"El equipo tiene entonces {all} en total.")
            : null;

    private static Said? Short(Understanding u, Finding finding, string text)
    {
        var share = u.Courses.SelectMany(c => c.Pieces.SelectMany(p => Scoring.MemberShare.Of(c, p))).FirstOrDefault(s => s.Least > 0);
        if (share is null)
        {
            return null;
        }

        var (least, has) = (share.Least, Math.Max(0, share.Least - 3));
        var lacks = least - has;
        var (english, spanish) =
            text.EndsWith("owed", StringComparison.Ordinal)
                ? (
                    $"the last rep counts only when they have done {lacks} more",
                    $"la última repetición solo cuenta cuando haga {lacks} más"
                )
            : text.EndsWith("not counted", StringComparison.Ordinal)
                ? ($"{lacks} of the others’ are taken off", $"se quitan {lacks} de las de los demás")
            : ("the team has no result", "el equipo no tiene resultado");
        return (
            $"One member has {has} of {least} {share.Movement} when the others have done the rest: {english}.",
            $"Alguien lleva {has} de {least} {share.Movement} cuando los demás han hecho el resto: {spanish}."
        );
    }

    /// <summary>An interval that is not done when the next begins, with the numbers of the first.</summary>
    private static Said? Late(Understanding u, Finding finding, string text)
    {
        var all = u
            .Courses.SelectMany(c => c.Pieces)
            .Where(p => p.Plain?.At.Line == finding.At.Line || p.Every?.At.Line == finding.At.Line)
            .SelectMany(p => p.Strands)
            .Select(s =>
                s.Counter.IsOneLoop || s.Counter.Rounds is null
                    ? s.Counter.AllCounted
                    : s.Counter.Counted(s.Counter.UnitsAfterRound(1) ?? 0)
            )
            .FirstOrDefault(n => n > 1);
        if (all is not { } whole)
        {
            return null;
        }

        var done = Math.Max(1, whole * 2 / 3);
        var (english, spanish) =
            text.Contains("carries over", StringComparison.Ordinal)
                ? (
                    $"the {whole - done} that are missing are done first in the next",
                    $"las {whole - done} que faltan se hacen primero en el siguiente"
                )
            : text.Contains("ends the work", StringComparison.Ordinal) ? ("nothing more is done", "no se hace nada más")
            : text.Contains("nothing of it", StringComparison.Ordinal)
                ? (
                    "nothing of that interval counts, and the next begins anew",
                    "nada de ese intervalo cuenta y el siguiente empieza de nuevo"
                )
            : text.Contains("what is done", StringComparison.Ordinal)
                ? ($"{done} count, and the next begins anew", $"cuentan {done} y el siguiente empieza de nuevo")
            : ("the rest of it is lost, and the next begins anew", "lo demás se pierde y el siguiente empieza de nuevo");
        return (
            $"Who has {done} of {whole} when the next interval begins: {english}.",
            $"Quien lleva {done} de {whole} cuando empieza el siguiente intervalo: {spanish}."
        );
    }
}
