using System.Collections.Concurrent;
using System.Globalization;
using FairCompass.Comparability.Statement;
using FairCompass.Core.Languages;
using FairCompass.Planning.Days;
using FairCompass.Web.Standings;

namespace FairCompass.Web.Comparing;

/// <summary>The statements of competitions: made once for each change and seed, however many read them.</summary>
/// <param name="results">What they are made of.</param>
/// <param name="training">What is said of training.</param>
/// <param name="clock">The clock: training does not show in the feed of results, so what was made is made again after a while.</param>
public sealed class StatementBook(ResultBook results, StatementTraining training, TimeProvider clock)
{
    private static readonly TimeSpan Fresh = TimeSpan.FromMinutes(1);

    private sealed record Made(long Seq, long Seed, DateTimeOffset At, StatementShown Statement);

    private readonly ConcurrentDictionary<Guid, Made> made = new();

    /// <summary>The statement as things are now.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="seed">For the draws, from 0.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<StatementShown> Of(Guid competition, long seed, CancellationToken cancel)
    {
        var s = await results.Snapshot(competition, cancel);
        var now = clock.GetUtcNow();
        if (made.TryGetValue(competition, out var last) && (last.Seq, last.Seed) == (s.Seq, seed) && now - last.At < Fresh)
        {
            return last.Statement;
        }

        var statement = Make(s, seed, await training.Of(competition, s, cancel));
        made[competition] = new(s.Seq, seed, now, statement);
        return statement;
    }

    private static StatementShown Make(ResultSnapshot s, long seed, IReadOnlyList<Said> trained)
    {
        var watched = WatchedRows.Of(s);
        var exchange = JudgeExchange.Of(watched.Rows);
        var names = s.Field.Entries.ToDictionary(e => e.Id, e => e.PublicName);
        BoardSaid Board(StatementBoard b, JudgeExchange by, int i)
        {
            var said = by.Of(b.Results, unchecked((ulong)(seed * 1000) + (ulong)i));
            ShakyPlace Named(Shaky x) => new(x.Place, names.GetValueOrDefault(x.Entry, ""), Math.Round(x.Kept, 1));
            return new(
                b.Title,
                b.Division,
                b.Score,
                [.. StatementWords.Of(b, said, names)],
                [.. said.Shaky.Where(x => x.Place <= 3).Select(Named)],
                [.. said.Shaky.Select(Named)]
            );
        }

        return new(
            s.Day.Name,
            seed,
            [.. Whole(s, watched, exchange, trained)],
            exchange is null ? [] : [.. StatementRows.Of(s).Select((b, i) => Board(b, exchange, i))]
        );
    }

    private static IEnumerable<Said> Whole(ResultSnapshot s, WatchedRows watched, JudgeExchange? exchange, IReadOnlyList<Said> trained)
    {
        var links = Linking.Of(s.Plan);
        // Thousands stand apart by a narrow space, which both languages read alike.
        string N(long n) => n.ToString("#,0", CultureInfo.InvariantCulture).Replace(',', '\u202f');
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
        foreach (var line in trained)
        {
            yield return line;
        }

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
        if (LeftOut(watched) is { } left)
        {
            yield return left;
        }

        yield return (
            $"Judges were exchanged by lot {N(JudgeExchange.Draws)} times. A place stands that is the same in at least 95 of 100. "
                + "Whoever finished stays finished in all of them.",
            $"Los jueces se intercambiaron al azar {N(JudgeExchange.Draws)} veces. Un puesto se mantiene si es el mismo en al "
                + "menos 95 de cada 100. Quien terminó sigue terminando en todas."
        );
        if (NextTime(links, exchange) is { } next)
        {
            yield return next;
        }
    }

    private static Said? LeftOut(WatchedRows watched)
    {
        (int Count, string English, string Spanish)[] left =
        [
            (watched.Untallied, "cards without a tally", "tarjetas sin cuenta"),
            (watched.Unjudged, "cards without a judge in the plan", "tarjetas sin juez en el plan"),
            (watched.TooMany, "tallies larger than the work", "cuentas mayores que el trabajo"),
        ];
        var some = left.Where(x => x.Count > 0).ToList();
        return some.Count == 0
            ? null
            : (
                $"Left out: {string.Join(", ", some.Select(x => $"{x.Count} {x.English}"))}.",
                $"Quedan fuera: {string.Join(", ", some.Select(x => $"{x.Count} {x.Spanish}"))}."
            );
    }

    /// <summary>What a plan would have to be to say more.</summary>
    private static Said? NextTime(Linking links, JudgeExchange exchange)
    {
        const double Wanted = 1.5;
        if (exchange is not { Findable: { } found })
        {
            return null;
        }

        string N(double value) => value.ToString("0.0", CultureInfo.InvariantCulture);
        var (pairs, parejas) =
            links.Pairs > links.Linked
                ? (
                    $" No athlete or heat links {links.Pairs - links.Linked} pairs of judges: a plan that links them would say more.",
                    $" Hay {links.Pairs - links.Linked} parejas de jueces sin atleta ni tanda en común: un plan que las una diría más."
                )
                : ("", "");
        var (english, spanish) = (
            $"Asked about alone, a judge who calls {N(found)} times as many no-reps as others would have been found on four such days "
                + "of five.",
            $"Si se pregunta solo por él, un juez que pita {N(found)} veces las nulas de los demás se habría descubierto en cuatro de "
                + "cada cinco días así."
        );
        if (found > Wanted)
        {
            var work = N(exchange.WorkFor(Wanted)!.Value);
            english += $" To find one of {N(Wanted)} times as often, each would have to tally {work} times as much.";
            spanish += $" Para descubrir igual a uno de {N(Wanted)} veces, cada uno tendría que apuntar {work} veces lo de ese día.";
        }

        return (english + pairs, spanish + parejas);
    }
}
