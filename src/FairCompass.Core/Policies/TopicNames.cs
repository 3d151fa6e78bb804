using FairCompass.Core.Languages;

namespace FairCompass.Core.Policies;

/// <summary>What a topic is called on paper, in a word or two: its name in drafts, and the same in Spanish.</summary>
public static class TopicNames
{
    private static readonly Dictionary<string, string> Spanish = new(StringComparer.Ordinal)
    {
        ["bar weight"] = "peso de la barra",
        ["before go"] = "antes de «ya»",
        ["bell"] = "señal",
        ["bell for lifts"] = "señal, levantamientos",
        ["capped score"] = "sin terminar",
        ["counting"] = "conteo",
        ["doubtful rep"] = "repetición dudosa",
        ["false start"] = "salida en falso",
        ["gate on the second"] = "corte en su segundo",
        ["hand tag"] = "toque de relevo",
        ["judges"] = "jueces",
        ["last rung"] = "último escalón",
        ["measuring"] = "medición",
        ["mixed heights"] = "alturas mixtas",
        ["other documents"] = "otros documentos",
        ["own rest"] = "descanso propio",
        ["plates"] = "discos",
        ["score weights"] = "peso de las puntuaciones",
        ["spotting"] = "ayuda en el levantamiento",
        ["tape and grips"] = "cinta y calleras",
        ["team order"] = "orden del equipo",
        ["tie-break"] = "desempate",
        ["uncounted moves"] = "movimientos sin contar",
        ["video"] = "vídeo",
        ["what breaks"] = "averías",
    };

    /// <summary>The name in both languages; in Spanish the question stands for one that has no name of its own.</summary>
    public static Said Of(Topic topic) => new(topic.Name, Spanish.GetValueOrDefault(topic.Name) ?? topic.Question.Spanish);
}
