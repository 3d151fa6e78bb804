using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Puts a standard together from phrases.</summary>
internal static class Book
{
    /// <summary>A movement.</summary>
    /// <param name="name">As drafts write it, and in Spanish.</param>
    /// <param name="synonyms">Other names.</param>
    /// <param name="family">Its family.</param>
    /// <param name="kit">Its kit.</param>
    /// <param name="motion">Which motion its figures come from.</param>
    /// <param name="place">Where the judge stands.</param>
    /// <param name="call">When the judge calls.</param>
    /// <param name="care">Cautions.</param>
    /// <param name="relaxed">What other tiers usually do instead; null for none.</param>
    /// <param name="phrases">The rules, in the order of the rep.</param>
    public static Movement Movement(
        Said name,
        Eq<string> synonyms,
        Said family,
        MovementKit kit,
        string? motion,
        Said place,
        Said call,
        Eq<Said> care,
        Said? relaxed,
        params Phrase[] phrases
    ) =>
        new(
            name.English.Replace(' ', '-').ToLowerInvariant(),
            name,
            synonyms,
            family,
            kit,
            phrases.Concat(Tips.For(family)).OrderBy(p => p.Phase).Select(p => p.ToClause()).ToEq(),
            phrases.OrderBy(p => p.Phase).Select(p => p.ToFault()).OfType<Fault>().ToEq(),
            new(place, call),
            care
        )
        {
            Measures = phrases.Where(p => p.Kind == ClauseKind.Measured).Select(p => MeasuredWith(p.Id)).Concat(ByKit(kit)).ToEq(),
            Relaxations = relaxed is null ? [] : [relaxed],
            Motion = motion,
        };

    private static Said MeasuredWith(string id) =>
        id switch
        {
            "setup-target" => (
                "Height of the target: tape measure, from the athlete’s floor.",
                "Altura del blanco: cinta métrica, desde el suelo del atleta."
            ),
            "setup-reach" => (
                "Reach of the athlete and height of the target: tape measure against the wall.",
                "Alcance del atleta y altura del blanco: cinta métrica contra la pared."
            ),
            "setup-jump-bar" => (
                "Height of the bar over the crown of the head: tape measure.",
                "Altura de la barra sobre la coronilla: cinta métrica."
            ),
            "setup-row-line" => (
                "Line for the heels and height of bar or rings: tape measure.",
                "Línea de los talones y altura de barra o anillas: cinta métrica."
            ),
            "setup-ring-height" => (
                "Height of the rings at the fold of the hip: tape measure.",
                "Altura de las anillas en el pliegue de la cadera: cinta métrica."
            ),
            "setup-line" => (
                "Handstand line: reach at the wrists against the wall, tape measure; who measured and when is written down.",
                "Línea de la vertical: alcance en las muñecas contra la pared, cinta métrica; se anota quién midió y cuándo."
            ),
            "setup-walk-lines" => (
                "Line for the hands and start line: tape measure from the wall.",
                "Línea de las manos y línea de salida: cinta métrica desde la pared."
            ),
            "setup-course" => (
                "Length of the lap: measuring wheel along the line that is run.",
                "Longitud de la vuelta: rueda de medir por la línea que se corre."
            ),
            "setup-turns" => ("Distance between the turn lines: tape measure.", "Distancia entre las líneas de giro: cinta métrica."),
            _ => (
                "Sections of the lane: tape measure, checked before the heat.",
                "Tramos de la calle: cinta métrica, comprobados antes de la tanda."
            ),
        };

    private static IEnumerable<Said> ByKit(MovementKit kit) =>
        kit switch
        {
            MovementKit.Machine =>
            [
                (
                    "Calories or metres: the machine’s own monitor, read before it goes dark.",
                    "Calorías o metros: el monitor de la máquina, leído antes de que se apague."
                ),
            ],
            MovementKit.Box => [("Height of the box: tape measure.", "Altura del cajón: cinta métrica.")],
            MovementKit.ClimbingRope =>
            [
                ("Height of the mark: tape measure from the mat.", "Altura de la marca: cinta métrica desde la colchoneta."),
            ],
            _ => [],
        };
}
