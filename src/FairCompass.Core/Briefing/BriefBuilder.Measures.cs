using System.Globalization;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>What is measured for each athlete, and what a video must show.</summary>
public sealed partial class BriefBuilder
{
    private IEnumerable<BriefSection> Measurement()
    {
        var measured = StandardsShown().Where(m => m.Clauses.Any(c => c.Kind == ClauseKind.Measured)).ToList();
        var places = MeasuredPlace.Of(u, division, tongue);
        var of = (measured.Count == 0 && places.Count == 0 ? [] : Measurement(measured, places))
            .Concat(OfTheFloor())
            .Concat(OwnBests())
            .ToList();
        return of.Count == 0 ? [NothingMeasured()] : of;
    }

    private BriefSection NothingMeasured() =>
        new(
            "none",
            Say("Nothing to measure", "Nada que medir"),
            [
                new BriefBlock.Paragraph(
                    Say(
                        "No movement of this workout is measured for each athlete or lane.",
                        "Ningún ejercicio de esta prueba se mide para cada atleta o calle."
                    )
                ),
            ]
        );

    private IEnumerable<BriefSection> Measurement(List<Movement> measured, Eq<MeasuredPlace> places)
    {
        if (measured.Count > 0)
        {
            yield return new(
                "what",
                Say("What is measured", "Qué se mide"),
                [
                    new BriefBlock.Points([
                        .. measured.SelectMany(m =>
                            m.Clauses.Where(c => c.Kind == ClauseKind.Measured).Select(c => $"{Named(m)}: {Worded(m, c)}")
                        ),
                    ]),
                ]
            );
        }

        if (places.Count > 0)
        {
            yield return new(
                "how",
                Say("From the mark to the place", "De la marca al lugar"),
                [new BriefBlock.Points(places.Select(p => Cite($"measure/{p.Key}", HowToSet(p))).ToEq())]
            );
        }

        yield return Readings(measured, places);
        yield return new(
            "lost",
            Say("A lost mark", "Una marca perdida"),
            [
                new BriefBlock.Paragraph(
                    Say(
                        "A lost mark is measured again, never guessed; both values stay on this sheet.",
                        "Una marca perdida se mide de nuevo, nunca se adivina; los dos valores quedan en esta hoja."
                    )
                ),
            ]
        );
    }

