namespace FairCompass.Core.Languages;

/// <summary>A counted thing in both languages, singular and plural.</summary>
/// <param name="One">For exactly one.</param>
/// <param name="Many">For every other count.</param>
/// <param name="Feminine">The gender of the Spanish noun, for what agrees with it.</param>
public sealed record Term(Said One, Said Many, bool Feminine = false)
{
    /// <summary>A counted rep.</summary>
    public static Term Rep { get; } = new(("rep", "repetición"), ("reps", "repeticiones"), true);

    /// <summary>A calorie of a machine's monitor.</summary>
    public static Term Calorie { get; } = new(("calorie", "caloría"), ("calories", "calorías"), true);

    /// <summary>A metre.</summary>
    public static Term Metre { get; } = new(("metre", "metro"), ("metres", "metros"));

    /// <summary>A metre by its symbol.</summary>
    public static Term MetreSymbol { get; } = new(("m", "m"), ("m", "m"));

    /// <summary>A foot of length.</summary>
    public static Term Foot { get; } = new(("foot", "pie"), ("feet", "pies"));

    /// <summary>A second of a held position.</summary>
    public static Term Second { get; } = new(("second", "segundo"), ("seconds", "segundos"));

    /// <summary>A kilogram of load moved.</summary>
    public static Term Kilogram { get; } = new(("kilogram", "kilogramo"), ("kilograms", "kilogramos"));

    /// <summary>A pound of load moved.</summary>
    public static Term Pound { get; } = new(("pound", "libra"), ("pounds", "libras"), Feminine: true);

    /// <summary>A section between two marks of the lane.</summary>
    public static Term Section { get; } = new(("section", "tramo"), ("sections", "tramos"));

    /// <summary>A held position.</summary>
    public static Term Hold { get; } = new(("hold", "posición mantenida"), ("holds", "posiciones mantenidas"), true);

    /// <summary>A counted unit of whatever kind.</summary>
    public static Term Unit { get; } = new(("unit", "unidad"), ("units", "unidades"), true);

    /// <summary>A point of a score.</summary>
    public static Term Point { get; } = new(("point", "punto"), ("points", "puntos"));

    /// <summary>A round.</summary>
    public static Term Round { get; } = new(("round", "ronda"), ("rounds", "rondas"), true);

    /// <summary>A lift.</summary>
    public static Term Lift { get; } = new(("lift", "levantamiento"), ("lifts", "levantamientos"));

    /// <summary>One try at a lift or a skill.</summary>
    public static Term Attempt { get; } = new(("attempt", "intento"), ("attempts", "intentos"));

    /// <summary>A try at a height that was not made.</summary>
    public static Term Miss { get; } = new(("miss", "fallo"), ("misses", "fallos"));

    /// <summary>A judge.</summary>
    public static Term Judge { get; } = new(("judge", "juez"), ("judges", "jueces"));

    /// <summary>A member of a team.</summary>
    public static Term Member { get; } = new(("member", "miembro"), ("members", "miembros"));

    /// <summary>One of several submissions of a score.</summary>
    public static Term Submission { get; } = new(("submission", "envío"), ("submissions", "envíos"));

    /// <summary>The word that the model uses for a unit: <c>rep</c>, <c>cal</c>, <c>m</c>, <c>ft</c>, <c>section of 3 m</c>,
    /// <c>hold</c>.</summary>
    public static Term Of(string word) =>
        word.Split(' ')[0] switch
        {
            "cal" or "calorie" => Calorie,
            "m" => MetreSymbol,
            "ft" => Foot,
            "s" or "second" => Second,
            "kilogram" => Kilogram,
            "pound" => Pound,
            "section" => Section,
            "hold" => Hold,
            "point" => Point,
            "unit" => Unit,
            _ => Rep,
        };

    /// <summary>The word for a unit with its length, where it has one: <c>section of 3 m</c>, <c>tramo de 3 m</c>.</summary>
    public static Said Single(string word)
    {
        var of = word.IndexOf(" of ", StringComparison.Ordinal);
        return word switch
        {
            "cal" => ("cal", "cal"),
            "m" => ("m", "m"),
            "ft" => ("ft", "ft"),
            _ => of < 0 ? Of(word).One : (word, Of(word).One.Spanish + " de " + word[(of + 4)..]),
        };
    }
}
