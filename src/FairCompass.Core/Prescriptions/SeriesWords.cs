using FairCompass.Core.Languages;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>A series as a paper says it.</summary>
public static class SeriesWords
{
    /// <summary>Longer lists stand with strokes, as the trade writes loads: <c>35-35-37.5-37.5</c>.</summary>
    private const int MostInWords = 3;

    /// <summary>In words: <c>16, then 12, then 8</c>; <c>2, 4, 6 and so on</c>; <c>40, 45 and so on up to 85</c>.</summary>
    public static string Of(Series series, Tongue tongue)
    {
        if (!series.Continues)
        {
            return string.Join(series.Terms.Count > MostInWords ? "-" : tongue.Say(", then ", ", luego "), series.Terms);
        }

        return string.Join(", ", series.Terms)
            + tongue.Say(" and so on", " y así")
            + (
                series.Last is not { } last ? tongue.Say("", " sucesivamente")
                : series.Step < 0 ? tongue.Say($" down to {last}", $" hasta bajar a {last}")
                : tongue.Say($" up to {last}", $" hasta {last}")
            );
    }
}
