using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Lifts whose style is free: what all styles have in common is judged, and the style is not asked.</content>
internal static partial class Lifting
{
    public static readonly Phrase AnyClean = May(
        "any-style",
        Through,
        (
            "Any style brings the bar to the shoulders: muscle, power, squat or split.",
            "Vale cualquier estilo para llevar la barra a los hombros: sin flexión, de potencia, completo o en tijera."
        )
    );
    public static readonly Phrase AnySnatch = May(
        "any-style",
        Through,
        (
            "Any style brings the bar overhead in one movement: muscle, power, squat or split.",
            "Vale cualquier estilo para llevar la barra arriba en un solo movimiento: sin flexión, de potencia, completo o en tijera."
        )
    );
    public static readonly Phrase AnyWayPlate = May(
        "any-way",
        Through,
        ("Any way brings the plate overhead.", "Vale cualquier camino para llevar el disco arriba.")
    );
    public static readonly Phrase AnyWayUp = May(
        "any-way",
        Through,
        (
            "Any way brings the bar overhead, in one movement or by way of the shoulders.",
            "Vale cualquier camino para llevar la barra arriba, en un solo movimiento o pasando por los hombros."
        )
    );
}
