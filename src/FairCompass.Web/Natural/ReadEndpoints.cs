using FairCompass.Access;
using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Natural;
using FairCompass.Documents;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace FairCompass.Web.Natural;

/// <summary>Reads a workout as coaches write it; nothing is stored.</summary>
/// <param name="Competition">Whose divisions, unit, kit and movements are meant.</param>
/// <param name="Text">The text, within the limits of a draft; null where <paramref name="Html"/> is given.</param>
/// <param name="Html">A web page or a piece of one, as a clipboard holds it, in place of the text.</param>
public sealed record ReadRequest(Competition Competition, string? Text = null, string? Html = null);

/// <summary>The text of a file.</summary>
/// <param name="Kind">What the file is: <c>text</c>, <c>table</c>, <c>page</c>, <c>spreadsheet</c>, <c>document</c>, or <c>pdf</c>.</param>
/// <param name="Text">Its words, a line each paragraph or row, cells of a table with a tab between them.</param>
public sealed record FileRead(string Kind, string Text);

/// <summary>Stateless calculators for other programs: natural text in, a draft in the notation out; a file in, its text out.</summary>
public static class ReadEndpoints
{
    /// <summary>Maps <c>POST /api/read</c> and <c>POST /api/read/file</c>.</summary>
    public static void MapReading(this WebApplication app)
    {
        var tag = app.MapGroup("/api/read").WithTags("Calculators");
        tag.MapPost("", Read)
            .Needs(Right.Calculate)
            .WithSummary(
                "Reads a workout as coaches write it: a draft, where each line of it comes from, what must be asked, what was kept as a "
                    + "remark, and what was not understood; nothing is stored."
            );
        tag.MapPost("/file", ReadFile)
            .WithMetadata(new RequestSizeLimitAttribute(DocumentReader.MostBytes + 1))
            .Needs(Right.Calculate)
            .WithSummary("The text of a file: plain text, Markdown, CSV, HTML, .xlsx, .docx, PDF; nothing is stored.");
    }

    private static Results<Ok<NaturalReading>, FieldsRefused> Read(ReadRequest request)
    {
        if (CompetitionRules.Validate(request.Competition) is { Count: > 0 } wrong)
        {
            return new FieldsRefused(wrong.Select(e => e with { Path = "competition." + e.Path }).ToList());
        }

        if ((request.Text is null) == (request.Html is null))
        {
            return new FieldsRefused("text", "Give either text or html.");
        }

        var page = request.Html is { } html ? PageText.Of(html) : null;
        if (page?.Refused is { } why)
        {
            return new FieldsRefused("html", why);
        }

        var text = page?.Text ?? request.Text!;
        if (DraftInput.Objections(text, page is null ? "text" : "html") is { } refused)
        {
            return refused;
        }

        var reading = NaturalReader.Read(request.Competition, text);
        return TypedResults.Ok(page is null ? reading : reading with { Text = text });
    }

    private static async Task<Results<Ok<FileRead>, FieldsRefused>> ReadFile(Stream file, string? name, CancellationToken cancel)
    {
        using var held = new MemoryStream();
        await file.CopyToAsync(held, cancel);
        var read = DocumentReader.Read(held.ToArray(), name);
        return read.Refused is { } why ? new FieldsRefused("file", why) : TypedResults.Ok(new FileRead(read.Kind, read.Text));
    }
}
