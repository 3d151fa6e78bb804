using System.Text.Json.Serialization;

namespace FairCompass.Core.Format.V1;

/// <summary>The JSON of files of facts, version 1: strict, and without keys that say nothing.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    AllowDuplicateProperties = false,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    RespectNullableAnnotations = true,
    RespectRequiredConstructorParameters = true,
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    MaxDepth = 8
)]
[JsonSerializable(typeof(FactFile))]
internal sealed partial class FactJson : JsonSerializerContext;
