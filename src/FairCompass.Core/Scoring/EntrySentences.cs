using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>How entries of a division may be made up, and how those that differ are ranked.</summary>
public static class EntrySentences
{
    /// <summary>A sentence for each division whose entries differ.</summary>
    /// <param name="divisions">The divisions in each of their line-ups.</param>
    /// <param name="workout">Its heading is nearer than what the division says.</param>
    /// <param name="tongue">In which language.</param>
    public static Eq<string> Of(IEnumerable<Division> divisions, Workout workout, Tongue tongue)
    {
        var said = workout.Headers.OfType<Header.Entries>().FirstOrDefault();
        var places = workout.Headers.OfType<Header.Seats>().FirstOrDefault() is { Duties.Count: > 0 } seats
            ? divisions
                .Where(d => d.IsTeam && d.LineUp is null && d.Seats == seats.Duties)
                .Select(d => d.Name)
                .Distinct()
                .Select(name =>
                    tongue.Say($"Places of {name} in their order: ", $"Puestos de {name} en su orden: ")
                    + string.Join(", ", seats.Duties.Select(tongue.Name))
                    + "."
                )
            : [];
        var ways = divisions
            .Where(d => d.LineUp is not null)
            .GroupBy(d => d.Name)
            .Select(g =>
            {
                var all = tongue.Either(g.Select(d => d.LineUp!.In(tongue)).Distinct());
                var differ = g.Select(d => d.LineUp!.Make).Distinct().Count() > 1;
                var ranked = !differ
                    ? ""
                    : (said is null ? g.First().RankedApart : said.Apart) switch
                    {
                        true => tongue.Say(" They are ranked apart, on a board each.", " Se clasifican aparte, cada uno en su tabla."),
                        false => tongue.Say(" They are ranked together.", " Se clasifican juntos."),
                        null => tongue.Say(
                            " Nobody has said whether they are ranked together.",
                            " Nadie ha dicho si se clasifican juntos."
                        ),
                    };
                return tongue.Say($"Entries of {g.Key}: {all}.", $"Equipos de {g.Key}: {all}.") + ranked;
            });
        return places.Concat(ways).ToEq();
    }
}