    /// <summary>The sheet itself: what was read so far, and rows to write in.</summary>
    private BriefSection Readings(List<Movement> measured, Eq<MeasuredPlace> places)
    {
        // What is no mark on a body is checked once for the lane, and written down all the same.
        Eq<string> columns =
            places.Count > 0
                ?
                [
                    .. places.SelectMany(p =>
                        new[]
                        {
                            $"{Words.Capital(tongue.Say(p.Name))}: {Say("mark", "marca")}",
                            Words.Capital(tongue.Say(p.Sets)) + ", mm · in",
                        }
                    ),
                ]
                : [.. measured.Select(Named)];
        Eq<string> head = [Say("Athlete", "Atleta"), .. columns, Say("Measured by", "Medido por"), Say("At", "Hora")];
        var read = options
            .Readings.Where(r => places.Any(p => p.Key == r.Place))
            .GroupBy(r => (r.Athlete, r.By, r.At))
            .Select(
                (g, n) =>
                    Cited(
                        $"reading/{n}",
                        new([
                            g.Key.Athlete,
                            .. places.SelectMany(p =>
                                g.FirstOrDefault(r => r.Place == p.Key) is { } r
                                    ? new[]
                                    {
                                        r.Value.ToString(),
                                        p.Objection(r.Value) is null ? TapeLength.Of(p.Line(r.Value)).ToString() : "–",
                                    }
                                    : ["", ""]
                            ),
                            g.Key.By,
                            g.Key.At.ToString("yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture),
                        ])
                    )
            )
            .ToList();
        return new(
            "sheet",
            Say("One row each", "Una fila cada uno"),
            [
                new BriefBlock.Table(
                    null,
                    head,
                    [.. read, .. Enumerable.Range(0, Math.Max(4, 16 - read.Count)).Select(_ => new BriefRow(head.Select(_ => "").ToEq()))]
                ),
            ]
        );
    }

    /// <summary>What is shown before the clock runs.</summary>
    private BriefSection ShownFirst(List<Movement> standards)
    {
        return new(
            "before",
            Say("Show first", "Muestra primero"),
            [
                new BriefBlock.Points([
                    Say(
                        "The floor plan: lines, distances, the way you face.",
                        "El plano del suelo: líneas, distancias, hacia dónde miras."
                    ),
                    .. standards.Any(m => m.NeedsLoad)
                        ? [Say("Every load: plates, bar, bell, read aloud.", "Cada carga: discos, barra, pesa, leída en voz alta.")]
                        : Array.Empty<string>(),
                    .. standards.SelectMany(m => m.Clauses.Where(c => c.Kind == ClauseKind.Measured).Select(c => Worded(m, c))).Distinct(),
                    .. standards
                        .Where(m => m.Kit == MovementKit.Machine)
                        .Select(m =>
                            Say(
                                $"The monitor of the {m.Name.English}, at zero.",
                                $"El monitor ({m.Name.Spanish ?? m.Name.English}), a cero."
                            )
                        ),
                    Say("The clock that runs through the video, at zero.", "El reloj que corre durante el vídeo, a cero."),
                ]),
            ]
        );
    }

    /// <summary>Mark, amount, and side:
    /// <c>Strict handstand push-up: the line lies 80 mm (3 1/8 in) below the mark: wrists, reach against the wall.</c></summary>
    private string HowToSet(MeasuredPlace p)
    {
        var who = p.For.Count == 0 ? "" : tongue.Join(p.For) + ": ";
        var (name, marked, sets) = (Words.Capital(tongue.Say(p.Name)), tongue.Say(p.Marked), tongue.Say(p.Sets));
        return p.Amount is not { } amount
                ? $"{who}{name}: "
                    + Say(
                        "the draft does not say how far the place lies from the mark",
                        "el borrador no dice a qué distancia de la marca queda"
                    )
                    + $": {sets}; {marked}."
            : amount.Value == 0 ? $"{who}{name}: {sets} = {Say("the mark", "la marca")}: {marked}."
            : $"{who}{name}: {sets} = {Say("mark", "marca")} {(p.Above ? "+" : "−")} {amount} ("
                + $"{TapeLength.Of(amount.InMillimetres).Tape} in): {marked}.";
    }

    private IEnumerable<BriefSection> Video()
    {
        if (!PaperNames.IsFor(Audience.Video, u.Workout))
        {
            yield return new(
                "none",
                Say("No videos", "Sin vídeos"),
                [
                    new BriefBlock.Paragraph(
                        Say(
                            "This workout takes no videos: it is judged on the floor.",
                            "Esta prueba no admite vídeos: se juzga en la pista."
                        )
                    ),
                ]
            );
            yield break;
        }

        var standards = StandardsShown();
        yield return ShownFirst(standards);
        yield return new(
            "during",
            Say("While it runs", "Mientras corre"),
            [
                new BriefBlock.Points([
                    Say(
                        "One take, no cut; the whole body in the frame all the time.",
                        "Una sola toma, sin cortes; el cuerpo entero en el cuadro todo el tiempo."
                    ),
                    Say(
                        "The camera stands where the judge would: see each place below.",
                        "La cámara está donde estaría el juez: mira abajo cada posición."
                    ),
                    .. standards.Select(m => $"{Named(m)}: {Cite($"judge/{m.Id}", tongue.Say(m.Judge.Place))}"),
                ]),
            ]
        );
        yield return new(
            "after",
            Say("Show last", "Muestra al final"),
            [
                new BriefBlock.Points([
                    Say("The clock, then each monitor before it goes dark.", "El reloj, después cada monitor antes de que se apague."),
                    .. Rulings(),
                ]),
            ]
        );
    }
}
