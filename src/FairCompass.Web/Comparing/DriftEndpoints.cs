using System.Globalization;
using FairCompass.Access;
using FairCompass.Comparability;
using FairCompass.Comparability.Statement;
using FairCompass.Core.Text;
using FairCompass.Planning.Days;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Standings;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Comparing;

/// <summary>What a day says of one judge, lane or heat.</summary>
/// <param name="Name">The judge, <c>lane 4</c>, or the workout with the number and the time of its heat.</param>
/// <param name="Drift">What can be said.</param>
/// <param name="Sentence">The same in words.</param>
public sealed record DriftLine(string Name, Drift Drift, string Sentence)
{
    /// <summary>For a judge who is flagged, in whose results it may have come to most, and to how many no-reps.</summary>
    public IReadOnlyList<DriftCost> Costs { get; init; } = [];

    /// <summary>For a judge who is flagged, what to speak about; null where nothing is known.</summary>
    public string? Advice { get; init; }
}

/// <summary>What a judge’s calls may have come to in one result.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Score">The name of the score.</param>
/// <param name="Name">Whose result.</param>
/// <param name="NoReps">No-reps more than an ordinary judge would have called; below 0 fewer.</param>
/// <param name="Seconds">What they took, where the score is a time; null where it is not.</param>
public sealed record DriftCost(string Workout, string Score, string Name, double NoReps, double? Seconds);

/// <summary>Between which ratios of tallied to expected no-reps chance alone keeps 95 in 100.</summary>
/// <param name="Expected">Expected no-reps.</param>
/// <param name="Low">The lower limit.</param>
/// <param name="High">The upper limit.</param>
public sealed record FunnelAt(double Expected, double Low, double High);

/// <summary>What the tallies of a competition say of judges, lanes and heats.</summary>
/// <param name="Alarms">The share of false ones among the flagged that was accepted.</param>
/// <param name="Judges">By name: nobody is ranked.</param>
/// <param name="Lanes">By lane.</param>
/// <param name="Unsaid">What could not be said, and why.</param>
public sealed record DriftShown(
    double Alarms,
    IReadOnlyList<DriftLine> Judges,
    IReadOnlyList<DriftLine> Lanes,
    IReadOnlyList<string> Unsaid
)
{
    /// <summary>The funnel, from few expected no-reps to as many as there are of one judge; empty where nothing is said.</summary>
    public IReadOnlyList<FunnelAt> Funnel { get; init; } = [];

    /// <summary>By heat, in the order of time.</summary>
    public IReadOnlyList<DriftLine> Heats { get; init; } = [];
}

/// <summary>Drift of judges, lanes and heats during the day, for the head judge alone.</summary>
public static class DriftEndpoints
{
    /// <summary>Maps the address.</summary>
    public static void MapDrift(this WebApplication app) =>
        app.MapGroup("/api/competitions/{id:guid}/drift")
            .WithTags("Comparing")
            .MapGet("/", Of)
            .Needs(Right.DecideResults)
            .WithSummary("What the tallies of no-reps say of judges, lanes and heats, athletes and work accounted for.");

    private static async Task<Results<Ok<DriftShown>, FieldsRefused>> Of(
        Guid id,
        double? alarms,
        ResultBook book,
        DriftAdvice advice,
        Visitor visitor,
        CancellationToken cancel
    )
    {
        if (alarms is <= 0 or > 0.5 || (alarms is { } rate && !double.IsFinite(rate)))
        {
            return new FieldsRefused("alarms", "A share over 0, at most 0.5, such as 0.05.");
        }

        var accepted = alarms ?? 0.05;
        var snapshot = await book.Snapshot(id, cancel);
        var watched = WatchedRows.Of(snapshot);
        var day = FittedDay.Of(watched.Rows);
        var drift = day is null ? null : DayDrift.Of(day, accepted);
        var costs = CostsOf(snapshot, day, drift);
        var eyes = RoleRights.Allow(await visitor.Roles(id, storesNothing: false, cancel), Right.SeeEyes);
        var said = await advice.Of(id, watched, drift, eyes, cancel);
        string Judge(Guid j) => snapshot.Field.Judge(j)?.Name ?? "a judge who is gone";
        return TypedResults.Ok(
            new DriftShown(
                accepted,
                [
                    .. (drift?.Judges ?? new Dictionary<Guid, Drift>())
                        .Select(j => new DriftLine(Judge(j.Key), j.Value, Sentence(j.Value))
                        {
                            Costs = costs.GetValueOrDefault(j.Key, []),
                            Advice = said.GetValueOrDefault(j.Key),
                        })
                        .OrderBy(l => l.Name, StringComparer.OrdinalIgnoreCase),
                ],
                [
                    .. (drift?.Lanes ?? new Dictionary<string, Drift>())
                        .OrderBy(l => l.Key.Length)
                        .ThenBy(l => l.Key, StringComparer.Ordinal)
                        .Select(l => new DriftLine($"lane {l.Key}", l.Value, Sentence(l.Value))),
                ],
                [.. Unsaid(watched, drift)]
            )
            {
                Funnel = FunnelOf(drift),
                Heats =
                [
                    .. snapshot
                        .Plan.Heats.OrderBy(h => h.Starts)
                        .Where(h => drift?.Heats.ContainsKey($"{h.Id}") == true)
                        .Select(h => (Heat: h, Drift: drift!.Heats[$"{h.Id}"]))
                        .Select(h => new DriftLine(NameOf(snapshot, h.Heat), h.Drift, Sentence(h.Drift))),
                ],
            }
        );
    }

