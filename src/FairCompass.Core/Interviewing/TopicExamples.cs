using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <summary>What each answer to a topic leads to on the floor, worked out with the reps, loads, and times of this very workout.</summary>
internal sealed partial class TopicExamples
{
    /// <summary>A count that work without end is stopped at in examples.</summary>
    private const long Somewhere = 47;

    /// <summary>A mark that examples are measured from, in millimetres.</summary>
    private const decimal Mark = 2124;

    private readonly Understanding u;
    private readonly StandardsBook book;
    private readonly CoursePiece? piece;
    private readonly Course course;
    private readonly Lazy<Timeline?> timeline;

    private TopicExamples(Understanding u, Course course)
    {
        (this.u, this.course) = (u, course);
        book = StandardsBook.Of(u.Competition);
        piece = course.Pieces.FirstOrDefault(p =>
            p.Strand is { TooLarge: false, Units: null or > 1 } && p.Limit is not null && p.Tasks.Count > 0
        );
        timeline = new(() => Timeline.Of(course));
    }

    private Timeline? Clock => timeline.Value;

    /// <summary>The examples of each entry.</summary>
    public static Eq<TopicExamples> OfEach(Understanding u) => u.Courses.Select(c => new TopicExamples(u, c)).ToEq();

    /// <summary>The example of one answer, with the name of whose it is where those of the entries differ; null when this workout has no
    /// numbers for it.</summary>
    /// <param name="each">The examples of each entry.</param>
    /// <param name="topic">The question.</param>
    /// <param name="school">The answer.</param>
    public static Said? Of(Eq<TopicExamples> each, Topic topic, School school) =>
        ForWhom.Of(each.Select(e => (e.course.Address, e.Of(topic, school))));

    private Said? Of(Topic topic, School school) =>
        topic.Name switch
        {
            "bell" => Bell(school.Name),
            "bell for lifts" => LiftAtTheBell(school.Name),
            "gate on the second" => OnTheSecond(school.Name),
            "what breaks" => Broken(school.Name),
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
            "video" => Clock is { } c
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
    private (decimal Load, decimal Bar, string Unit, IReadOnlyList<decimal>? Side, Address Who)? FirstBar()
    {
        var p = u.Prescribed.FirstOrDefault(x =>
            x.Prescription.Load is not null
            && x.Address.Division == course.Address.Division
            && x.Address.Level == course.Address.Level
            && (course.Address.Duty is null || x.Address.Duty == course.Address.Duty)
            && book.Find(x.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
        );
        if (p?.Prescription.Load?.Value is not { } load || load.Values.At(0) is not { } kilos)
        {
            return null;
        }

        var kit = u.Competition.Kit;
        var bar = kit.Bar(p.Address.Duty, p.Prescription.Bar?.Value);
        return (kilos, bar.Mass, load.Unit.Symbol(), load.Unit == u.Competition.Unit ? u.Bars.Change(p, 0)?.Side : null, p.Address);
    }

    /// <summary>An example of one bar; in a team it says whose.</summary>
    private Said OfBar(Address who, Said example) => who == course.Address ? example : ForWhom.Named(who, example);

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
                    $"{2 * side.Count} plates, {string.Join(" + ", side.Select(u.Competition.PlateName))} on each side",
                    $"{2 * side.Count} discos, {string.Join(" + ", side.Select(u.Competition.PlateName))} en cada lado"
                );
        var (who, quien) = school switch
        {
            "floor crew" => ("the floor crew puts on", "el equipo de pista pone"),
            "team mates" => ("a team mate puts on", "un compañero pone"),
            _ => ("the athlete puts on, with the clock running,", "el atleta pone, con el reloj en marcha,"),
        };
        return OfBar(
            b.Who,
            (
                $"For {Number.Normal(b.Load)} {b.Unit} on the bar of {Number.Normal(b.Bar)} {who} {english}.",
                $"Para {Number.Normal(b.Load)} {b.Unit} en la barra de {Number.Normal(b.Bar)} {quien} {spanish}."
            )
        );
    }

    private Said? BarWeight(string school) =>
        FirstBar() is not { } b
            ? null
            : OfBar(
                b.Who,
                school == "included"
                    ? (
                        $"{Number.Normal(b.Load)} {b.Unit} leave the floor: the bar of {Number.Normal(b.Bar)} and "
                            + $"{Number.Normal(b.Load - b.Bar)} in plates.",
                        $"se levantan {Number.Normal(b.Load)} {b.Unit}: la barra de {Number.Normal(b.Bar)} y "
                            + $"{Number.Normal(b.Load - b.Bar)} en discos."
                    )
                    : (
                        $"{Number.Normal(b.Load)} {b.Unit} in plates and the bar of {Number.Normal(b.Bar)}: "
                            + $"{Number.Normal(b.Load + b.Bar)} {b.Unit} leave the floor.",
                        $"{Number.Normal(b.Load)} {b.Unit} en discos y la barra de {Number.Normal(b.Bar)}: se levantan "
                            + $"{Number.Normal(b.Load + b.Bar)} {b.Unit}."
                    )
            );

    private Said? Spotting(string school)
    {
        var task = course
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
        var counted = course.Pieces.FirstOrDefault(p => p.Strand is { TooLarge: false } && p.Tasks.Any(t => t.Unit != AmountUnit.Rep));
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
}
