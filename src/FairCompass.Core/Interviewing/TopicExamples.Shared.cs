using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <content>Holds, least shares, help, a box that is turned, and the bar of a heaviest lift.</content>
internal sealed partial class TopicExamples
{
    /// <summary>Loads that this kit makes, for the first lifter of the first heaviest lift: a low one, and the three that follow
    /// it.</summary>
    private List<Mass>? Rising()
    {
        if (course.Pieces.FirstOrDefault(p => p.Piece.IsHeaviest) is not { } lift || course.Competition is not { } competition)
        {
            return null;
        }

        var bar = lift.Tasks is [var first, ..] ? first.Prescription.Bar?.Value : null;
        var loads = BarLoads.All(competition.Kit.Bar(course.MembersOf(lift.Piece)[0].Duty, bar), competition.Kit);
        return loads.Count < 8 ? null : loads.Skip(loads.Count / 4).Take(4).Select(l => new Mass(l, competition.Unit)).ToList();
    }

    private Said? FirstLoad(string school) =>
        Rising() is not [var low, ..] ? null
        : school == "own choice"
            ? (
                $"One lane begins at {low}, the next at another load; each loads it on the clock.",
                $"Una calle empieza con {low} y la siguiente con otra carga; cada una la carga con el reloj."
            )
        : (
            $"The list says {low} for this lane: the bar stands there at “go”.",
            $"La lista dice {low} para esta calle: la barra está así a la señal de «ya»."
        );

    private Said? GoingDown(string school) =>
        Rising() is not [var low, var next, var high, ..]
            ? null
            : school switch
            {
                "never" => (
                    $"Tries {low}, {next}, {high} missed: then {high} or more. {next} again is no attempt.",
                    $"Intentos {low}, {next}, {high} fallado: después {high} o más. {next} otra vez no es un intento."
                ),
                "always" => (
                    $"Tries {low}, {high}, then {next}: all three are attempts, and the best good one counts.",
                    $"Intentos {low}, {high} y después {next}: los tres son intentos y cuenta el mejor válido."
                ),
                _ => (
                    $"Tries {low}, {high} missed, then {next}: it counts. After {high} made, {next} is no attempt.",
                    $"Intentos {low}, {high} fallado, después {next}: cuenta. Tras {high} válido, {next} no es un intento."
                ),
            };

    /// <summary>How long the changes of the rounds take, all together.</summary>
    private Said? Changing()
    {
        var bar = u.Prescribed.FirstOrDefault(p =>
            p.Address.Division == course.Address.Division && u.Bars.Changes(p)?.Skip(1).Any(c => c.Handled > 0) == true
        );
        if (bar is null)
        {
            return null;
        }

        var changes = u.Bars.Changes(bar)!.Value.Skip(1).Where(c => c.Handled > 0).ToList();
        var time = new Duration(changes.Sum(c => (long)c.Handled) * PlatePlanner.UsualMsPerPlate);
        return (
            $"{Words.Count(changes.Count, "change")} of about {time} in all run on the clock.",
            $"{changes.Count} {(changes.Count == 1 ? "cambio" : "cambios")}, unos {time} en total, con el reloj."
        );
    }

    /// <summary>Somebody who is cut off before the middle of a distance.</summary>
    private Said? Partial(string school, int line)
    {
        if (
            course.Pieces.SelectMany(p => p.Tasks).FirstOrDefault(t => t.Source.At.Line == line) is not { } task
            || task.Count?.At(0) is not (> 1 and { } length)
        )
        {
            return null;
        }

        var at = decimal.Floor(length * 0.45m * 10) / 10;
        var unit = task.Unit.Symbol();
        var marks = task.Prescription.Counting.OfType<Detail.Marks>().FirstOrDefault();
        var (stands, of) = (Number.Normal(at), Number.Normal(length));
        if (marks?.Every.Value is not (> 0 and { } every))
        {
            var whole = Number.Normal(decimal.Floor(at));
            return (
                $"At {stands} of {of} {unit} when the clock ends: {whole} {unit} count.",
                $"A {stands} de {of} {unit} cuando acaba el reloj: cuentan {whole} {unit}."
            );
        }

        var sections = (long)decimal.Floor(at / every);
        var next = Number.Normal((sections + 1) * every);
        return school == "whole sections"
            ? (
                $"At {stands} of {of} {unit}, marks every {Number.Normal(every)} {unit}: {Words.Count(sections, "section")}.",
                $"A {stands} de {of} {unit}, marcas cada {Number.Normal(every)} {unit}: {sections} {(sections == 1 ? "tramo" : "tramos")}."
            )
            : (
                $"A hand or a foot is over the mark at {next} {unit} when the clock ends: {Words.Count(sections + 1, "section")}.",
                $"Una mano o un pie pasa la marca de {next} {unit} cuando acaba el reloj: {sections + 1} "
                    + $"{(sections == 0 ? "tramo" : "tramos")}."
            );
    }

