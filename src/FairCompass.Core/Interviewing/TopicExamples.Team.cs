using FairCompass.Core.Languages;
using FairCompass.Core.Measuring;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <content>Topics of teams, of rests, and of the day.</content>
internal sealed partial class TopicExamples
{
    private Said? OwnRest(string school)
    {
        if (Clock is not { OwnRests: [var rest, ..] })
        {
            return null;
        }

        // Somebody who is there halfway between the opening and the latest sensible finish, on a whole second.
        var there = new Duration((rest.Earliest.Ms + rest.Latest.Ms) / 2000 * 1000);
        var (english, spanish) = school.StartsWith("judge", StringComparison.Ordinal)
            ? ("the judge says “go”", "el juez dice «ya»")
            : ("the athlete goes on alone", "el atleta sigue por su cuenta");
        return (
            $"Who has done {rest.AfterUnits} at {there} rests {rest.Length}: at {there + rest.Length} {english}; the clock "
                + $"still ends at {Clock.Ends}.",
            $"Quien lleva {rest.AfterUnits} en {there} descansa {rest.Length}: en {there + rest.Length} {spanish}; el reloj "
                + $"acaba igual en {Clock.Ends}."
        );
    }

    private Said? HandTag(string school) =>
        Standing() is not { } at ? null
        : school == "yes"
            ? (
                $"A partner stops at {at.Done}; the other begins number {at.Done + 1} without a tag: it does not count, the "
                    + $"count stays at {at.Done}.",
                $"Un miembro para en {at.Done}; el otro empieza la {at.Done + 1} sin toque: no cuenta, la cuenta sigue en {at.Done}."
            )
        : (
            $"A partner stops at {at.Done}; the other begins number {at.Done + 1} without a tag: it counts, {at.Done + 1}.",
            $"Un miembro para en {at.Done}; el otro empieza la {at.Done + 1} sin toque: cuenta, {at.Done + 1}."
        );

    private Said? TeamOrder(string school)
    {
        if (Standing() is not { } at || course.Address.Division.Size is var size && size < 2)
        {
            return null;
        }

        var all = piece!.Strand!.Units ?? at.Done;
        return school == "free"
            ? (
                $"Of {all} one of the {size} may do {all - size + 1} and the others one each.",
                $"De {all}, uno de los {size} puede hacer {all - size + 1} y los demás una cada uno."
            )
            : (
                $"Of {all} the {size} take turns as the card lists them; who works out of order stops, and the count stays at {at.Done}.",
                $"De {all}, los {size} se turnan como dice la tarjeta; quien trabaja fuera de orden para y la cuenta sigue en {at.Done}."
            );
    }

    private Said? MixedHeights(string school)
    {
        var heights = u
            .Prescribed.Where(p =>
                p.Address.Division == course.Address.Division
                && p.Address.Division is { IsTeam: true, Duties.Count: 2 }
                && p.Prescription.Heights.Count > 0
            )
            .ToList();
        var task = WorkTree.Tasks(u.Workout).SelectMany(t => t.Details.OfType<Detail.Height>()).FirstOrDefault();
        if (heights.Count == 0 || task is null)
        {
            return null;
        }

        var (first, second) = (task.Of.First.At(0), task.Of.Second?.At(0) ?? task.Of.First.At(0));
        if (first is not { } a || second is not { } b)
        {
            return null;
        }

        var (word, palabra, unit) = (
            DutyHeight.Word(task.On, Tongue.English),
            DutyHeight.Word(task.On, Tongue.Spanish),
            task.Unit.Symbol()
        );
        return school == "own"
            ? (
                $"The {word} is {Number.Normal(a)} {unit} for one and {Number.Normal(b)} {unit} for the other, changed at each hand-over.",
                $"{palabra}: {Number.Normal(a)} {unit} para uno y {Number.Normal(b)} {unit} para el otro, con cambio en cada relevo."
            )
            : (
                $"The {word} stays at {Number.Normal(Math.Max(a, b))} {unit} for both.",
                $"{palabra}: {Number.Normal(Math.Max(a, b))} {unit} para los dos."
            );
    }

