using System.Text.Json;
using FairCompass.Core.Frozen;
using FairCompass.Core.InForce;
using FairCompass.Core.Json;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;
using V2 = FairCompass.Core.Frozen.V2;

namespace FairCompass.Core.Format;

/// <summary>
/// Published versions as they are kept: the competition, the text, what the text means, and the standards in force with their
/// texts. They are never rewritten; what an older program wrote is read as it is.
/// </summary>
public static class PublishedFiles
{
    /// <summary>Names the document of a published version.</summary>
    public const string Format = "fair-compass/published";

    /// <summary>The version that is written. Documents before it name no version and hold the competition and the text only.</summary>
    public const int Version = 2;

    /// <summary>The document of a published version.</summary>
    public static string Write(PublishedDocument document) =>
        JsonSerializer.Serialize(
            new V2.PublishedFile(IntoFrozen.Of(document.Competition), document.Text)
            {
                Format = Format,
                Version = Version,
                Workout = document.Definition is { } definition ? IntoFrozen.Of(definition) : null,
                Standards = document.Standards.Select(s => new V2.PublishedStandard(s.Division, IntoFrozen.Of(s.Movement))).ToEq(),
                Lines = document.Lines.Select(l => l.Value).ToEq(),
            },
            FrozenJson.Default.PublishedFile
        );

    /// <summary>Reads a document of this version or one of before.</summary>
    /// <exception cref="JsonException">Malformed, of another format, or written by a newer program; <see cref="JsonPlace"/> says
    /// where.</exception>
    public static PublishedDocument Read(string json)
    {
        using (var root = JsonDocument.Parse(json))
        {
            if (root.RootElement.TryGetProperty("version", out var v) && v.TryGetInt32(out var version) && version > Version)
            {
                throw new JsonException(
                    $"Version {version} was written by a newer program; this one reads up to {Version}.",
                    "$.version",
                    null,
                    null
                );
            }
        }

        var file = JsonFaults.Read(json, FrozenJson.Default.PublishedFile) ?? throw new JsonException("A document is expected.");
        if (file.Format is not (null or Format))
        {
            throw new JsonException($"“{Format}” is expected.", "$.format", null, null);
        }

        return new(OutOfFrozen.Of(file.Competition), file.Text)
        {
            Definition = file.Workout is { } workout ? OutOfFrozen.Of(workout) : null,
            Standards = file.Standards.Select(s => new StandingStandard(s.Division, OutOfFrozen.Of(s.Movement))).ToEq(),
            Lines = file.Lines.Select(i => new NodeId(i)).ToEq(),
        };
    }
}
