using System.Text.Json.Serialization;

namespace FairCompass.Core.Frozen.V2;

// A text in every language of the papers.

internal sealed record Said(string English, [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Spanish = null);
