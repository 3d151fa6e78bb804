using FairCompass.Access;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Calculators;

/// <summary>A stateless calculator for other programs: which plates go on and off the bars of a lane.</summary>
public static class PlateEndpoints
{
    private const int MostMoments = 60;
    private const int MostBars = 12;
    private const int MostPlates = 62;
    private const int MostWishes = 60;

    /// <summary>Maps <c>POST /api/plates</c>.</summary>
    public static void MapPlates(this WebApplication app) =>
        app.MapPost("/api/plates", Plan)
            .WithTags("Calculators")
            .Needs(Right.Calculate)
            .WithSummary(
                "The cheapest changes of plates of all bars of a lane, what cannot be made, and what is lacking; nothing is stored."
            );

    private static Results<Ok<PlatesAnswer>, FieldsRefused> Plan(PlatesRequest request)
    {
        var errors = Objections(request).Take(100).ToList();
        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var stock = request.Plates.Select(p => new PlatePairs(p.Mass, p.Count / 2, p.FullDiameter, p.Thickness)).ToList();
        var bars = request
            .Bars.Select(b => new PlannedBar(b.Name, b.Mass, b.Loads.ToEq())
            {
                Stands = (b.Stands ?? []).ToEq(),
                NeedsFull = b.FromFloor,
                Sleeve = b.Sleeve,
            })
            .ToList();
        if (request.Within is { } within)
        {
            var chosen = bars.Select(b => WishedLoads.Of(stock, request.ClipPair, b, within)).ToList();
            if (chosen.FindIndex(c => c is null) is >= 0 and var none)
            {
                return new FieldsRefused([new($"bars[{none}].loads", "These plates make no load near one of the wishes for this bar.")]);
            }

            bars = bars.Zip(chosen, (b, loads) => b with { Loads = loads!.Value }).ToList();
        }

        var plan = PlatePlanner.Plan(stock, request.ClipPair, bars);
        return TypedResults.Ok(
            new PlatesAnswer(
                plan.Bars.Select((b, i) => Said(b, request.Bars[i], request.SecondsPerPlate, request.Within is not null)).ToList(),
                plan.Problems.ToList(),
                plan.Handled,
                plan.HandledMass,
                plan.Problems.Count == 0
                    ? []
                    : PlateShortage
                        .Of(stock, request.ClipPair, bars)
                        .Select(l => new LackingPlates(l.Mass, l.Count * request.Lanes))
                        .ToList()
            )
        );
    }

    private static PlannedChanges Said(BarPlan plan, LoadedBar bar, decimal secondsEach, bool wished) =>
        new(
            plan.Name,
            plan.Changes.Select(
                    (c, i) =>
                    {
                        var (seconds, given) = (c.Handled * secondsEach, bar.Given?[i]);
                        return new PlannedChange(
                            c.Load,
                            c.Off.ToList(),
                            c.On.ToList(),
                            c.Side.ToList(),
                            c.Handled,
                            c.HandledMass,
                            seconds,
                            given,
                            given is { } s ? seconds <= s : null,
                            wished ? bar.Loads[i] : null
                        );
                    }
                )
                .ToList()
        );

    private static IEnumerable<FieldError> Objections(PlatesRequest r)
    {
        if (r.Plates.Count is < 1 or > PlatePlanner.MostKinds)
        {
            yield return new("plates", $"From 1 to {PlatePlanner.MostKinds} masses; these are {r.Plates.Count}.");
        }

        for (var i = 0; i < r.Plates.Count; i++)
        {
            foreach (var error in Objections(r.Plates[i]))
            {
                yield return error with
                {
                    Path = $"plates[{i}].{error.Path}",
                };
            }
        }

        if (r.Bars.Count is < 1 or > MostBars)
        {
            yield return new("bars", $"From 1 to {MostBars} bars; these are {r.Bars.Count}.");
        }

        for (var i = 0; i < r.Bars.Count; i++)
        {
            foreach (var error in Objections(r.Bars[i], r))
            {
                yield return error with
                {
                    Path = $"bars[{i}].{error.Path}",
                };
            }
        }

        if (r.ClipPair is < 0 or > 20 || !Exact(r.ClipPair))
        {
            yield return new("clipPair", "From 0 to 20, with at most three decimals.");
        }

        if (r.SecondsPerPlate is <= 0 or > 600)
        {
            yield return new("secondsPerPlate", "Over 0 and up to 600 seconds.");
        }

        if (r.Within is < 0 or > 50)
        {
            yield return new("within", "From 0 to 50.");
        }

        if (r.Within is not null && r.Bars.Sum(b => b.Loads.Count) > MostWishes)
        {
            yield return new("bars", $"At most {MostWishes} wishes in all.");
        }

        if (r.Lanes is < 1 or > 100)
        {
            yield return new("lanes", "From 1 to 100 lanes.");
        }
    }

    private static IEnumerable<FieldError> Objections(StockedPlate plate)
    {
        if (plate.Mass is <= 0 or > 100 || !Exact(plate.Mass))
        {
            yield return new("mass", "Over 0 and up to 100, with at most three decimals.");
        }

        if (plate.Count is < 0 or > MostPlates)
        {
            yield return new("count", $"From 0 to {MostPlates} single plates.");
        }

        if (plate.Thickness is <= 0 or > 200)
        {
            yield return new("thickness", "Over 0 and up to 200 mm.");
        }
    }

    private static IEnumerable<FieldError> Objections(LoadedBar bar, PlatesRequest r)
    {
        if (bar.Name.Length is < 1 or > 80 || r.Bars.Count(b => b.Name == bar.Name) > 1)
        {
            yield return new("name", "1 to 80 characters, and each name once.");
        }

        if (bar.Mass is <= 0 or > 100 || !Exact(bar.Mass))
        {
            yield return new("mass", "Over 0 and up to 100, with at most three decimals.");
        }

        if (bar.Loads.Count is < 1 or > MostMoments || bar.Loads.Count != r.Bars[0].Loads.Count)
        {
            yield return new("loads", $"From 1 to {MostMoments} moments, as many for every bar.");
        }

        for (var i = 0; i < bar.Loads.Count; i++)
        {
            if (bar.Loads[i] is { } load && (load is <= 0 or > 1500 || !Exact(load)))
            {
                yield return new($"loads[{i}]", "Over 0 and up to 1500, with at most three decimals; null where nobody needs the bar.");
            }
        }

        if (bar.Sleeve is <= 0 or > 1000)
        {
            yield return new("sleeve", "Over 0 and up to 1000 mm.");
        }

        for (var i = 0; i < (bar.Stands?.Count ?? 0); i++)
        {
            var mass = bar.Stands![i];
            if (r.Bars.Sum(b => (b.Stands ?? []).Count(m => m == mass)) > r.Plates.Where(p => p.Mass == mass).Sum(p => p.Count / 2))
            {
                yield return new($"stands[{i}]", $"The lane has not so many pairs of {Number.Normal(mass)}.");
            }
        }

        if (bar.Given is { } given && (given.Count != bar.Loads.Count || given.Any(g => g is < 0 or > 86_400)))
        {
            yield return new("given", "Seconds from 0 to a day, or null, for each moment.");
        }
    }

    private static bool Exact(decimal mass) => decimal.Round(mass, 3) == mass;
}
