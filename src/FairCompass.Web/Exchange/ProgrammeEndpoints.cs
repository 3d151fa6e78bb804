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
        foreach (var all in new[] { false, true })
        {
            var what = all ? "All drafts" : "A draft";
            Give<TextFile>(tag, all, "txt", (w, name) => new(MarkedText.Plain(w), name), $"{what} as text.");
            Give<MarkdownFile>(
                tag,
                all,
                "md",
                (w, name) => new(MarkedText.Markdown(w), name),
                $"{what} as Markdown: a heading each, its lines as a list."
            );
            Give<WordFile>(tag, all, "docx", (w, name) => new(WordDocument.Write(w), name), $"{what} as a document of a word processor.");
            Give<SheetFile>(
                tag,
                all,
                "xlsx",
                (w, name) => new(SheetDocument.Write(w), name),
                "The loads and amounts as a spreadsheet, a sheet each workout."
            );
        }
    }

    private static void Give<T>(
        RouteGroupBuilder tag,
        bool all,
        string ending,
        Func<List<WrittenWorkout>, string, Download<T>> write,
        string summary
    )
        where T : IFileKind =>
        tag.MapGet(
                (all ? "/competitions/{id:guid}/programme." : "/workouts/{id:guid}/draft.") + ending,
                async Task<Results<Download<T>, NotThere>> (Guid id, OpenDrafts drafts, CancellationToken cancel) =>
                    await (all ? Programme(id, drafts, cancel) : One(id, drafts, cancel)) is { } w
                        ? write(w, Name(w, all, ending))
                        : NotThere.Gone(all ? "competition" : "workout")
            )
            .Needs(Right.Look, all ? "exported the competition" : "exported a workout")
            .WithSummary(summary);

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
