using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V3;

// What is handed over as a whole. Version 3 added the ids of lines; workout and competition are as in version 2.

internal sealed record WorkoutFile(string Format, int Version, string? Text = null, V2.Workout? Workout = null)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<int> Lines { get; init; }
}

internal sealed record CompetitionFile(string Format, int Version, V2.Competition Competition, Eq<WorkoutInFile> Workouts);

internal sealed record WorkoutInFile(string? Text = null, V2.Workout? Workout = null)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<int> Lines { get; init; }
}

// The ids of a draft's lines as they are stored beside it.
internal sealed record Lines(Eq<int> Ids, int Next, Eq<GoneLine> Gone);

internal sealed record GoneLine(int Id, string Words);
