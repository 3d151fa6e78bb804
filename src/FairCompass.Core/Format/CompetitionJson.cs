using System.Text.Json;
using FairCompass.Core.Competitions;
using FairCompass.Core.Frozen;
using FairCompass.Core.Json;

namespace FairCompass.Core.Format;

/// <summary>Competitions as they are kept.</summary>
public static class CompetitionJson
{
    /// <summary>The JSON of a competition.</summary>
    public static string Write(Competition competition) =>
        JsonSerializer.Serialize(IntoFrozen.Of(competition), FrozenJson.Default.Competition);

    /// <summary>Reads what <see cref="Write"/> wrote.</summary>
    /// <exception cref="JsonException">Malformed, or an unknown or duplicate key.</exception>
    public static Competition Read(string json) =>
        OutOfFrozen.Of(JsonFaults.Read(json, FrozenJson.Default.Competition) ?? throw new JsonException("A competition is expected."));
}
