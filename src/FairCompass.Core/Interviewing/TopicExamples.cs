using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Measuring;
using FairCompass.Core.Policies;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <summary>What each answer to a topic leads to on the floor, worked out with the reps, loads, and times of this very workout.</summary>
internal sealed class TopicExamples
{
    /// <summary>A count that work without end is stopped at in examples.</summary>
    private const long Somewhere = 47;

    /// <summary>A mark that examples are measured from, in millimetres.</summary>
    private const decimal Mark = 2124;

    private readonly Understanding u;
    private readonly StandardsBook book;
    private readonly CoursePiece? piece;
    private readonly Timeline? clock;

    public TopicExamples(Understanding u)
    {
        this.u = u;
        book = StandardsBook.Of(u.Competition);
        piece =
            u.Courses.Count == 0
                ? null
                : u.Courses[0]
                    .Pieces.FirstOrDefault(p =>
                        p.Strand is { TooLarge: false, Units: null or > 1 } && p.Limit is not null && p.Tasks.Count > 0
                    );
        clock = u.Courses.Count == 0 ? null : Timeline.Of(u.Courses[0]);
    }

    /// <summary>The example of one answer; null when this workout has no numbers for it.</summary>
    public Said? Of(Topic topic, School school) =>
        topic.Name switch
        {
            "bell" => Bell(school.Name),
            "doubtful rep" => Doubt(school.Name),
            "plates" => Plates(school.Name),
            "bar weight" => BarWeight(school.Name),
            "spotting" => Spotting(school.Name),
            "counting" => Counting(school.Name),
            "own rest" => OwnRest(school.Name),
            "hand tag" => HandTag(school.Name),
            "team order" => TeamOrder(school.Name),
            "mixed heights" => MixedHeights(school.Name),
            "uncounted moves" => Uncounted(school.Name),
            "score weights" => Weights(school.Name),
            "measuring" => Measuring(school.Name),
            "judges" => Judges(school.Name),
            "last rung" => LastRung(school.Name),
            "video" => clock is { } c
                ? (
                    $"The video runs at least {c.Ends}, and before it every load and line is shown.",
                    $"El vídeo dura al menos {c.Ends}, y antes se muestran cada carga y cada línea."
                )
                : null,
            "other documents" => (
                $"A note that is not among the {u.Workout.Stages.Count + u.Workout.Scores.Count} parts and scores of this text "
                    + "decides nothing.",
                $"Una nota que no esté entre las {u.Workout.Stages.Count + u.Workout.Scores.Count} partes y puntuaciones de "
                    + "este texto no decide nada."
            ),
            _ => null,
        };

    /// <summary>Where an athlete stands when time is nearly up: a seventh from the end, the rep under way, and the task it belongs
    /// to.</summary>
    private (long Done, Place Next, string Movement, Said Name, Duration Cap)? Standing()
    {
        if (piece?.Strand is not { } strand || piece.Limit is not { } limit)
        {
            return null;
        }

        var done = strand.Units is { } all ? all - Math.Max(1, all / 7) : Somewhere;
        var next = strand.At(done + 1);
        var movement = piece.Tasks[next.Task].Prescription.Movement.Value;
        return (done, next, movement, Named(movement), limit.For(done));
    }

    private Said Named(string movement) =>
        book.Find(movement)?.Name is { } name ? new(movement, name.Spanish ?? $"«{movement}»") : (movement, $"«{movement}»");

