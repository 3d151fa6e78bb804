using System.Text.Json.Serialization;
using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Explaining;
using FairCompass.Core.Json;
using FairCompass.Core.Languages;
using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Pacing;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Format;

/// <summary>
/// The JSON that addresses take and answer, without reflection. Unknown and duplicate keys are refused. What is kept or handed
/// over as a file is written by the frozen records instead.
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
        typeof(EqConverter<Duration?>),
        typeof(EqConverter<string>),
        typeof(EqConverter<LineOrigin>),
        typeof(EqConverter<OpenQuestion>),
        typeof(EqConverter<QuestionOption>),
        typeof(EqConverter<KeptRemark>),
        typeof(EqConverter<UnreadPiece>),
        typeof(EqConverter<int>),
        typeof(EqConverter<long>),
        typeof(EqConverter<decimal>),
        typeof(EqConverter<Division>),
        typeof(EqConverter<PlateStock>),
        typeof(EqConverter<NamedBar>),
        typeof(EqConverter<ThingStock>),
        typeof(EqConverter<Kit.BarAt>),
        typeof(EqConverter<Kit.PlateAt>),
        typeof(ImplementsConverter),
        typeof(EqConverter<Pace>),
        typeof(EqConverter<PolicyChoice>),
        typeof(EqConverter<ClauseChange>),
        typeof(EqConverter<Movement>),
        typeof(EqConverter<Clause>),
        typeof(EqConverter<Fault>),
        typeof(EqConverter<Said>),
        typeof(EqConverter<OwnPose>),
        typeof(EqConverter<JointAngle>),
        typeof(EqConverter<Token>),
        typeof(EqConverter<Finding>),
        typeof(EqConverter<Mend>),
        typeof(EqConverter<Edit>),
        typeof(EqConverter<SetCell>),
        typeof(EqConverter<Adjustment>),
        typeof(EqConverter<PieceSummary>),
        typeof(EqConverter<LedgerView>),
        typeof(EqConverter<LedgerTask>),
        typeof(EqConverter<LedgerTable>),
        typeof(EqConverter<LedgerRow>),
        typeof(EqConverter<LedgerCell>),
        typeof(EqConverter<GridColumn>),
        typeof(EqConverter<GridRow>),
        typeof(EqConverter<GridCell>),
        typeof(EqConverter<ScoreView>),
        typeof(EqConverter<MovementUse>),
        typeof(EqConverter<ClockSpan>),
        typeof(EqConverter<Presence>),
        typeof(EqConverter<WatchedPlace>),
        typeof(EqConverter<ClockFork>),
        typeof(EqConverter<OwnedRest>),
        typeof(EqConverter<Chosen>),
        typeof(EqConverter<StrandCount>),
        typeof(EqConverter<Duration>),
        typeof(EqConverter<CardTask>),
        typeof(EqConverter<Move>),
        typeof(EqConverter<ClubLine>),
        typeof(EqConverter<ClockCall>),
        typeof(EqConverter<PieceObservation>),
        typeof(EqConverter<Try>),
        typeof(EqConverter<MarkRead>),
        typeof(EqConverter<FaultSeen>),
        typeof(EqConverter<MemberUnits>),
        typeof(EqConverter<ComponentResult>),
        typeof(EqConverter<SampleResult>),
        typeof(EqConverter<CardField>),
        typeof(EqConverter<BriefSection>),
        typeof(EqConverter<BriefBlock>),
        typeof(EqConverter<BriefRow>),
        typeof(EqConverter<BriefLine>),
        typeof(EqConverter<BriefFigure>),
        typeof(EqConverter<TalkPart>),
        typeof(EqConverter<CardCode>),
        typeof(EqConverter<Shape>),
    ]
)]
[JsonSerializable(typeof(Competition))]
[JsonSerializable(typeof(OverallRule))]
[JsonSerializable(typeof(OverallLine))]
[JsonSerializable(typeof(RankedResult))]
[JsonSerializable(typeof(ClubLine))]
[JsonSerializable(typeof(Move))]
[JsonSerializable(typeof(WhatIf))]
[JsonSerializable(typeof(Explanation))]
[JsonSerializable(typeof(RunObservation))]
[JsonSerializable(typeof(LedgerPlace))]
[JsonSerializable(typeof(SampleResult))]
[JsonSerializable(typeof(CardField))]
[JsonSerializable(typeof(CardTask))]
[JsonSerializable(typeof(ComponentResult))]
[JsonSerializable(typeof(Brief))]
[JsonSerializable(typeof(Talk))]
[JsonSerializable(typeof(Movement))]
[JsonSerializable(typeof(IReadOnlyList<Movement>))]
[JsonSerializable(typeof(TextEdit))]
[JsonSerializable(typeof(Command))]
[JsonSerializable(typeof(DraftEdits))]
[JsonSerializable(typeof(Duration?))]
[JsonSerializable(typeof(long))]
public sealed partial class FormatContext : JsonSerializerContext;
