using FairCompass.Core.Courses;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Interviewing;

/// <content>The bell, a gate, and what breaks, with the numbers of this workout.</content>
internal sealed partial class TopicExamples
{
    /// <summary>A load that this kit can make, on its way when the clock ends.</summary>
    private Said? LiftAtTheBell(string school)
    {
        if (
            course.Pieces.FirstOrDefault(p => p.Piece.IsHeaviest && p.Limit is not null) is not { } lift
            || course.Competition is not { } competition
        )
        {
            return null;
        }

        var bar = lift.Tasks is [var first, ..] ? first.Prescription.Bar?.Value : null;
        var loads = BarLoads.All(competition.Kit.Bar(course.MembersOf(lift.Piece)[0].Duty, bar), competition.Kit);
        var (load, cap) = (new Mass(loads[loads.Count / 3], competition.Unit), lift.Limit!.Longest);
        return school switch
        {
            "begun" => (
                $"At {cap} {load} has left the floor or the rack and is then finished: it counts.",
                $"A los {cap} {load} ya han dejado el suelo o el soporte y después se terminan: cuentan."
            ),
            "finished" => (
                $"At {cap} {load} stand overhead or on the shoulders and still move: they count. Still on the way: they do not.",
                $"A los {cap} {load} están en su posición final y aún se mueven: cuentan. Todavía en camino: no cuentan."
            ),
            _ => (
                $"At {cap} {load} are in the finish position and still move: they do not count. Still before {cap}: they count.",
                $"A los {cap} {load} están en su posición final y aún se mueven: no cuentan. Quietos antes de {cap}: cuentan."
            ),
        };
    }

    /// <summary>Somebody who has just what the first gate wants, on its second.</summary>
    private Said? OnTheSecond(string school)
    {
        if (
            course.Pieces.Select(p => p.Limit).OfType<Limit>().FirstOrDefault(l => l.Gates.Count > 0) is not { } limit
            || Clock?.Forks is not [var fork, ..]
        )
        {
            return null;
        }

        var done = limit.Gates[0].Units;
        return school == "counts"
            ? (
                $"At {fork.At} number {done} is done: the athlete goes on until {fork.Until}, and the card says {fork.At}.",
                $"A los {fork.At} la número {done} está hecha: el atleta sigue hasta {fork.Until} y la tarjeta dice {fork.At}."
            )
            : (
                $"At {fork.At} number {done} is done: the athlete stops there with {done}.",
                $"A los {fork.At} la número {done} está hecha: el atleta para ahí con {done}."
            );
    }

    /// <summary>A count that is lost on the way, with the last number that was written: the last whole ten.</summary>
    private Said? Broken(string school)
    {
        if (Standing() is not { } at || at.Done < 10)
        {
            return null;
        }

        var written = at.Done - (at.Done % 10);
        return school switch
        {
            "last written number" => (
                $"Lost at {at.Done}, {written} stand on the card: {written} stand, and the athlete goes on from there.",
                $"Se pierde en {at.Done} y la tarjeta dice {written}: valen {written} y el atleta sigue desde ahí."
            ),
            "again in a later heat" => (
                $"Lost at {at.Done}: nothing of this run counts, and all of it is done again.",
                $"Se pierde en {at.Done}: nada de este intento cuenta y se hace todo otra vez."
            ),
            _ => (
                $"Lost at {at.Done}, {written} stand on the card: the judge counts on, and the head judge settles between "
                    + $"{written} and {at.Done}.",
                $"Se pierde en {at.Done} y la tarjeta dice {written}: el juez sigue contando y el juez principal decide entre "
                    + $"{written} y {at.Done}."
            ),
        };
    }
}