    private Said? Bell(string school) =>
        Standing() is not { } at
            ? null
            : school switch
            {
                "begun" => (
                    $"At {at.Cap} number {at.Done + 1}, {at.Name.English}, has been begun and is then finished: the card says "
                        + $"{at.Done + 1}.",
                    $"En {at.Cap} la número {at.Done + 1}, {at.Name.Spanish}, está empezada y se termina: la tarjeta dice {at.Done + 1}."
                ),
                "finished" => (
                    $"At {at.Cap} number {at.Done + 1}, {at.Name.English}, is under way: the card says {at.Done}.",
                    $"En {at.Cap} la número {at.Done + 1}, {at.Name.Spanish}, está en marcha: la tarjeta dice {at.Done}."
                ),
                _ => (
                    $"At {at.Cap} number {at.Done + 1}, {at.Name.English}, is in its finish but still moves: the card says "
                        + $"{at.Done}; steady it would say {at.Done + 1}.",
                    $"En {at.Cap} la número {at.Done + 1}, {at.Name.Spanish}, está en el final pero aún se mueve: la tarjeta "
                        + $"dice {at.Done}; estable diría {at.Done + 1}."
                ),
            };

    private Said? Doubt(string school)
    {
        if (Standing() is not { } at)
        {
            return null;
        }

        var of = at.Next.Of is { } n && n > 0 ? n : at.Done;
        return school == "credit"
            ? (
                $"One of {of} × {at.Name.English} was not seen: {of} count, and the athlete goes on.",
                $"Una de {of} × {at.Name.Spanish} no se vio: cuentan {of} y el atleta sigue."
            )
            : (
                $"One of {of} × {at.Name.English} was not seen: {of - 1} count, and one more has to be done.",
                $"Una de {of} × {at.Name.Spanish} no se vio: cuentan {of - 1} y hay que hacer una más."
            );
    }

