using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>What a piece of work is done for.</summary>
public enum Goal
{
    /// <summary>Finish it as fast as possible.</summary>
    Time,

    /// <summary>As many reps as possible.</summary>
    Reps,

    /// <summary>As heavy as possible.</summary>
    Load,

    /// <summary>As many calories as possible.</summary>
    Calories,

    /// <summary>As many metres as possible.</summary>
    Metres,

    /// <summary>As many points as possible.</summary>
    Points,

    /// <summary>As high as possible.</summary>
    Height,
}

/// <summary>Something the heat clock does. A time of null is <c>unset</c>: nobody has said.</summary>
public abstract record Stage : Node
{
    private Stage() { }

    /// <summary>The name before the colon, or null.</summary>
    public string? Label { get; init; }

    /// <summary><c>9:00 for time</c>.</summary>
    public sealed record Window(Duration? Time, Goal Goal, Eq<Work> Items) : Stage
    {
        /// <summary>Other times for some.</summary>
        public Eq<TimeFor> Others { get; init; }
    }

    /// <summary><c>11:00 clock</c>: several pieces on one running clock.</summary>
    public sealed record Clock(Duration? Time, Eq<Piece> Pieces) : Stage
    {
        /// <summary>Other times for some.</summary>
        public Eq<TimeFor> Others { get; init; }
    }

    /// <summary><c>rest 2:00</c>, <c>change 0:30</c>.</summary>
    /// <param name="IsRest">True for a rest, false for a change.</param>
    /// <param name="Time">How long.</param>
    public sealed record Gap(bool IsRest, Duration? Time) : Stage;

    /// <summary><c>4 cycles, change 0:30 between</c>.</summary>
    public sealed record Cycles(int Times, Gap? Between, Eq<Stage> Stages) : Stage;

    /// <summary><c>relay for reps, 3:30-4:00, change 0:40</c>: one seat after the other.</summary>
    /// <param name="Goal">What for.</param>
    /// <param name="EachSame">True when one time is written with <c>each</c>.</param>
    /// <param name="Times">The windows.</param>
    /// <param name="Between">The rest or change between, or null.</param>
    /// <param name="Items">The work.</param>
    public sealed record Relay(Goal Goal, bool EachSame, Eq<Duration?> Times, Gap? Between, Eq<Work> Items) : Stage
    {
        /// <summary>True with <c>continues</c>: each member goes on at the rep where the one before stopped.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool Continues { get; init; }
    }

    /// <summary><c>rota for reps, 1:10 each, 4 turns, silent</c>: all stations at once, then round.</summary>
    public sealed record Rota(Goal Goal, Duration? Each, Duration? Change, int? Turns, bool Silent, Eq<Station> Stations) : Stage;

    /// <summary><c>waves for reps, 2:15 each, by One, Two</c>: groups enter one after another.</summary>
    public sealed record Waves(Goal Goal, Duration? Each, Duration? Change, Eq<Who> By, Eq<Work> Rules, Eq<Station> Stations) : Stage;

    /// <summary><c>6:00 stations for reps, swap when Bike is done</c>.</summary>
    public sealed record SwapStations(Duration? Time, Goal Goal, string SwapWhen, string? Until, Eq<Station> Items) : Stage;
}

/// <summary>A part of a clock with a goal of its own.</summary>
/// <param name="Label">The name before the colon.</param>
/// <param name="Goal">What for.</param>
/// <param name="InTimeLeft">True when it gets what the part before it left over.</param>
/// <param name="Items">The work.</param>
public sealed record Piece(string Label, Goal Goal, bool InTimeLeft, Eq<Work> Items) : Node;

/// <summary>A place on the floor with its own work.</summary>
public sealed record Station(string Name, Eq<Work> Items) : Node;
