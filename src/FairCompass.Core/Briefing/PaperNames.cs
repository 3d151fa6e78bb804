using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>What each paper is called.</summary>
public static class PaperNames
{
    /// <summary>Everybody for whom a paper is made of one definition alone, in the order in which a pack is printed.</summary>
    public static Eq<Audience> All { get; } =
    [
        Audience.Athlete,
        Audience.Judge,
        Audience.Caller,
        Audience.FloorCrew,
        Audience.ScoreDesk,
        Audience.LaneCard,
        Audience.Measurement,
        Audience.Video,
        Audience.Poster,
    ];

    /// <summary>False for a paper that a workout has no use for: a check list for videos where none are taken.</summary>
    /// <param name="audience">Whose paper.</param>
    /// <param name="workout">The workout.</param>
    public static bool IsFor(Audience audience, Workout workout) =>
        audience != Audience.Video || workout.Headers.Any(h => h is Header.Video) || workout.Policies.Any(p => p is Policy.Attempts);

    /// <summary>The name of the paper for an audience.</summary>
    public static Said Of(Audience audience) =>
        audience switch
        {
            Audience.Athlete => ("Athlete brief", "Documento del atleta"),
            Audience.Judge => ("Judge brief", "Documento del juez"),
            Audience.Caller => ("Caller’s sheet", "Hoja de avisos"),
            Audience.FloorCrew => ("Floor crew sheet", "Hoja del equipo de pista"),
            Audience.ScoreDesk => ("Score desk sheet", "Hoja de la mesa de puntuación"),
            Audience.LaneCard => ("Lane card", "Tarjeta de calle"),
            Audience.Measurement => ("Measurement sheet", "Hoja de medición"),
            Audience.Video => ("Video check list", "Lista de control del vídeo"),
            Audience.Holder => ("Erratum", "Fe de erratas"),
            _ => ("Poster", "Cartel"),
        };
}
