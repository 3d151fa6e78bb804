using System.Text.Json.Serialization;
using FairCompass.Core.Json;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>The JSON that is hashed: of workouts and standards, and of nothing that a screen shows. It is written and never read.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UseStringEnumConverter = true,
    IgnoreReadOnlyProperties = true,
    MaxDepth = 32,
    Converters = [
        typeof(NumberConverter),
        typeof(DurationConverter),
        typeof(EqConverter<Header>),
        typeof(EqConverter<Stage>),
        typeof(EqConverter<Piece>),
        typeof(EqConverter<Station>),
        typeof(EqConverter<Work>),
        typeof(EqConverter<Work.Task>),
        typeof(EqConverter<TaskLine>),
        typeof(EqConverter<Detail>),
        typeof(EqConverter<Who>),
        typeof(EqConverter<Group>),
        typeof(EqConverter<SharePhrase>),
        typeof(EqConverter<Score>),
        typeof(EqConverter<ScoreLine>),
        typeof(EqConverter<Policy>),
        typeof(EqConverter<Number>),
        typeof(EqConverter<Duration?>),
        typeof(EqConverter<string>),
        typeof(EqConverter<int>),
        typeof(EqConverter<Clause>),
        typeof(EqConverter<Fault>),
        typeof(EqConverter<Said>),
        typeof(EqConverter<OwnPose>),
        typeof(EqConverter<JointAngle>),
    ]
)]
[JsonSerializable(typeof(Workout))]
[JsonSerializable(typeof(Movement))]
internal sealed partial class FingerprintJson : JsonSerializerContext;
