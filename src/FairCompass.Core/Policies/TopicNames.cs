using FairCompass.Core.Languages;

namespace FairCompass.Core.Policies;

/// <summary>What a topic is called on paper, in a word or two: its name in drafts, and the same in Spanish.</summary>
public static class TopicNames
{
    private static readonly Dictionary<string, string> Spanish = new(StringComparer.Ordinal)
    {
        ["bar weight"] = "peso de la barra",
        ["box turned by"] = "quién gira el cajón",
        ["change of load"] = "cambio de carga",
        ["first load"] = "primera carga",
        ["going down"] = "bajar la carga",
        ["hold changes"] = "cambio de quien mantiene",
        ["hold comes down"] = "posición que baja",
        ["hold taken over"] = "relevo de la posición",
        ["late together"] = "a la vez, tarde",
        ["lift up"] = "ayuda para llegar",
        ["moving kit"] = "mover el material",
        ["short of the least"] = "menos del mínimo",
        ["video attempts"] = "intentos en vídeo",
        ["video cuts"] = "cortes del vídeo",
        ["video deadline"] = "plazo del vídeo",
        ["video monitor"] = "monitor en el vídeo",
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
        ["partial distance"] = "distancia a medias",
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
