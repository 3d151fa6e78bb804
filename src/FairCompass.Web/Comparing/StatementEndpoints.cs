using System.Globalization;
using FairCompass.Access;
using FairCompass.Comparability.Statement;
using FairCompass.Core.Languages;
using FairCompass.Planning.Days;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Standings;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Comparing;

/// <summary>A place that does not stand.</summary>
/// <param name="Place">The place.</param>
/// <param name="Name">Whose, as the public reads it.</param>
/// <param name="Kept">In how many of a hundred exchanges it is the same.</param>
public sealed record ShakyPlace(int Place, string Name, double Kept);

/// <summary>What is said of one board.</summary>
/// <param name="Title">The workout.</param>
/// <param name="Division">The division.</param>
/// <param name="Score">The name of the score.</param>
/// <param name="Lines">What is said, in sentences.</param>
/// <param name="Podium">Places one to three that do not stand.</param>
/// <param name="Shaky">All that do not.</param>
public sealed record BoardSaid(
    string Title,
    string Division,
    string Score,
    IReadOnlyList<Said> Lines,
    IReadOnlyList<ShakyPlace> Podium,
    IReadOnlyList<ShakyPlace> Shaky
);

/// <summary>How far the scores of a competition can be compared.</summary>
/// <param name="Name">The competition.</param>
/// <param name="Seed">The seed of the draws: with it anybody gets the same figures.</param>
/// <param name="Lines">What holds for the whole.</param>
/// <param name="Boards">By workout and division.</param>
public sealed record StatementShown(string Name, long Seed, IReadOnlyList<Said> Lines, IReadOnlyList<BoardSaid> Boards);

/// <summary>The statement of how comparable the scores are, for the head judge.</summary>
public static class StatementEndpoints
{
    /// <summary>Maps the address.</summary>
    public static void MapStatement(this WebApplication app) =>
        app.MapGroup("/api/competitions/{id:guid}/statement")
            .WithTags("Comparing")
            .MapGet("/", Of)
            .Needs(Right.DecideResults)
            .WithSummary("How far the scores can be compared, and which places would not stand if judges had been exchanged.");

    private static async Task<Results<Ok<StatementShown>, FieldsRefused>> Of(Guid id, long? seed, ResultBook book, CancellationToken cancel)
    {
        if (seed is < 0)
        {
            return new FieldsRefused("seed", "A whole number from 0.");
        }

        var s = await book.Snapshot(id, cancel);
        var with = seed ?? 1;
        var watched = WatchedRows.Of(s);
        var exchange = JudgeExchange.Of(watched.Rows);
        var names = s.Field.Entries.ToDictionary(e => e.Id, e => e.PublicName);
        var boards = StatementRows.Of(s);
        return TypedResults.Ok(
            new StatementShown(
                s.Day.Name,
                with,
                [.. Whole(s, watched, exchange)],
                exchange is null
                    ? []
                    :
                    [
                        .. boards.Select(
                            (b, i) =>
                            {
                                var said = exchange.Of(b.Results, unchecked((ulong)(with * 1000) + (ulong)i));
                                ShakyPlace Named(Shaky x) => new(x.Place, names.GetValueOrDefault(x.Entry, ""), Math.Round(x.Kept, 1));
                                return new BoardSaid(
                                    b.Title,
                                    b.Division,
                                    b.Score,
                                    [.. StatementWords.Of(b, said, names)],
                                    [.. said.Shaky.Where(x => x.Place <= 3).Select(Named)],
                                    [.. said.Shaky.Select(Named)]
                                );
                            }
                        ),
                    ]
            )
        );
    }

    private static IEnumerable<Said> Whole(ResultSnapshot s, WatchedRows watched, JudgeExchange? exchange)
    {
        var links = Linking.Of(s.Plan);
        string N(long n) => n.ToString(CultureInfo.InvariantCulture);
        var apart = links.Pairs - links.Linked;
        yield return (
            $"{N(links.Judges)} judges stood in the lanes. Of {N(links.Pairs)} pairs {N(links.Linked)} are linked by athletes or heats "
                + (apart == 0 ? "that both saw." : "that both saw; the others can be compared through third judges only, or not at all."),
            $"{N(links.Judges)} jueces estuvieron en las calles. De {N(links.Pairs)} parejas, {N(links.Linked)} están unidas por atletas "
                + (
                    apart == 0
                        ? "o tandas que vieron ambos."
                        : "o tandas que vieron ambos; las demás solo se comparan a través de terceros, o no se comparan."
                )
        );
        if (exchange is null)
        {
            yield return (
                "The tallies of no-reps say nothing of judges: nobody tallied, one judge alone did, or no no-rep was called. So "
                    + "nothing can be said of which places depend on who judged.",
                "Las cuentas de nulas no dicen nada de los jueces: nadie las apuntó, lo hizo un solo juez o no hubo ninguna. Por "
                    + "eso no se puede decir qué puestos dependen de quién juzgó."
            );
            yield break;
        }

        yield return (
            $"What follows rests on {N(watched.Rows.Sum(r => r.NoReps))} no-reps in {N(watched.Rows.Sum(r => r.Units))} units "
                + "that were watched. It says what no-reps cost; what no judge called, no tally shows.",
            $"Lo que sigue se basa en {N(watched.Rows.Sum(r => r.NoReps))} nulas en {N(watched.Rows.Sum(r => r.Units))} unidades "
                + "vistas. Dice lo que costaron las nulas; lo que ningún juez pitó no está en ninguna cuenta."
        );
        if (watched.Untallied + watched.Unjudged + watched.TooMany > 0)
        {
            yield return (
                $"Left out: {N(watched.Untallied)} cards without a tally, {N(watched.Unjudged)} without a judge in the plan, "
                    + $"{N(watched.TooMany)} tallies larger than the work.",
                $"Quedan fuera: {N(watched.Untallied)} tarjetas sin cuenta, {N(watched.Unjudged)} sin juez en el plan, "
                    + $"{N(watched.TooMany)} cuentas mayores que el trabajo."
            );
        }

        yield return (
            $"Judges were exchanged by lot {N(JudgeExchange.Draws)} times. A place stands that is the same in at least 95 of 100. "
                + "Whoever finished stays finished in all of them. More pairs of judges who see the same athletes would say "
                + "more: the plan looks for them.",
            $"Los jueces se intercambiaron al azar {N(JudgeExchange.Draws)} veces. Un puesto se mantiene si es el mismo en al "
                + "menos 95 de cada 100. Quien terminó sigue terminando en todas. Más parejas de jueces que vean a los mismos "
                + "atletas dirían más: el plan las busca."
        );
    }
}
