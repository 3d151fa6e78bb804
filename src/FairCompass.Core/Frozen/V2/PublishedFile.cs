using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// A published version. Documents from before this record hold the competition and the text only, and are read as such.
internal sealed record PublishedFile(Competition Competition, string Text)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Format { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int Version { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Workout? Workout { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<PublishedStandard> Standards { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<int> Lines { get; init; }
}

// A standard as it stood for a division; for everybody where none is named.
internal sealed record PublishedStandard(string? Division, Movement Movement);
