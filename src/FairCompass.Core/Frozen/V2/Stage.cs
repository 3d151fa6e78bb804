using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// What the heat clock does.

internal enum Goal
{
    Time,
    Reps,
    Load,
    Calories,
    Metres,
    Points,
    Height,
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Window), "window")]
[JsonDerivedType(typeof(Clock), "clock")]
[JsonDerivedType(typeof(Gap), "gap")]
[JsonDerivedType(typeof(Cycles), "cycles")]
[JsonDerivedType(typeof(Relay), "relay")]
[JsonDerivedType(typeof(Rota), "rota")]
[JsonDerivedType(typeof(Waves), "waves")]
[JsonDerivedType(typeof(SwapStations), "swapStations")]
internal abstract record Stage : Node
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Label { get; init; }

    internal sealed record Window(Duration? Time, Goal Goal, Eq<Work> Items) : Stage
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<TimeFor> Others { get; init; }
    }

    internal sealed record Clock(Duration? Time, Eq<Piece> Pieces) : Stage
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<TimeFor> Others { get; init; }
    }

    internal sealed record Gap(bool IsRest, Duration? Time) : Stage;

    internal sealed record Cycles(int Times, Gap? Between, Eq<Stage> Stages) : Stage;

    internal sealed record Relay(Goal Goal, bool EachSame, Eq<Duration?> Times, Gap? Between, Eq<Work> Items) : Stage
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool Continues { get; init; }
    }

    internal sealed record Rota(Goal Goal, Duration? Each, Duration? Change, int? Turns, bool Silent, Eq<Station> Stations) : Stage;

    internal sealed record Waves(Goal Goal, Duration? Each, Duration? Change, Eq<Who> By, Eq<Work> Rules, Eq<Station> Stations) : Stage;

    internal sealed record SwapStations(Duration? Time, Goal Goal, string SwapWhen, string? Until, Eq<Station> Items) : Stage;
}

internal sealed record Piece(string Label, Goal Goal, bool InTimeLeft, Eq<Work> Items) : Node;

internal sealed record Station(string Name, Eq<Work> Items) : Node;

internal sealed record RoundsFor(Eq<Who> For, int? Times) : Node;

internal sealed record TimeFor(Eq<Who> For, Eq<Duration?> Times) : Node;
