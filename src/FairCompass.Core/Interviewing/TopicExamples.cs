using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
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
    /// <param name="line">The line that the question quotes, from 1.</param>
    public static Said? Of(Eq<TopicExamples> each, Topic topic, School school, int line) =>
        ForWhom.Of(each.Select(e => (e.course.Address, e.Of(topic, school, line))));

    private Said? Of(Topic topic, School school, int line) =>
        topic.Name switch
        {
            "going down" => GoingDown(school.Name),
            "first load" => FirstLoad(school.Name),
            "change of load" => Changing(),
            "partial distance" => Partial(school.Name, line),
            "hold comes down" or "hold taken over" or "hold changes" => Hold(school.Name),
            "short of the least" => Short(school.Name),
            "lift up" => LiftUp(school.Name, line),
            "box turned by" => Turned(school.Name),
            "false start" => FalseStart(school.Name),
            "bell" => Bell(school.Name),
            "bell for lifts" => LiftAtTheBell(school.Name),
            "gate on the second" => OnTheSecond(school.Name),
            "what breaks" => Broken(school.Name),
            "doubtful rep" => Doubt(school.Name, line),
            "plates" => Plates(school.Name, line),
            "spotting" => Spotting(school.Name),
            "counting" => Counting(school.Name, line),
            "own rest" => OwnRest(school.Name),
            "hand tag" => HandTag(school.Name),
            "team order" => TeamOrder(school.Name, line),
            "mixed heights" => MixedHeights(school.Name),
            "uncounted moves" => Uncounted(school.Name),
            "score weights" => LineAnswers.Summed(u, u.Workout.Scores.Select(_ => 1m).ToList()),
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
                "A rule of another page, or of another competition, is no reason for a no-rep here.",
                "Una regla de otra hoja, o de otra competición, no es motivo de nula aquí."
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
        // A rep that is seen, not a number that a monitor shows, where there is one before.
        var seen = done;
        while (seen > Math.Max(0, done - Before) && !IsSeen(piece.Tasks[strand.At(seen + 1).Task]))
        {
            seen--;
        }

        done = IsSeen(piece.Tasks[strand.At(seen + 1).Task]) ? seen : done;
        var next = strand.At(done + 1);
        var movement = piece.Tasks[next.Task].Prescription.Movement.Value;
        return (done, next, movement, Named(movement), limit.For(done));
    }

    /// <summary>How far back a rep is looked for, in units.</summary>
    private const long Before = 400;

    private bool IsSeen(CourseTask task) =>
        task.Unit == AmountUnit.Rep && book.Find(task.Prescription.Movement.Value)?.Kit != MovementKit.Machine;

    /// <summary>The task that a line of the text is, with the first place of it in its counter, and how many are done
    /// there, some number where there is no end; null where the line is none of this course’s counted work.</summary>
    private (CoursePiece Piece, CourseTask Task, Strand Strand, long From, long Of)? Quoted(int line)
    {
        foreach (var p in course.Pieces)
        {
            if (
                p.Strand is not { TooLarge: false } strand
                || p.Tasks.FirstOrDefault(t => t.Source.At.Line == line || t.Complex?.At.Line == line) is not { } task
            )
            {
                continue;
            }

            for (long unit = 1; unit <= Math.Min(strand.Units ?? Farthest, Farthest); unit++)
            {
                if (strand.At(unit) is var at && at.Task == task.Index)
                {
                    return (p, task, strand, unit, at.Of ?? Somewhere);
                }
            }
        }

        return null;
    }

    /// <summary>Units after which a task is not looked for any more.</summary>
    private const long Farthest = 3000;

    private Said Worded(CourseTask task, long units) =>
        (TaskWords.Of(task, units, book.Tongue(Language.English)), TaskWords.Of(task, units, book.Tongue(Language.Spanish)));

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

    private Said? Doubt(string school, int line)
    {
        if (Quoted(line) is not { Of: > 1 } at)
        {
            return null;
        }

        var (of, words) = (at.Of, Worded(at.Task, at.Of));
        return school == "credit"
            ? (
                $"Of {words.English} one was not seen: {of} count, and the athlete goes on.",
                $"De {words.Spanish} no se vio una: cuentan {of} y el atleta sigue."
            )
            : (
                $"Of {words.English} one was not seen: {of - 1} count, and one more has to be done.",
                $"De {words.Spanish} no se vio una: cuentan {of - 1} y hay que hacer una más."
            );
    }

    /// <summary>The first bar that is prescribed: its load, the bar, and the plates on one side.</summary>
    private (decimal Load, decimal Bar, string Unit, IReadOnlyList<decimal>? Side, Address Who, PrescribedTask Task)? FirstBar(int line)
    {
        var p = u.Prescribed.FirstOrDefault(x =>
            x.Prescription.Load is not null
            && (x.Source.At.Line == line || x.Around?.At.Line == line)
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
        return (kilos, bar.Mass, load.Unit.Symbol(), load.Unit == u.Competition.Unit ? u.Bars.Change(p, 0)?.Side : null, p.Address, p);
    }

    /// <summary>An example of one bar; in a team it says whose.</summary>
    private Said OfBar(Address who, Said example) => who == course.Address ? example : ForWhom.Named(who, example);

    private Said? Plates(string school, int line)
    {
        if (FirstBar(line) is not { Side: { } side } b)
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
        var later = Later(b.Task, school);
        return OfBar(
            b.Who,
            (
                $"For {Number.Normal(b.Load)} {b.Unit} on the bar of {Number.Normal(b.Bar)} {who} {english}.{later.English}",
                $"Para {Number.Normal(b.Load)} {b.Unit} en la barra de {Number.Normal(b.Bar)} {quien} {spanish}.{later.Spanish}"
            )
        );
    }

    /// <summary>The changes after the first load, with the seconds that our estimate gives them; nothing where the load stays.</summary>
    private Said Later(PrescribedTask bar, string school)
    {
        var changes = u.Bars.Changes(bar)?.Skip(1).Where(c => c.Handled > 0).ToList() ?? [];
        if (changes.Count == 0)
        {
            return ("", "");
        }

        var time = new Duration(changes.Sum(c => (long)c.Handled) * PlatePlanner.UsualMsPerPlate);
        var first = changes[0];
        var onTheClock = school != "floor crew";
        return (
            $" Then {Words.Count(changes.Count, "change")}, the first: {first.In(Tongue.English, u.Competition)} a side; about {time} "
                + $"in all at {PlatePlanner.UsualMsPerPlate / 1000} s a plate{(onTheClock ? ", on the clock" : "")}.",
            $" Después, {changes.Count} {(changes.Count == 1 ? "cambio" : "cambios")}, el primero: "
                + $"{first.In(Tongue.Spanish, u.Competition)} por "
                + $"lado; unos {time} en total a {PlatePlanner.UsualMsPerPlate / 1000} s por disco{(onTheClock ? ", con el reloj" : "")}."
        );
    }

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

    private Said? Counting(string school, int line)
    {
        if (Quoted(line) is not { } at)
        {
            return null;
        }

        var (n, words) = (at.Of, Worded(at.Task, at.Of));
        var all = at.Strand.Units;
        var worth = at.Strand.Sum(at.From + n - 1, Tally.Credit) - at.Strand.Sum(at.From - 1, Tally.Credit);
        return school == "one each"
            ? (
                $"{words.English} count {n}, for a man and a woman alike{(all is { } a ? $"; the whole is {a}" : "")}.",
                $"{words.Spanish} cuentan {n}, igual para hombre y mujer{(all is { } b ? $"; en total son {b}" : "")}."
            )
            : (
                $"{words.English} count {worth}" + (all is { } c ? $"; the whole of {c} is worth {at.Strand.Sum(c, Tally.Credit)}." : "."),
                $"{words.Spanish} cuentan {worth}" + (all is { } d ? $"; en total, {d} valen {at.Strand.Sum(d, Tally.Credit)}." : ".")
            );
    }
}