    private static string NameOf(ResultSnapshot s, Heat heat) =>
        $"{s.Field.Workout(s.Plan.SessionOf(heat).Workout)?.Title ?? "A workout that is gone"}, heat {heat.Number}, "
        + heat.Starts.ToString("HH:mm", CultureInfo.InvariantCulture);

    /// <summary>Limits at thirty numbers of expected no-reps, by equal factors.</summary>
    private static IReadOnlyList<FunnelAt> FunnelOf(DayDrift? drift)
    {
        var most = drift?.Judges.Values.Select(d => d.Expected).DefaultIfEmpty(0).Max() ?? 0;
        return most < 2
            ? []
            :
            [
                .. Enumerable
                    .Range(0, 30)
                    .Select(i => Math.Pow(most, i / 29.0))
                    .Select(e => new FunnelAt(Math.Round(e, 2), Math.Max(0, Funnel.Limit(e, 0.025)), Funnel.Limit(e, 0.975))),
            ];
    }

    /// <summary>Of flagged judges the results in which their calls may have come to most.</summary>
    private static Dictionary<Guid, IReadOnlyList<DriftCost>> CostsOf(ResultSnapshot s, FittedDay? day, DayDrift? drift)
    {
        var flagged = drift?.Judges.Where(j => j.Value.IsFlagged).Select(j => j.Key).ToHashSet() ?? [];
        if (flagged.Count == 0)
        {
            return [];
        }

        var exchange = JudgeExchange.Of(day!);

        const int Most = 5;
        return StatementRows
            .Of(s)
            .SelectMany(b => b.Results.Select(r => (Board: b, Result: r)))
            .Where(x => x.Result.Judge is { } j && flagged.Contains(j) && exchange.IsSaid(x.Result))
            .Select(x => (x.Board, Cost: exchange.CostOf(x.Result)))
            .Where(x => Math.Abs(x.Cost.NoReps) >= 0.5)
            .GroupBy(x => x.Cost.Judge)
            .ToDictionary(
                g => g.Key,
                g =>
                    (IReadOnlyList<DriftCost>)
                        [
                            .. g.OrderByDescending(x => Math.Abs(x.Cost.NoReps))
                                .Take(Most)
                                .Select(x => new DriftCost(
                                    x.Board.Title,
                                    x.Board.Score,
                                    s.Field.Entry(x.Cost.Entry)?.PublicName ?? "",
                                    Math.Round(x.Cost.NoReps, 1),
                                    x.Board.InTime && x.Cost.PerNoRep > 1 ? Math.Round(x.Cost.NoReps * x.Cost.PerNoRep / 1000, 1) : null
                                )),
                        ]
            );
    }

    private static string Sentence(Drift d)
    {
        var seen = $"{d.NoReps} no-reps in {d.Units} units; {Whole(d.Expected)} were to be expected";
        var most = d.Most is { } part ? $" Most of it: {part.Cell}, {part.NoReps} where {Whole(part.Expected)}." : "";
        return d.Kind switch
        {
            DriftKind.TooFew => $"{seen}: too few to say.",
            DriftKind.Strict => $"{seen}: strict, some {Whole(d.NoReps - d.Expected)} calls that others would not have made.{most}",
            DriftKind.Lenient => $"{seen}: lenient, some {Whole(d.Expected - d.NoReps)} calls that others would have made.{most}",
            _ => $"{seen}: nothing stands out.",
        };
    }

    private static string Whole(double n) => $"{Math.Round(n, MidpointRounding.AwayFromZero):0}";

    private static IEnumerable<string> Unsaid(WatchedRows watched, DayDrift? drift)
    {
        if (drift is null)
        {
            yield return watched.Rows.Count == 0 ? "No card with a tally of no-reps is entered yet."
            : watched.Rows.All(r => r.NoReps == 0) ? "Nobody called a no-rep, so judges cannot be told apart."
            : "One judge alone has tallied, so there is nobody to compare with.";
        }

        if (watched.Untallied > 0)
        {
            yield return Words.Count(watched.Untallied, "card")
                + " without any tally: what nobody wrote down is left out, not counted as none.";
        }

        if (watched.Unjudged > 0)
        {
            yield return $"{Words.Count(watched.Unjudged, "card")} of lanes without a judge in the plan.";
        }

        if (watched.TooMany > 0)
        {
            yield return $"{Words.Count(watched.TooMany, "tally", "tallies")} larger than the work: left out. Look at the cards.";
        }
    }
}
