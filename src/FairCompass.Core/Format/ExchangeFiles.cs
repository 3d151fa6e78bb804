using System.Text.Json;
using System.Text.Json.Nodes;
using FairCompass.Core.Competitions;
using FairCompass.Core.Frozen;
using FairCompass.Core.Json;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using V2 = FairCompass.Core.Frozen.V2;
using V3 = FairCompass.Core.Frozen.V3;

namespace FairCompass.Core.Format;

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
    /// a penalty from; version 2 no ids of lines.
    /// </summary>
    public const int Version = 3;

    /// <summary>The file of a draft.</summary>
    public static string Write(Draft draft) =>
        JsonSerializer.Serialize(
            new V3.WorkoutFile(WorkoutFormat, Version, draft.Text, Frozen(draft)) { Lines = Numbers(draft) },
            FrozenJson.Default.WorkoutFile
        );

    /// <summary>The file of a competition and its drafts.</summary>
    public static string Write(Competition competition, IEnumerable<Draft> drafts) =>
        JsonSerializer.Serialize(
            new V3.CompetitionFile(
                CompetitionFormat,
                Version,
                IntoFrozen.Of(competition),
                drafts.Select(d => new V3.WorkoutInFile(d.Text, Frozen(d)) { Lines = Numbers(d) }).ToEq()
            ),
            FrozenJson.Default.CompetitionFile
        );

    private static V2.Workout Frozen(Draft draft) => IntoFrozen.Of(Parser.Parse(draft.Text).Workout);

    private static Eq<int> Numbers(Draft draft) => draft.Lines.Lines.Select(l => l.Value).ToEq();

    /// <summary>Reads a workout's file. Without ids its lines are new.</summary>
    /// <exception cref="JsonException">Malformed, of another format or a newer version, text and workout differ, or an id stands twice;
    /// <see cref="JsonPlace"/> says where.</exception>
    public static Draft ReadWorkout(string json)
    {
        var file = JsonFaults.Read(Upgraded(json, WorkoutFormat).ToJsonString(), FrozenJson.Default.WorkoutFile)!;
        return DraftOf(file.Text, file.Workout, file.Lines, "$");
    }

    /// <summary>Reads a competition's file. The competition must still be validated.</summary>
    /// <exception cref="JsonException">As for <see cref="ReadWorkout"/>.</exception>
    public static (Competition Competition, IReadOnlyList<Draft> Drafts) ReadCompetition(string json)
    {
        var file = JsonFaults.Read(Upgraded(json, CompetitionFormat).ToJsonString(), FrozenJson.Default.CompetitionFile)!;
        return (
            OutOfFrozen.Of(file.Competition),
            file.Workouts.Select((w, i) => DraftOf(w.Text, w.Workout, w.Lines, $"$.workouts[{i}]")).ToList()
        );
    }

    private static Draft DraftOf(string? text, V2.Workout? frozen, Eq<int> lines, string path)
    {
        var said = TextOf(text, frozen, path);
        if (lines.Count == 0)
        {
            return Draft.New(said);
        }

        var ids = LineIds.Given(said, lines);
        return ids.Refused is { } refused ? throw Wrong(refused.Message, $"{path}.{refused.Path}") : new(said, ids.Value!);
    }

    private static string TextOf(string? text, V2.Workout? frozen, string path)
    {
        var workout = frozen is null ? null : OutOfFrozen.Of(frozen);
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
