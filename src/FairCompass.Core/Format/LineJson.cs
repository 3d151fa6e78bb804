using System.Text.Json;
using FairCompass.Core.Frozen;
using FairCompass.Core.Json;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;
using V3 = FairCompass.Core.Frozen.V3;

namespace FairCompass.Core.Format;

/// <summary>The ids of the lines of a draft as they are kept beside its text.</summary>
public static class LineJson
{
    /// <summary>The JSON of the ids.</summary>
    public static string Write(LineIds lines) =>
        JsonSerializer.Serialize(
            new V3.Lines(
                lines.Lines.Select(l => l.Value).ToEq(),
                lines.Next,
                lines.Gone.Select(g => new V3.GoneLine(g.Id.Value, g.Words)).ToEq()
            ),
            FrozenJson.Default.Lines
        );

    /// <summary>Reads what <see cref="Write"/> wrote.</summary>
    /// <exception cref="JsonException">Malformed.</exception>
    public static LineIds Read(string json)
    {
        var lines = JsonFaults.Read(json, FrozenJson.Default.Lines) ?? throw new JsonException("Ids are expected.");
        return new(
            lines.Ids.Select(i => new NodeId(i)).ToEq(),
            lines.Next,
            lines.Gone.Select(g => new GoneLine(new(g.Id), g.Words)).ToEq()
        );
    }
}
