using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>What one unit of a task is.</summary>
public enum AmountUnit
{
    /// <summary>A repetition.</summary>
    Rep,

    /// <summary>A calorie on a machine's monitor.</summary>
    Calorie,

    /// <summary>A metre on a machine or on the floor.</summary>
    Metre,

    /// <summary>A foot on the floor.</summary>
    Foot,

    /// <summary>A whole second for which a position is held.</summary>
    Second,
}

/// <summary>Units in signs.</summary>
public static class AmountUnits
{
    /// <summary>The sign of a unit behind a number: <c>cal</c>, <c>m</c>, <c>ft</c>, <c>s</c>; empty for reps.</summary>
    public static string Symbol(this AmountUnit unit) =>
        unit switch
        {
            AmountUnit.Calorie => "cal",
            AmountUnit.Metre => "m",
            AmountUnit.Foot => "ft",
            AmountUnit.Second => "s",
            _ => "",
        };

    /// <summary>What an amount is counted in; reps where it says nothing else.</summary>
    public static AmountUnit UnitOf(this Amount? amount) =>
        amount switch
        {
            Amount.Counted a => a.Unit,
            Amount.OfScheme a => a.Unit,
            Amount.Max a => a.Unit,
            _ => AmountUnit.Rep,
        };
}

/// <summary>How much of a movement is done.</summary>
public abstract record Amount
{
    private Amount() { }

    /// <summary><c>12</c>, <c>15/11 cal</c>, <c>2-4-6-...</c>.</summary>
    public sealed record Counted(Pair Of, AmountUnit Unit) : Amount;

    /// <summary><c>cal air bike</c> under <c>20-15-10 of</c>: the number of the scheme, in a unit of its own.</summary>
    /// <param name="Unit">Never reps: these need no word.</param>
    public sealed record OfScheme(AmountUnit Unit) : Amount;

    /// <summary><c>0:30</c>: a time held; null when <c>unset</c>.</summary>
    public sealed record Held(Duration? Time) : Amount;

    /// <summary><c>max cal</c>: as many as possible until the clock ends it.</summary>
    public sealed record Max(AmountUnit Unit) : Amount;

    /// <summary><c>heaviest set of 2</c>: the load is the result.</summary>
    /// <param name="SetOf">Reps of one set; null for a single without the words <c>set of</c>.</param>
    public sealed record Heaviest(int? SetOf) : Amount;

    /// <summary><c>max cm</c>: the last height of those that rise is the result.</summary>
    public sealed record Highest : Amount;
}
