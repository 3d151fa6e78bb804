using FairCompass.Core.Languages;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Short ways to write phrases down.</summary>
internal static class Write
{
    public static Phrase Must(
        string id,
        Phase phase,
        Said text,
        Perceived by,
        Said sign,
        Said call,
        Said fix,
        Consequence then = Consequence.NotCounted,
        Predicate? holds = null,
        ClauseParameters? of = null
    ) => new(id, phase, ClauseKind.Required, text, new(sign, by, call, fix, then)) { Holds = holds, Of = of };

    public static Phrase Never(
        string id,
        Phase phase,
        Said text,
        Perceived by,
        Said sign,
        Said call,
        Said fix,
        Consequence then = Consequence.NotCounted,
        Predicate? holds = null,
        ClauseParameters? of = null
    ) => new(id, phase, ClauseKind.Forbidden, text, new(sign, by, call, fix, then)) { Holds = holds, Of = of };

    public static Phrase May(string id, Phase phase, Said text) => new(id, phase, ClauseKind.Allowed, text);

    /// <summary>Checked before the clock, so there is no no-rep.</summary>
    public static Phrase Ready(string id, Said text) => new(id, Phase.SetUp, ClauseKind.Required, text);

    public static Phrase Measured(string id, Said text, ClauseParameters? of = null) =>
        new(id, Phase.SetUp, ClauseKind.Measured, text) { Of = of };

    public static Phrase Tip(string id, Said text) => new(id, Phase.Through, ClauseKind.Tip, text);

    /// <summary>The words of what is done next. Where reps are free nothing is owed: the next good one takes the number.</summary>
    public static readonly Said NextGood = (
        "Not counted; the next good rep takes its number.",
        "No cuenta; la siguiente repetición válida lleva su número."
    );
    public static readonly Said FromFloor = ("Begin the rep again from the floor.", "Empezar de nuevo la repetición desde el suelo.");
    public static readonly Said FromHang = (
        "Stand tall with the load, then repeat the rep from the hang.",
        "Ponerse de pie con la carga y repetir la repetición desde el hang."
    );
    public static readonly Said NextRep = ("Go on; the next good rep counts.", "Seguir; cuenta la siguiente repetición buena.");
    public static readonly Said StandFirst = ("Stand tall, then go on.", "Ponerse de pie y seguir.");
    public static readonly Said LastMark = ("Go back behind the last mark.", "Volver detrás de la última marca.");
}
