using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
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

    /// <summary>How uneven a free split may be, under the least that is written.</summary>
    private Said? TeamOrder(string school, int line)
    {
        var size = course.Address.Division.Size;
        if (school != "free" || size < 2 || Quoted(line) is not { } at)
        {
            return null;
        }

        var share = RulesAround.Of(at.Piece, at.Task).Share;
        var least = share?.Phrases.FirstOrDefault(p => p.Is == ShareKind.AtLeast)?.N ?? 0;
        var (most, words) = (Math.Max(least, at.Of - (least * (size - 1L))), Worded(at.Task, at.Of));
        return (
            $"Of {words.English} one of the {size} may do {most} and {(size == 2 ? "the other" : "each of the others")} {least}.",
            $"De {words.Spanish}, uno de los {size} puede hacer {most} y {(size == 2 ? "el otro" : "cada uno de los demás")} {least}."
        );
    }

    private Said? MixedHeights(string school)
    {
        if (school != "own" || new TopicUse(u).HeightsDiffer() is not { } two || two.Division != course.Address.Division)
        {
            return null;
        }

        return (
            $"{Words.Capital(two.One.In(Tongue.English))} for one and {two.Other.In(Tongue.English)} for the other, in every turn.",
            $"{Words.Capital(two.One.In(Tongue.Spanish))} para uno y {two.Other.In(Tongue.Spanish)} para el otro, en cada turno."
        );
    }

    private Said? Uncounted(string school)
    {
        var chunked = course
            .Pieces.SelectMany(p => p.Tasks)
            .FirstOrDefault(t => t.Source.Lines.Any(l => l is TaskLine.Between) && t.Prescription.Counting.OfType<Detail.Chunks>().Any());
        if (chunked is not null && Chunked(school, chunked) is { } inChunks)
        {
            return inChunks;
        }

        var task = course.Pieces.SelectMany(p => p.Tasks).FirstOrDefault(t => t.Source.Details.Any(d => d is Detail.Uncounted));
        return task is null || Standing() is not { } at
            ? null
            : LeftOut(school, Named(task.Prescription.Movement.Value), at.Done, at.Done + 1);
    }

    /// <summary>A move after a part of reps that is left out before the last part.</summary>
    private Said? Chunked(string school, CourseTask task)
    {
        var size = task.Prescription.Counting.OfType<Detail.Chunks>().First().Size.First.At(0);
        var between = task.Source.Lines.OfType<TaskLine.Between>().First();
        if (size is not (>= 1 and { } part) || task.Count?.At(0) is not { } all || all <= part)
        {
            return null;
        }

        var before = (long)((decimal.Ceiling(all / part) - 1) * part);
        return LeftOut(school, Named(between.Movement), before, before + 1);
    }

    private static Said LeftOut(string school, Said move, long before, long done) =>
        school switch
        {
            "not judged" => (
                $"The {move.English} after {before} was left out, and {done} are done: {done} count.",
                $"Se omitió {move.Spanish} después de {before} y van {done}: cuentan {done}."
            ),
            "not at the bell" => (
                $"The {move.English} after {before} was left out: the count stays at {before} until it is done. The bell comes at {done}: "
                    + $"{done} count.",
                $"Se omitió {move.Spanish} después de {before}: la cuenta sigue en {before} hasta que se haga. La señal llega en {done}: "
                    + $"cuentan {done}."
            ),
            _ => (
                $"The {move.English} after {before} was left out, and {done} are done: {before} count, at the bell too.",
                $"Se omitió {move.Spanish} después de {before} y van {done}: cuentan {before}, también al sonar la señal."
            ),
        };

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
        : null;

    private Said? LastRung(string school)
    {
        if (
            course
                .Pieces.SelectMany(p => p.Tasks.Select(t => (p, t)))
                .FirstOrDefault(x => !(x.t.Prescription.Load?.Value.Values.IsConstant ?? true))
                is not { t.Prescription.Load.Value: { } load }
            || load.Values.Length is not { } rungs
        )
        {
            return null;
        }

        var bar = Number.Normal(load.Values.At(rungs - 1) ?? 0);
        return school == "repeats"
            ? (
                $"After rung {rungs} the bar stays at {bar} {load.Unit.Symbol()} and rung {rungs + 1} counts like the one before.",
                $"Tras el peldaño {rungs} la barra sigue en {bar} {load.Unit.Symbol()} y el peldaño {rungs + 1} cuenta como el anterior."
            )
            : null;
    }
}
