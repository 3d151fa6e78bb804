using FairCompass.Access;
using FairCompass.Core.Drafts;
using FairCompass.Documents.Writing;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Exchange;

/// <summary>Drafts in the open formats that others write in: what is given out here is read again at <c>/api/read/file</c> and
/// <c>/api/read</c> as what it was.</summary>
public static class ProgrammeEndpoints
{
    /// <summary>Maps the addresses of the files.</summary>
    public static void MapProgramme(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Exchange");
        foreach (
            var (of, all, what) in new[]
            {
                ("/workouts/{id:guid}/draft", false, "A draft"),
                ("/competitions/{id:guid}/programme", true, "All drafts"),
            }
        )
        {
            Func<Guid, OpenDrafts, CancellationToken, Task<List<WrittenWorkout>?>> written = all ? Programme : One;
            var gone = all ? "competition" : "workout";
            tag.MapGet(
                    of + ".txt",
                    async Task<Results<Download<TextFile>, NotThere>> (Guid id, OpenDrafts drafts, CancellationToken cancel) =>
                        await written(id, drafts, cancel) is { } w
                            ? new Download<TextFile>(MarkedText.Plain(w), Name(w, all, "txt"))
                            : NotThere.Gone(gone)
                )
                .Needs(Right.Look, all ? "exported the competition" : "exported a workout")
                .WithSummary($"{what} as text.");
            tag.MapGet(
                    of + ".md",
                    async Task<Results<Download<MarkdownFile>, NotThere>> (Guid id, OpenDrafts drafts, CancellationToken cancel) =>
                        await written(id, drafts, cancel) is { } w
                            ? new Download<MarkdownFile>(MarkedText.Markdown(w), Name(w, all, "md"))
                            : NotThere.Gone(gone)
                )
                .Needs(Right.Look, all ? "exported the competition" : "exported a workout")
                .WithSummary($"{what} as Markdown: a heading each, its lines as a list.");
            tag.MapGet(
                    of + ".docx",
                    async Task<Results<Download<WordFile>, NotThere>> (Guid id, OpenDrafts drafts, CancellationToken cancel) =>
                        await written(id, drafts, cancel) is { } w
                            ? new Download<WordFile>(WordDocument.Write(w), Name(w, all, "docx"))
                            : NotThere.Gone(gone)
                )
                .Needs(Right.Look, all ? "exported the competition" : "exported a workout")
                .WithSummary($"{what} as a document of a word processor.");
            tag.MapGet(
                    of + ".xlsx",
                    async Task<Results<Download<SheetFile>, NotThere>> (Guid id, OpenDrafts drafts, CancellationToken cancel) =>
                        await written(id, drafts, cancel) is { } w
                            ? new Download<SheetFile>(SheetDocument.Write(w), Name(w, all, "xlsx"))
                            : NotThere.Gone(gone)
                )
                .Needs(Right.Look, all ? "exported the competition" : "exported a workout")
                .WithSummary("The loads and amounts as a spreadsheet, a sheet each workout.");
        }
    }

    private static async Task<List<WrittenWorkout>?> One(Guid id, OpenDrafts drafts, CancellationToken cancel) =>
        await drafts.Open(id, cancel) is { } open ? [Of(open.Understanding)] : null;

    private static async Task<List<WrittenWorkout>?> Programme(Guid id, OpenDrafts drafts, CancellationToken cancel) =>
        await drafts.OpenAll(id, cancel) is { } open ? [.. open.Select(o => Of(o.Understanding))] : null;

    private static WrittenWorkout Of(Understanding u)
    {
        var lines = u.Text.ReplaceLineEndings("\n").TrimEnd('\n').Split('\n');
        return new(lines[0].Trim(), lines[1..], PrescriptionSheet.Table(u));
    }

    private static string Name(List<WrittenWorkout> workouts, bool all, string ending) =>
        $"{(all || workouts[0].Title.Length == 0 ? "programme" : workouts[0].Title)}.{ending}";
}