    /// <summary>The first bar that is prescribed: its load, the bar, and the plates on one side.</summary>
    private (decimal Load, decimal Bar, string Unit, IReadOnlyList<decimal>? Side, string Who)? FirstBar()
    {
        var p = u.Prescribed.FirstOrDefault(x =>
            x.Prescription.Load is not null && book.Find(x.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
        );
        if (p?.Prescription.Load?.Value is not { } load || load.Values.At(0) is not { } kilos)
        {
            return null;
        }

        var kit = u.Competition.Kit;
        var bar = string.Equals(p.Address.Duty, "woman", StringComparison.OrdinalIgnoreCase) ? kit.WomenBar : kit.MenBar;
        return (
            kilos,
            bar,
            load.Unit.Symbol(),
            load.Unit == u.Competition.Unit ? BarLoads.OneSide(kilos, bar, kit) : null,
            p.Address.ToString()
        );
    }

    private Said? Plates(string school)
    {
        if (FirstBar() is not { Side: { } side } b)
        {
            return null;
        }

        var (english, spanish) =
            side.Count == 0
                ? ("no plates", "sin discos")
                : (
                    $"{2 * side.Count} plates, {string.Join(" + ", side.Select(Number.Normal))} on each side",
                    $"{2 * side.Count} discos, {string.Join(" + ", side.Select(Number.Normal))} en cada lado"
                );
        var (who, quien) = school switch
        {
            "floor crew" => ("the floor crew puts on", "el equipo de pista pone"),
            "team mates" => ("a team mate puts on", "un compañero pone"),
            _ => ("the athlete puts on, with the clock running,", "el atleta pone, con el reloj en marcha,"),
        };
        return (
            $"For {Number.Normal(b.Load)} {b.Unit} on the bar of {Number.Normal(b.Bar)} {who} {english}.",
            $"Para {Number.Normal(b.Load)} {b.Unit} en la barra de {Number.Normal(b.Bar)} {quien} {spanish}."
        );
    }

    private Said? BarWeight(string school) =>
        FirstBar() is not { } b ? null
        : school == "included"
            ? (
                $"{b.Who}: {Number.Normal(b.Load)} {b.Unit} leave the floor: the bar of {Number.Normal(b.Bar)} and "
                    + $"{Number.Normal(b.Load - b.Bar)} in plates.",
                $"{b.Who}: se levantan {Number.Normal(b.Load)} {b.Unit}: la barra de {Number.Normal(b.Bar)} y "
                    + $"{Number.Normal(b.Load - b.Bar)} en discos."
            )
        : (
            $"{b.Who}: {Number.Normal(b.Load)} {b.Unit} in plates and the bar of {Number.Normal(b.Bar)}: "
                + $"{Number.Normal(b.Load + b.Bar)} {b.Unit} leave the floor.",
            $"{b.Who}: {Number.Normal(b.Load)} {b.Unit} en discos y la barra de {Number.Normal(b.Bar)}: se levantan "
                + $"{Number.Normal(b.Load + b.Bar)} {b.Unit}."
        );

    private Said? Spotting(string school)
    {
        var task =
            u.Courses.Count == 0
                ? null
                : u.Courses[0]
                    .Pieces.SelectMany(p => p.Tasks)
                    .FirstOrDefault(t => book.Find(t.Prescription.Movement.Value)?.Id is "bench-press" or "back-squat");
        if (task is null)
        {
            return null;
        }

        var (name, of) = (Named(task.Prescription.Movement.Value), task.Count?.At(0) is { } n && n > 1 ? (long)n : 10);
        return school == "nobody"
            ? (
                $"In rep {of} of {of} the bar of the {name.English} stops: it goes to the safety arms, and {of - 1} count.",
                $"En la repetición {of} de {of} la barra se detiene ({name.Spanish}): va a los brazos de seguridad y cuentan {of - 1}."
            )
            : (
                $"A spotter touches rep {of} of {of}, {name.English}: {of - 1} count, and one more has to be done.",
                $"Un ayudante toca la repetición {of} de {of}, {name.Spanish}: cuentan {of - 1} y hay que hacer una más."
            );
    }

    private Said? Counting(string school)
    {
        var counted =
            u.Courses.Count == 0
                ? null
                : u.Courses[0].Pieces.FirstOrDefault(p => p.Strand is { TooLarge: false } && p.Tasks.Any(t => t.Unit != AmountUnit.Rep));
        if (counted?.Strand is not { } strand || counted.Tasks.First(t => t.Unit != AmountUnit.Rep) is not { } task)
        {
            return null;
        }

        var (name, n) = (Named(task.Prescription.Movement.Value), task.Count?.At(0) is { } c ? (long)c : 10);
        var (all, worth) = (strand.Units ?? n, strand.Units is { } units ? strand.Sum(units, Tally.Credit) : n);
        return school == "one each"
            ? (
                $"{n} on the {name.English} count {n}, for a man and a woman alike; the whole is {all}.",
                $"{n} en {name.Spanish} cuentan {n}, igual para hombre y mujer; en total son {all}."
            )
            : (
                $"{n} on the {name.English} count what the line says: the whole of {all} units is worth {worth}.",
                $"{n} en {name.Spanish} cuentan lo que dice la línea: las {all} unidades valen {worth} en total."
            );
    }

    private Said? OwnRest(string school)
    {
        if (clock is not { OwnRests: [var rest, ..] })
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
                + $"still ends at {clock.Ends}.",
            $"Quien lleva {rest.AfterUnits} en {there} descansa {rest.Length}: en {there + rest.Length} {spanish}; el reloj "
                + $"acaba igual en {clock.Ends}."
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
        if (Standing() is not { } at || u.Courses[0].Address.Division.Size is var size && size < 2)
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
            .Prescribed.Where(p => p.Address.Division is { IsTeam: true, Duties.Count: 2 } && p.Prescription.Heights.Count > 0)
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
        var task =
            u.Courses.Count == 0
                ? null
                : u.Courses[0].Pieces.SelectMany(p => p.Tasks).FirstOrDefault(t => t.Source.Details.Any(d => d is Detail.Uncounted));
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
        clock is not { Judges: > 1 } c ? null
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
            u.Courses.Count == 0
            || u.Courses[0].Pieces.SelectMany(p => p.Tasks.Where(t => t.Complex is not null).Select(t => (p, t))).FirstOrDefault()
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