    /// <summary>A position that is lost in the middle of what is done under it.</summary>
    private Said? Hold(string school)
    {
        foreach (var p in course.Pieces)
        {
            if (p.Strand is not { } || p.Tasks.FirstOrDefault(t => RulesAround.Of(p, t).Hold is not null) is not { } task)
            {
                continue;
            }

            var all = task.Count?.At(0) is { } n && n >= 4 ? (long)n : 18;
            var done = Math.Max(2, all * 3 / 5);
            return school switch
            {
                "between reps" => (
                    $"The position comes down after {done}: {done} count; on again, number {done + 1} begins.",
                    $"La posición baja después de {done}: cuentan {done}; otra vez dentro, empieza la {done + 1}."
                ),
                "never" => (
                    $"The position comes down after {done}: {done} count, and the turn is over.",
                    $"La posición baja después de {done}: cuentan {done} y el turno acaba."
                ),
                "at any time" => (
                    $"Another takes the position over after {done}; with “on”, number {done + 1} begins.",
                    $"Otro toma la posición después de {done}; con «dentro» empieza la {done + 1}."
                ),
                "at the change" => (
                    $"Another takes the position over after {done} while the same member works: nothing counts until the next change.",
                    $"Otro toma la posición después de {done} mientras trabaja el mismo: nada cuenta hasta el próximo cambio."
                ),
                "no" => (
                    $"Who held for the first {done} holds for number {done + 1} too.",
                    $"Quien mantuvo en las primeras {done} mantiene también en la {done + 1}."
                ),
                "free" => ("One of them holds for all of it: it counts.", "Una persona la mantiene todo el tiempo: cuenta."),
                "each turn" => (
                    "The same one holds in two turns in a row: the second turn does not begin.",
                    "La misma persona la mantiene dos turnos seguidos: el segundo turno no empieza."
                ),
                _ => (
                    $"The first of {course.Address.Division.Size} holds a second time when all the others have.",
                    $"La primera de {course.Address.Division.Size} repite cuando todas las demás lo hayan hecho."
                ),
            };
        }

        return null;
    }

    /// <summary>A member who is three short of the least when all is done.</summary>
    private Said? Short(string school)
    {
        var found = course
            .Pieces.SelectMany(p => p.Tasks.Select(t => (Task: t, RulesAround.Of(p, t).Share)))
            .FirstOrDefault(x => x.Share?.Phrases.Any(p => p.Is == ShareKind.AtLeast) == true);
        if (
            found.Share?.Phrases.First(p => p.Is == ShareKind.AtLeast).N is not (>= 2 and { } least)
            || found.Task.Count?.At(0) is not (>= 4 and { } count)
        )
        {
            return null;
        }

        var (all, missing) = ((long)count, Math.Min(3, least - 1));
        var begins = (
            English: $"At least {least} each of {all}; one has {least - missing} when {all} are done",
            Spanish: $"Al menos {least} cada uno de {all}; uno lleva {least - missing} cuando van {all}"
        );
        return school switch
        {
            "owed" => (
                $"{begins.English}: that member owes {missing}, then it is finished.",
                $"{begins.Spanish}: debe {missing} y después acaba."
            ),
            "not counted" => ($"{begins.English}: {all - missing} of {all} count.", $"{begins.Spanish}: cuentan {all - missing} de {all}."),
            _ => ($"{begins.English}: there is no result.", $"{begins.Spanish}: no hay resultado."),
        };
    }

    private Said? LiftUp(string school, int line)
    {
        if (course.Pieces.SelectMany(p => p.Tasks).FirstOrDefault(t => t.Source.At.Line == line) is not { } task)
        {
            return null;
        }

        var name = Named(task.Prescription.Movement.Value);
        return school switch
        {
            "a box" => (
                $"{Words.Capital(name.English)}: up by the box, feet off, still; then number 1 begins.",
                $"{Words.Capital(name.Spanish!)}: arriba con el cajón, pies fuera, quieto; entonces empieza la número 1."
            ),
            "a partner" => (
                $"{Words.Capital(name.English)}: a team mate lifts and lets go; the rep that follows is the member’s, 1.",
                $"{Words.Capital(name.Spanish!)}: un compañero eleva y suelta; la repetición que sigue es del miembro, 1."
            ),
            _ => (
                $"{Words.Capital(name.English)}: somebody lifts the athlete to it; that rep does not count, 0.",
                $"{Words.Capital(name.Spanish!)}: alguien eleva al atleta; esa repetición no cuenta, 0."
            ),
        };
    }

    private Said? Turned(string school)
    {
        if (new TopicUse(u).HeightsDiffer() is not { } two || two.Division != course.Address.Division)
        {
            return null;
        }

        var (one, other) = (two.One.In(Tongue.English), two.Other.In(Tongue.English));
        var (uno, otro) = (two.One.In(Tongue.Spanish), two.Other.In(Tongue.Spanish));
        return school switch
        {
            "a box each" => ($"Two boxes a lane: {one} and {other}.", $"Dos cajones por calle: {uno} y {otro}."),
            "who comes in" => (
                $"From {one} to {other}: who comes in turns it, then begins.",
                $"De {uno} a {otro}: quien entra lo gira y empieza."
            ),
            _ => (
                $"From {one} to {other}: who goes out turns it; the next begins when it stands.",
                $"De {uno} a {otro}: quien sale lo gira; el siguiente empieza cuando esté."
            ),
        };
    }

    private Said? FalseStart(string school) =>
        Clock is null || Clock.Ends <= Duration.Seconds(60)
            ? null
            : school switch
            {
                "back behind the line" => (
                    "Off at -0:03: back behind the line while the others work, and on from there.",
                    "Sale a -0:03: vuelve detrás de la línea mientras los demás trabajan y sigue desde ahí."
                ),
                "five seconds" => (
                    $"Off at -0:03: a time of {Clock.Ends - Duration.Seconds(60)} becomes {Clock.Ends - Duration.Seconds(55)}.",
                    $"Sale a -0:03: un tiempo de {Clock.Ends - Duration.Seconds(60)} pasa a {Clock.Ends - Duration.Seconds(55)}."
                ),
                _ => (
                    "Off at -0:03: the call stops all lanes, and the count-down begins again.",
                    "Sale a -0:03: se paran todas las calles y empieza otra vez la cuenta atrás."
                ),
            };
}
