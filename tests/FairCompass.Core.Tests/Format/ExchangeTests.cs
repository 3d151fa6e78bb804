using System.Text.Json;
using System.Text.Json.Nodes;
using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Format;
using FairCompass.Core.Json;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Format;

public class ExchangeTests
{
    [Fact]
    public void A_competition_comes_back_byte_for_byte()
    {
        var texts = DraftTexts.DemoNames.Select(DraftTexts.Read).Append("not a workout // private\n  at all\n").Select(Draft.New).ToList();
        var json = ExchangeFiles.Write(Demo.Competition with { Overall = OverallRule.Usual }, texts);
        var (competition, read) = ExchangeFiles.ReadCompetition(json);
        Assert.Equal(texts, read);
        Assert.Equal(json, ExchangeFiles.Write(competition, read));
    }

    [Fact]
    public void Any_workout_comes_back_with_or_without_its_text() =>
        WorkoutGen.Any.Sample(
            workout =>
            {
                var text = Printer.Print(workout);
                var json = ExchangeFiles.Write(Draft.New(text));
                Assert.Equal(text, ExchangeFiles.ReadWorkout(json).Text);
                var bare = JsonNode.Parse(json)!;
                bare.AsObject().Remove("text");
                bare.AsObject().Remove("lines");
                // Without its text a workout comes back as far as it was understood: a line that is too long is a hole.
                Assert.Equal(Printer.Print(Parser.Parse(text).Workout), ExchangeFiles.ReadWorkout(bare.ToJsonString()).Text);
            },
            iter: 500
        );

    /// <summary>Files of the first version, kept for ever.</summary>
    [Fact]
    public void Version_1_is_still_read()
    {
        Assert.Equal(DraftTexts.Read("golden/workout-1.txt"), ExchangeFiles.ReadWorkout(DraftTexts.Read("golden/workout-1")).Text);
        Assert.Equal(DraftTexts.Demo("04"), ExchangeFiles.ReadWorkout(DraftTexts.Read("golden/workout-1b")).Text);
        var (competition, texts) = ExchangeFiles.ReadCompetition(DraftTexts.Read("golden/competition-1"));
        Assert.Null(competition.Overall);
        Assert.Equal("Saltmarsh Ferry Games", competition.Name);
        Assert.Equal([DraftTexts.Demo("02")], texts.Select(t => t.Text));
        // What is read from an old file is written in the new version.
        Assert.Contains($"\"version\":{ExchangeFiles.Version}", ExchangeFiles.Write(competition, texts), StringComparison.Ordinal);
    }

    /// <summary>Version 2 had no ids of lines: its lines are new.</summary>
    [Fact]
    public void Version_2_is_still_read()
    {
        var draft = ExchangeFiles.ReadWorkout(DraftTexts.Read("golden/workout-2"));
        // The demo said nothing of the mark on its ropes then.
        var then = DraftTexts.Demo("07").Replace(", mark 4.5 m", "", StringComparison.Ordinal);
        Assert.Equal(Draft.New(then), draft);
        Assert.Equal(draft, ExchangeFiles.ReadWorkout(ExchangeFiles.Write(draft)));
    }

    [Theory]
    [InlineData("version", "4", "$.version", "Version 4 was written by a newer program; this one reads up to 3.")]
    [InlineData("version", "0", "$.version", "A whole number from 1 to 3 is expected.")]
    [InlineData("version", "\"2\"", "$.version", "A whole number from 1 to 3 is expected.")]
    [InlineData("format", "\"fair-compass/competition\"", "$.format", "“fair-compass/workout” is expected.")]
    [InlineData("author", "\"me\"", "$.author", null)]
    [InlineData("lines", "[1, 2]", "$.lines", "The text has ")]
    [InlineData("text", "\"Another\\n\"", "$.workout", "The workout is not what the text says. Give one of them.")]
    public void What_cannot_be_read_is_named_with_its_path(string key, string value, string path, string? sentence)
    {
        var json = JsonNode.Parse(ExchangeFiles.Write(Draft.New(DraftTexts.Demo("01"))))!;
        json[key] = JsonNode.Parse(value);
        var refused = Assert.ThrowsAny<JsonException>(() => ExchangeFiles.ReadWorkout(json.ToJsonString()));
        Assert.Equal(path, JsonPlace.Of(refused));
        Assert.StartsWith(sentence ?? "", refused.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void An_unknown_key_deep_inside_is_named_with_its_path()
    {
        var json = JsonNode.Parse(ExchangeFiles.Write(Draft.New(DraftTexts.Demo("03"))))!;
        json["workout"]!["stages"]![0]!["items"]![2]!["colour"] = "red";
        var refused = Assert.ThrowsAny<JsonException>(() => ExchangeFiles.ReadWorkout(json.ToJsonString()));
        Assert.Equal("$.workout.stages[0].items[2].colour", JsonPlace.Of(refused));
    }

    [Theory]
    [InlineData("workout")]
    [InlineData("competition")]
    public void The_committed_schema_is_current(string name)
    {
        var schema =
            (name == "workout" ? FormatSchema.OfWorkoutFile() : FormatSchema.OfCompetitionFile()).ToJsonString(
                new JsonSerializerOptions { WriteIndented = true }
            ) + "\n";
        Docs.Same($"schema/{name}.schema.json", schema);
    }

    /// <summary>Every definition that is pointed at is there, and every construct of the demo is described.</summary>
    [Fact]
    public void The_schema_has_no_loose_ends()
    {
        var schema = FormatSchema.OfCompetitionFile();
        var text = schema.ToJsonString();
        foreach (System.Text.RegularExpressions.Match m in System.Text.RegularExpressions.Regex.Matches(text, "\"#/\\$defs/([A-Za-z]+)\""))
        {
            Assert.NotNull(schema["$defs"]![m.Groups[1].Value]);
        }

        foreach (
            var kind in new[]
            {
                "rota",
                "relay",
                "waves",
                "swapStations",
                "cycles",
                "every",
                "complex",
                "gate",
                "ownRest",
                "hold",
                "override",
            }
        )
        {
            Assert.Contains($"\"{kind}\"", text, StringComparison.Ordinal);
        }
    }
}
