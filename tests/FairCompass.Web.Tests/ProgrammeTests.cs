using System.Net;
using System.Text;
using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;
using DocumentFormat.OpenXml.Validation;
using FairCompass.Core.Natural;
using FairCompass.Documents;
using FairCompass.Documents.Writing;

namespace FairCompass.Web.Tests;

/// <summary>Drafts in the formats of others: valid by the schemas of ECMA-376 as the library of its makers holds them, and read
/// again as what
/// they were.</summary>
public class ProgrammeTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static readonly List<string> Drafts = [.. Store.Demo.SaltmarshFerryGames.Drafts.Select(d => d.TrimEnd())];

    private static string Read(byte[] file, string name)
    {
        var text = DocumentReader.Read(file, name);
        Assert.Null(text.Refused);
        return text.Text;
    }

    private static NaturalReading Reading(string text) => NaturalReader.Read(Store.Demo.SaltmarshFerryGames.Competition, text);

    private static string Bare(string draft) => string.Join('\n', draft.Split('\n').Select(l => l.TrimEnd()).Where(l => l.Length > 0));

    private static WrittenWorkout Of(string draft) =>
        new(
            draft.Split('\n')[0],
            draft.Split('\n')[1..],
            [
                ["task", "Tideline man"],
            ]
        );

    private static readonly Dictionary<string, Func<IReadOnlyList<WrittenWorkout>, byte[]>> Formats = new()
    {
        ["txt"] = w => Encoding.UTF8.GetBytes(MarkedText.Plain(w)),
        ["md"] = w => Encoding.UTF8.GetBytes(MarkedText.Markdown(w)),
        ["docx"] = WordDocument.Write,
    };

    [Theory]
    [InlineData("txt")]
    [InlineData("md")]
    [InlineData("docx")]
    public void A_draft_is_read_again_as_itself(string format) =>
        Assert.All(
            Drafts,
            draft =>
            {
                var reading = Reading(Read(Formats[format]([Of(draft)]), "draft." + format));
                Assert.Equal(Bare(draft), Bare(reading.Draft));
                Assert.Empty(reading.Unread);
            }
        );

    [Theory]
    [InlineData("txt")]
    [InlineData("md")]
    [InlineData("docx")]
    public void A_programme_is_told_apart_and_each_read_as_itself(string format)
    {
        var text = Read(Formats[format]([.. Drafts.Select(Of)]), "programme." + format);
        var parts = Reading(text).Workouts;
        Assert.Equal(Drafts.Select(d => d.Split('\n')[0]), parts.Select(p => p.Title));
        var lines = text.Split('\n');
        Assert.All(
            parts.Zip(Drafts),
            p => Assert.Equal(Bare(p.Second), Bare(Reading(string.Join('\n', lines[(p.First.From - 1)..p.First.To])).Draft))
        );
    }

    [Fact]
    public async Task The_files_of_a_competition_keep_to_the_standard()
    {
        var (workout, _) = await api.NewDraft(Drafts[0]);
        foreach (var address in new[] { $"/api/competitions/{api.Competition}/programme", $"/api/workouts/{workout}/draft" })
        {
            using var word = WordprocessingDocument.Open(await Held(address + ".docx", WordDocument.MediaType), isEditable: false);
            Assert.Empty(new OpenXmlValidator(FileFormatVersions.Office2013).Validate(word).Select(e => e.Description));
            using var sheet = SpreadsheetDocument.Open(await Held(address + ".xlsx", SheetDocument.MediaType), isEditable: false);
            Assert.Empty(new OpenXmlValidator(FileFormatVersions.Office2013).Validate(sheet).Select(e => e.Description));
            Assert.StartsWith(
                "Ferry Bell\n  for ",
                (await api.Http.GetStringAsync(address + ".txt"))[..30].Replace("# ", "", StringComparison.Ordinal),
                StringComparison.Ordinal
            );
            Assert.StartsWith("# Ferry Bell\n\n  - for ", await api.Http.GetStringAsync(address + ".md"), StringComparison.Ordinal);
        }

        using var answer = await api.Http.GetAsync(new Uri($"/api/workouts/{Guid.NewGuid()}/draft.docx", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
    }

    [Fact]
    public void A_table_is_read_as_it_was_and_no_cell_is_a_formula()
    {
        List<IReadOnlyList<string>> table =
        [
            ["task", "Tideline man"],
            ["=1+1", "2 x 22.5 kg"],
            ["sit-up", "1/2"],
        ];
        var long32 = new string('a', 40);
        byte[] file = SheetDocument.Write([new("A/B: [1]", [], table), new(long32, [], table), new(long32, [], table), new("", [], [])]);
        Assert.Contains("=1+1\t2 x 22.5 kg\nsit-up\t1/2", Read(file, "loads.xlsx"), StringComparison.Ordinal);
        using var book = SpreadsheetDocument.Open(new MemoryStream(file), isEditable: false);
        var names = book.WorkbookPart!.Workbook!.Sheets!.Elements<Sheet>().Select(s => s.Name!.Value!).ToList();
        Assert.Equal(["A B   1", long32[..31], long32[..29] + " 2", "Workout"], names);
        Assert.Empty(new OpenXmlValidator().Validate(book));
        using var none = SpreadsheetDocument.Open(new MemoryStream(SheetDocument.Write([])), isEditable: false);
        Assert.Empty(new OpenXmlValidator().Validate(none));
    }

    private async Task<Stream> Held(string address, string type)
    {
        using var answer = await api.Http.GetAsync(new Uri(address, UriKind.Relative));
        Assert.Equal(type, answer.Content.Headers.ContentType?.MediaType);
        return new MemoryStream(await answer.Content.ReadAsByteArrayAsync());
    }
}
