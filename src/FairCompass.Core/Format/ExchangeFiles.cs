using System.Text.Json;
using System.Text.Json.Nodes;
using FairCompass.Core.Competitions;
using FairCompass.Core.Json;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Format;

/// <summary>A workout as a file.</summary>
/// <param name="Format"><see cref="ExchangeFiles.WorkoutFormat"/>.</param>
/// <param name="Version">From 1 to <see cref="ExchangeFiles.Version"/>.</param>
/// <param name="Text">The draft text, private comments included; null to give the workout only.</param>
/// <param name="Workout">The model; null to give the text only. Together they must say the same.</param>
public sealed record WorkoutFile(string Format, int Version, string? Text = null, Workout? Workout = null);

/// <summary>A competition with its workouts as a file.</summary>
/// <param name="Format"><see cref="ExchangeFiles.CompetitionFormat"/>.</param>
/// <param name="Version">From 1 to <see cref="ExchangeFiles.Version"/>.</param>
/// <param name="Competition">The competition.</param>
/// <param name="Workouts">Its workouts in order.</param>
public sealed record CompetitionFile(string Format, int Version, Competition Competition, Eq<WorkoutInFile> Workouts);

/// <summary>A workout inside a competition's file.</summary>
/// <param name="Text">The draft text; null to give the workout only.</param>
/// <param name="Workout">The model; null to give the text only. Together they must say the same.</param>
public sealed record WorkoutInFile(string? Text = null, Workout? Workout = null);

/// <summary>
/// Files for other programs: versioned JSON, strict about unknown keys, old versions read through upgrades. Export, import and
/// export again gives the same bytes.
/// </summary>
public static class ExchangeFiles
{
    /// <summary>Names a workout's file.</summary>
    public const string WorkoutFormat = "fair-compass/workout";

    /// <summary>Names a competition's file.</summary>
    public const string CompetitionFormat = "fair-compass/competition";

    /// <summary>
    /// The version that is written. Version 1 had no rule for the overall table, no lines under a complex, and no cap to count
    /// a penalty from.
    /// </summary>
    public const int Version = 2;

    /// <summary>The file of a draft text.</summary>
    public static string Write(string text) =>
        JsonSerializer.Serialize(
            new WorkoutFile(WorkoutFormat, Version, text, Parser.Parse(text).Workout),
            FormatContext.Default.WorkoutFile
        );

    /// <summary>The file of a competition and its draft texts.</summary>
    public static string Write(Competition competition, IEnumerable<string> texts) =>
        JsonSerializer.Serialize(
            new CompetitionFile(
                CompetitionFormat,
                Version,
                competition,
                texts.Select(t => new WorkoutInFile(t, Parser.Parse(t).Workout)).ToEq()
            ),
            FormatContext.Default.CompetitionFile
        );

    /// <summary>Reads a workout's file into its draft text.</summary>
    /// <exception cref="JsonException">Malformed, of another format or a newer version, or text and workout differ; <see cref="JsonPlace"/>
    /// says where.</exception>
    public static string ReadWorkout(string json)
    {
        var file = Upgraded(json, WorkoutFormat).Deserialize(FormatContext.Default.WorkoutFile)!;
        return TextOf(file.Text, file.Workout, "$");
    }

    /// <summary>Reads a competition's file. The competition must still be validated.</summary>
    /// <exception cref="JsonException">As for <see cref="ReadWorkout"/>.</exception>
    public static (Competition Competition, IReadOnlyList<string> Texts) ReadCompetition(string json)
    {
        var file = Upgraded(json, CompetitionFormat).Deserialize(FormatContext.Default.CompetitionFile)!;
        return (file.Competition, file.Workouts.Select((w, i) => TextOf(w.Text, w.Workout, $"$.workouts[{i}]")).ToList());
    }

    private static string TextOf(string? text, Workout? workout, string path)
    {
        if (text is null)
        {
            return Printer.Print(workout ?? throw Wrong("Give the text or the workout.", path));
        }

        return workout is null || Parser.Parse(text.Replace("\r\n", "\n", StringComparison.Ordinal)).Workout == workout
            ? text
            : throw Wrong("The workout is not what the text says. Give one of them.", path + ".workout");
    }

    private static JsonObject Upgraded(string json, string format)
    {
        var root =
            JsonNode.Parse(json, null, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 32 }) as JsonObject
            ?? throw Wrong("An object is expected.", "$");
        if (root["format"] is not JsonValue f || !f.TryGetValue<string>(out var name) || name != format)
        {
            throw Wrong($"“{format}” is expected.", "$.format");
        }

        if (root["version"] is not JsonValue v || !v.TryGetValue<int>(out var version) || version < 1)
        {
            throw Wrong($"A whole number from 1 to {Version} is expected.", "$.version");
        }

        if (version > Version)
        {
            throw Wrong($"Version {version} was written by a newer program; this one reads up to {Version}.", "$.version");
        }

        if (version == 1)
        {
            FromVersion1(root);
        }

        root["version"] = Version;
        return root;
    }

    /// <summary>Says what version 1 left unsaid, wherever it stands.</summary>
    private static void FromVersion1(JsonNode? node)
    {
        switch (node)
        {
            case JsonObject o:
                if (o["kind"] is JsonValue k && k.TryGetValue<string>(out var kind))
                {
                    if (kind == "complex" && o["lifts"] is not null)
                    {
                        o.TryAdd("lines", new JsonArray());
                    }
                    else if (kind == "penalty")
                    {
                        o.TryAdd("fromOwnCap", false);
                    }
                }

                if (o["kit"] is JsonObject && o["divisions"] is JsonArray)
                {
                    o.TryAdd("overall", null);
                }

                foreach (var child in o.Select(p => p.Value).ToList())
                {
                    FromVersion1(child);
                }

                break;
            case JsonArray a:
                foreach (var child in a)
                {
                    FromVersion1(child);
                }

                break;
        }
    }

    private static JsonException Wrong(string sentence, string path) => new(sentence, path, null, null);
}
