using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Commands over HTTP: edits of a text with what they hold for, and changes of a stored draft.</summary>
public class EditTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text =
        "T\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  12 power clean, 60/40 kg\n  20 sit-up\n\nscore: time\n";

    private static string Command(string kind, params (string Key, JsonNode? Value)[] of)
    {
        var command = new JsonObject { ["kind"] = kind };
        foreach (var (key, value) in of)
        {
            command[key] = value;
        }

        return command.ToJsonString();
    }

    private Task<(HttpStatusCode Status, JsonNode? Body)> Edit(string body, string command) =>
        api.Post(
            $"/api/competitions/{api.Competition}/edit",
            new JsonObject { ["body"] = body, ["command"] = JsonNode.Parse(command) }.ToJsonString()
        );

    private Task<(HttpStatusCode Status, JsonNode? Body)> EditStored(Guid id, int revision, Guid save, string command) =>
        api.Post(
            $"/api/workouts/{id}/edit",
            new JsonObject
            {
                ["baseRevision"] = revision,
                ["saveId"] = save,
                ["command"] = JsonNode.Parse(command),
            }.ToJsonString()
        );

    private static readonly string Cell = Command(
        "cell",
        ("line", 6),
        ("aspect", "load"),
        ("division", "Meadow"),
        ("duty", "man"),
        ("value", "45")
    );

    [Fact]
    public async Task A_cell_is_answered_with_offsets_and_the_hash_of_its_text()
    {
        var (status, answer) = await Edit(Text, Cell);
        Assert.Equal(HttpStatusCode.OK, status);
        var edit = Assert.Single(answer!["edits"]!.AsArray())!;
        var from = edit["from"]!.GetValue<int>();
        Assert.Equal(Text.IndexOf("60/40 kg", StringComparison.Ordinal) + 8, from);
        Assert.Equal((from, "\n    Meadow: 45/40 kg"), (edit["to"]!.GetValue<int>(), edit["insert"]!.GetValue<string>()));
        var (_, same) = await Edit(Text.Replace("\n", "\r\n", StringComparison.Ordinal), Cell);
        Assert.Equal(answer["for"]!.GetValue<string>(), same!["for"]!.GetValue<string>());
        var (_, other) = await Edit(Text + "// more\n", Cell);
        Assert.NotEqual(answer["for"]!.GetValue<string>(), other!["for"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("""{"kind":"cell","line":6,"aspect":"height","division":"Meadow","duty":"man","value":"45"}""", "command.aspect")]
    [InlineData("""{"kind":"cell","line":6,"aspect":"load","division":"Meadow","duty":"man","value":"heavy"}""", "command.value")]
    [InlineData("""{"kind":"answer","topic":"other documents","words":"the sheet (page 2)"}""", "command.words")]
    [InlineData("""{"kind":"answer","topic":"nothing","words":"x"}""", "command.topic")]
    [InlineData("""{"kind":"mend","finding":"x","label":"y"}""", "command.finding")]
    [InlineData("""{"kind":"rule","movement":"sit-up","clause":"x","line":null,"division":null,"text":null}""", "command.clause")]
    [InlineData("""{"kind":"rule","movement":"x","clause":"x","line":null,"division":null,"text":null}""", "command.movement")]
    [InlineData(
        """{"kind":"table","cells":[{"line":99,"aspect":"load","division":"Meadow","duty":"man","value":"45"}]}""",
        "command.cells[0]"
    )]
    public async Task A_command_that_cannot_be_done_is_refused_at_its_field(string command, string field)
    {
        var (status, problem) = await Edit(Text, command);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal(field, problem!["errors"]!.AsObject().Single().Key);
    }

    [Theory]
    [InlineData("""{"kind":"move"}""")]
    [InlineData("""{"line":6}""")]
    [InlineData("""{"kind":"mend","finding":"x","label":"y","more":1}""")]
    [InlineData("null")]
    public async Task What_is_no_command_is_not_understood(string command) =>
        Assert.Equal(HttpStatusCode.BadRequest, (await Edit(Text, command)).Status);

    [Fact]
    public async Task A_stored_draft_is_changed_once_and_never_from_a_text_that_is_gone()
    {
        var (id, revision) = await api.NewDraft(Text);
        var save = Guid.NewGuid();
        var (status, saved) = await EditStored(id, revision, save, Cell);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Contains("    Meadow: 45/40 kg\n", saved!["body"]!.GetValue<string>(), StringComparison.Ordinal);
        var (again, same) = await EditStored(id, revision, save, Cell);
        Assert.Equal((HttpStatusCode.OK, revision + 1), (again, same!["revision"]!.GetValue<int>()));
        var (late, problem) = await EditStored(id, revision, Guid.NewGuid(), Cell);
        Assert.Equal(HttpStatusCode.Conflict, late);
        Assert.Equal(revision + 1, problem!["current"]!["revision"]!.GetValue<int>());
        Assert.Equal(HttpStatusCode.NotFound, (await EditStored(Guid.NewGuid(), 1, save, Cell)).Status);
    }

    [Fact]
    public async Task An_answer_in_words_is_a_line_of_the_draft()
    {
        var (id, revision) = await api.NewDraft(Text);
        var answer = Command("answer", ("topic", "other documents"), ("words", "the sheet at the desk"));
        var (_, saved) = await EditStored(id, revision, Guid.NewGuid(), answer);
        Assert.EndsWith("\npolicy other documents: the sheet at the desk\n", saved!["body"]!.GetValue<string>(), StringComparison.Ordinal);
    }
}