    private Said? Uncounted(string school)
    {
        var task = course.Pieces.SelectMany(p => p.Tasks).FirstOrDefault(t => t.Source.Details.Any(d => d is Detail.Uncounted));
        var between = WorkTree.Tasks(u.Workout).SelectMany(t => t.Lines.OfType<TaskLine.Between>()).FirstOrDefault();
        var movement = task?.Prescription.Movement.Value ?? between?.Movement;
        if (movement is null || Standing() is not { } at)
        {
            return null;
        }

        var name = Named(movement);
        return school == "not judged"
            ? (
                $"{name.English} is left out after {at.Done}: number {at.Done + 1} counts all the same.",
                $"Se omite {name.Spanish} después de {at.Done}: la {at.Done + 1} cuenta igual."
            )
            : (
                $"{name.English} is left out after {at.Done}: the count stays at {at.Done} until it is done.",
                $"Se omite {name.Spanish} después de {at.Done}: la cuenta sigue en {at.Done} hasta que se haga."
            );
    }

    private Said? Weights(string school)
    {
        var scores = u.Workout.Scores.ToList();
        if (scores.Count < 2)
        {
            return null;
        }

        var weights = scores.Select(s => s.Lines.OfType<ScoreLine.Weight>().FirstOrDefault()?.Of.Value ?? 1).ToList();
        return school == "equal"
            ? (
                $"{scores.Count} scores weigh 1 each: who is 3rd in all of them has {3 * scores.Count}.",
                $"{scores.Count} puntuaciones pesan 1 cada una: quien es 3.º en todas suma {3 * scores.Count}."
            )
            : (
                $"The scores weigh {string.Join(", ", weights.Select(Number.Normal))}: who is 3rd in all of them has "
                    + $"{Number.Normal(3 * weights.Sum())}.",
                $"Las puntuaciones pesan {string.Join(", ", weights.Select(Number.Normal))}: quien es 3.º en todas suma "
                    + $"{Number.Normal(3 * weights.Sum())}."
            );
    }

    private Said? Measuring(string school)
    {
        var place = MeasuredPlace.Of(u).FirstOrDefault(p => p.Amount is not null);
        if (place is null)
        {
            return null;
        }

        var line = TapeLength.Of(place.Line(new(Mark, LengthUnit.Millimetre)));
        var (who, quien) =
            school == "at check-in"
                ? ("the floor crew writes it down at check-in", "el equipo de pista lo anota en el registro")
                : ("the lane judge writes it down before the heat", "el juez de calle lo anota antes de la tanda");
        return (
            $"A mark at {Number.Normal(Mark)} mm puts the {place.Sets.English} at {line}; {who}.",
            $"Una marca a {Number.Normal(Mark)} mm deja {place.Sets.Spanish} a {line}; {quien}."
        );
    }

    private Said? Judges(string school) =>
        Clock is not { Judges: > 1 } c ? null
        : school == "one per station"
            ? (
                $"{c.Judges} judges stand in each lane; ten lanes need {10 * c.Judges}.",
                $"Hay {c.Judges} jueces en cada calle; diez calles necesitan {10 * c.Judges}."
            )
        : (
            $"One judge watches {c.Judges} places at once; what happens at {c.Judges - 1} of them is not seen.",
            $"Un juez vigila {c.Judges} sitios a la vez; lo que pasa en {c.Judges - 1} de ellos no se ve."
        );

    private Said? LastRung(string school)
    {
        if (
            course.Pieces.SelectMany(p => p.Tasks.Where(t => t.Complex is not null).Select(t => (p, t))).FirstOrDefault()
                is not { t: { Prescription.Load.Value: { } load } task } found
            || load.Values.Length is not { } rungs
        )
        {
            return null;
        }

        var (bar, lifts) = (Number.Normal(load.Values.At(rungs - 1) ?? 0), task.Complex!.Lifts.Count);
        return school == "repeats"
            ? (
                $"After rung {rungs} the bar stays at {bar} {load.Unit.Symbol()} and rung {rungs + 1} counts like the one before.",
                $"Tras el peldaño {rungs} la barra sigue en {bar} {load.Unit.Symbol()} y el peldaño {rungs + 1} cuenta como el anterior."
            )
            : (
                $"After rung {rungs}, at {bar} {load.Unit.Symbol()}, the work of {lifts} lifts a rung ends, however much time is left.",
                $"Tras el peldaño {rungs}, con {bar} {load.Unit.Symbol()}, acaba el trabajo de {lifts} levantamientos por "
                    + "peldaño, quede el tiempo que quede."
            );
    }
}
