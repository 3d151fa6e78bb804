using System.Text.Json.Serialization;
using FairCompass.Core.Json;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen;

/// <summary>
/// The JSON of the frozen records: strict, so that a key that nobody reads is refused and not lost; <c>kind</c> may stand anywhere
/// in an object, because databases reorder keys. Files, stored and published documents, and the fingerprint are made of it.
/// </summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UseStringEnumConverter = true,
    AllowDuplicateProperties = false,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    AllowOutOfOrderMetadataProperties = true,
    RespectNullableAnnotations = true,
    RespectRequiredConstructorParameters = true,
    IgnoreReadOnlyProperties = true,
    MaxDepth = 32,
    Converters = [
        typeof(NumberConverter),
        typeof(DurationConverter),
        typeof(EqConverter<V2.Clause>),
        typeof(EqConverter<V2.ClauseChange>),
        typeof(EqConverter<V2.Detail>),
        typeof(EqConverter<V2.Division>),
        typeof(EqConverter<Duration?>),
        typeof(EqConverter<V2.Fault>),
        typeof(EqConverter<V2.Group>),
        typeof(EqConverter<V2.Watch>),
        typeof(EqConverter<V2.Header>),
        typeof(EqConverter<V2.ImplementCount>),
        typeof(EqConverter<V2.NamedBar>),
        typeof(EqConverter<V2.ThingStock>),
        typeof(EqConverter<V2.JointAngle>),
        typeof(EqConverter<V2.Movement>),
        typeof(EqConverter<Number>),
        typeof(EqConverter<V2.OwnPose>),
        typeof(EqConverter<V2.Pace>),
        typeof(EqConverter<V2.Piece>),
        typeof(EqConverter<V2.PlateStock>),
        typeof(EqConverter<V2.Policy>),
        typeof(EqConverter<V2.PolicyChoice>),
        typeof(EqConverter<V2.PublishedStandard>),
        typeof(EqConverter<V2.Said>),
        typeof(EqConverter<V2.Score>),
        typeof(EqConverter<V2.ScoreLine>),
        typeof(EqConverter<V2.SharePhrase>),
        typeof(EqConverter<V2.Stage>),
        typeof(EqConverter<V2.Station>),
        typeof(EqConverter<V2.TimeFor>),
        typeof(EqConverter<V2.RoundsFor>),
        typeof(EqConverter<V2.TaskLine>),
        typeof(EqConverter<V2.Who>),
        typeof(EqConverter<V2.Work>),
        typeof(EqConverter<V3.WorkoutInFile>),
        typeof(EqConverter<V3.GoneLine>),
        typeof(EqConverter<decimal>),
        typeof(EqConverter<int>),
        typeof(EqConverter<string>),
        typeof(EqConverter<V2.Work.Task>),
    ]
)]
[JsonSerializable(typeof(V2.Workout))]
[JsonSerializable(typeof(V2.Movement))]
[JsonSerializable(typeof(V2.Competition))]
[JsonSerializable(typeof(V3.WorkoutFile))]
[JsonSerializable(typeof(V3.CompetitionFile))]
[JsonSerializable(typeof(V2.PublishedFile))]
[JsonSerializable(typeof(V3.Lines))]
internal sealed partial class FrozenJson : JsonSerializerContext;
