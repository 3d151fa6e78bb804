using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Access;

/// <summary>The log of what was done in a competition, for organisers.</summary>
public static class LogEndpoints
{
    /// <summary>Lines that a file has at most.</summary>
    private const int MostLines = 100_000;

    /// <summary>Maps the addresses.</summary>
    public static void MapLog(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}").WithTags("Log");
        tag.MapGet("/log", Read)
            .Needs(Right.Manage)
            .WithSummary($"What was done, the newest first, {DoneStore.PageSize} lines an answer; older ones with before.");
        tag.MapGet("/log.csv", File).Needs(Right.Manage, "exported the log").WithSummary("What was done, as comma-separated values.");
    }

    private static async Task<Ok<IReadOnlyList<DeedLine>>> Read(
        Guid id,
        string? who,
        string? what,
        long? before,
        DoneStore done,
        CancellationToken cancel
    ) => TypedResults.Ok(await done.Of(id, who ?? "", what ?? "", before, DoneStore.PageSize, cancel));

    private static async Task<Download<CsvFile>> File(Guid id, string? who, string? what, DoneStore done, CancellationToken cancel)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (
            var csv = new CsvWriter(
                text,
                new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape }
            )
        )
        {
            csv.WriteRecords(await done.Of(id, who ?? "", what ?? "", null, MostLines, cancel));
        }

        return new(text.ToString(), "log.csv");
    }
}
