using FairCompass.Core.Quantities;

namespace FairCompass.Core.Languages;

/// <summary>A term of the papers.</summary>
/// <param name="English">The English term, in the singular.</param>
/// <param name="Spanish">The Spanish term, in the singular.</param>
/// <param name="Forms">Beginnings of Spanish words, one of which a Spanish text has wherever the English one has the term; the first is
/// that of <paramref name="Spanish"/>.</param>
public sealed record GlossaryTerm(string English, string Spanish, Eq<string> Forms);

/// <summary>
/// The terms in which the papers speak, one Spanish term for each English one, so that a word means one thing on every paper.
/// The words are common practice of Spanish-speaking judges; <c>docs/glossary.md</c> is printed from here.
/// </summary>
public static class Glossary
{
    private static GlossaryTerm T(string english, string spanish, params string[] forms) =>
        new(english, spanish, forms.Length == 0 ? [spanish] : forms.ToEq());

    /// <summary>The terms, in the order of the English ones.</summary>
    public static Eq<GlossaryTerm> Terms { get; } =
    [
        T("athlete", "atleta"),
        T("bell", "señal", "señal", "pesa"),
        T("box", "cajón", "caj"),
        T("calorie", "caloría", "calor"),
        T("cap", "tope"),
        T("card", "tarjeta"),
        T("caution", "precaución", "precauc"),
        T("clip", "cierre"),
        T("division", "división", "divisi"),
        T("dumbbell", "mancuerna"),
        T("fingerprint", "huella"),
        T("floor crew", "equipo de pista"),
        T("gate", "corte"),
        T("head judge", "juez principal"),
        T("heat", "tanda"),
        T("judge", "juez", "juez", "juec", "juzg"),
        T("kettlebell", "kettlebell"),
        T("lane", "calle"),
        T("metre", "metro"),
        T("monitor", "monitor"),
        T("plate", "disco"),
        T("rack", "soporte", "soporte", "rack"),
        T("ring", "anilla"),
        T("rope", "cuerda", "cuerda", "comba"),
        T("round", "ronda"),
        T("sandbag", "saco"),
        T("score", "puntuación", "puntua"),
        T("score desk", "mesa de puntuación", "mesa"),
        T("section", "tramo"),
        T("spotter", "ayudante"),
        T("station", "estación", "estaci"),
        T("target", "blanco"),
        T("team", "equipo", "equipo", "compañer", "pareja"),
        T("tie-break", "desempate"),
        T("wall", "pared"),
        T("workout", "prueba"),
    ];

    /// <summary>A usual name of drafts in a language; any other is its author's and stands in quotation marks on a Spanish paper, unless it
    /// is a label.</summary>
    public static string Usual(string name, Tongue tongue) =>
        !tongue.IsSpanish ? name
        : InDrafts.TryGetValue(name.Trim(), out var spanish) ? tongue.Formed(spanish)
        : tongue.Name(name) is var own && own != name ? own
        : name.Length < 4 || char.IsUpper(name[0]) ? name
        : $"«{name}»";

    /// <summary>What something is above: <c>above reach</c>, <c>por encima del alcance</c>.</summary>
    public static string Above(string name, Tongue tongue) => tongue.IsSpanish ? "por encima " + Of(Usual(name, tongue)) : "above " + name;

    /// <summary>What something is below: <c>below the wrists</c>, <c>por debajo de las muñecas</c>.</summary>
    public static string Below(string name, Tongue tongue) => tongue.IsSpanish ? "por debajo " + Of(Usual(name, tongue)) : "below " + name;

    /// <summary>A place itself: <c>at the hip crease</c>, <c>a la altura del pliegue de la cadera</c>.</summary>
    public static string At(string name, Tongue tongue) => tongue.IsSpanish ? "a la altura " + Of(Usual(name, tongue)) : "at " + name;

    /// <summary>De with its article: <c>del alcance</c>.</summary>
    private static string Of(string name) => name.StartsWith("el ", StringComparison.Ordinal) ? "del " + name[3..] : "de " + name;

    /// <summary>Names that drafts usually use after <c>by</c>, <c>at</c>, and <c>above</c>; any other name is its author's.</summary>
    public static IReadOnlyDictionary<string, string> InDrafts { get; } =
        new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase)
        {
            ["the athlete"] = "el atleta",
            ["dropped bar"] = "barra soltada",
            ["the hip crease"] = "el pliegue de la cadera",
            ["mark"] = "marca",
            ["low mark"] = "marca baja",
            ["leave at"] = "salida a",
            ["start line"] = "línea de salida",
            ["hands"] = "manos",
            ["feet"] = "pies",
            ["knees"] = "rodillas",
            ["rings"] = "anillas",
            ["zone"] = "zona",
            ["band"] = "banda",
            ["athlete"] = "el atleta",
            ["the athletes"] = "los atletas",
            ["the team"] = "el equipo",
            ["a team mate"] = "un compañero",
            ["team mates"] = "los compañeros",
            ["team-mates"] = "los compañeros",
            ["the partner"] = "la pareja",
            ["the floor crew"] = "el equipo de pista",
            ["floor crew"] = "el equipo de pista",
            ["crew"] = "el equipo de pista",
            ["one crew"] = "una persona del equipo de pista",
            ["two crew"] = "dos personas del equipo de pista",
            ["the judge"] = "el juez",
            ["the head judge"] = "el juez principal",
            ["spotters"] = "los ayudantes",
            ["two spotters"] = "dos ayudantes",
            ["the wrists"] = "las muñecas",
            ["the wrist"] = "la muñeca",
            ["reach"] = "el alcance",
            ["full reach"] = "el alcance completo",
            ["the reach"] = "el alcance",
            ["standing reach"] = "el alcance de pie",
            ["the hip"] = "la cadera",
            ["the touch"] = "el toque",
            ["the far shoulder"] = "el hombro más lejano",
            ["the top"] = "la posición alta",
            ["the bottom"] = "la posición baja",
            ["the floor"] = "el suelo",
            ["the lockout"] = "el bloqueo",
            ["the start"] = "el inicio",
            ["the finish"] = "el final",
            ["the jump"] = "el salto",
            ["each rep"] = "cada repetición",
            ["a round"] = "una ronda",
            ["each round"] = "cada ronda",
        };
}
