using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Natural;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Natural;

/// <summary>Reads a workout as coaches write it; nothing is stored.</summary>
/// <param name="Competition">Whose divisions, unit, kit and movements are meant.</param>
/// <param name="Text">The text, within the limits of a draft.</param>
public sealed record ReadRequest(Competition Competition, string Text);

/// <summary>A stateless calculator for other programs: natural text in, a draft in the notation out.</summary>
public static class ReadEndpoints
{
    /// <summary>Maps <c>POST /api/read</c>.</summary>
    public static void MapReading(this WebApplication app) =>
        app.MapPost("/api/read", Read)
            .WithTags("Calculators")
            .WithSummary(
                "Reads a workout as coaches write it: a draft, where each line of it comes from, what must be asked, what was kept as a "
                    + "remark, and what was not understood; nothing is stored."
            );

    private static Results<Ok<NaturalReading>, FieldsRefused> Read(ReadRequest request)
    {
        if (CompetitionRules.Validate(request.Competition) is { Count: > 0 } wrong)
        {
            return new FieldsRefused(wrong.Select(e => e with { Path = "competition." + e.Path }).ToList());
        }

        return DraftInput.Objections(request.Text, "text") is { } refused
            ? refused
            : TypedResults.Ok(NaturalReader.Read(request.Competition, request.Text));
    }
}
