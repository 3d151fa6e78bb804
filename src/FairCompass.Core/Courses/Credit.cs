namespace FairCompass.Core.Courses;

/// <summary>
/// What performed units of a task are worth. Every form is whole and never falls as units are added, so more work can
/// never be worth less.
/// </summary>
public abstract record Credit
{
    private Credit() { }

    /// <summary>The same for each unit; 1 where nothing else is said, 0 for uncounted work.</summary>
    public sealed record Each(long Worth) : Credit;

    /// <summary>So much for each whole group of units: <c>every 2 count 1</c>.</summary>
    public sealed record Groups(long Size, long Worth) : Credit;

    /// <summary>So much for the whole amount, in proportion, whole credits only: <c>credited 12</c>.</summary>
    public sealed record Share(long Worth) : Credit;

    /// <summary>So much once the whole amount is done, nothing before: <c>credited 12 when done</c>.</summary>
    public sealed record WhenDone(long Worth) : Credit;

    /// <summary>Another credit and a bonus on top.</summary>
    /// <param name="Base">The credit without the bonus.</param>
    /// <param name="Worth">The bonus.</param>
    /// <param name="At">Units that earn it; null for the whole amount.</param>
    public sealed record WithBonus(Credit Base, long Worth, long? At) : Credit;

    /// <summary>Credit of some units of an amount.</summary>
    /// <param name="units">Units done, from 0 to <paramref name="of"/>.</param>
    /// <param name="of">The whole amount; null when it has no end.</param>
    public long Of(long units, long? of) =>
        this switch
        {
            Each e => Count.Times(units, e.Worth),
            Groups g => Count.Times(units / g.Size, g.Worth),
            Share s => of is > 0 and { } all ? (long)((Int128)units * s.Worth / all) : 0,
            WhenDone w => of is > 0 && units >= of ? w.Worth : 0,
            WithBonus b => Count.Add(b.Base.Of(units, of), units > 0 && units >= (b.At ?? of ?? long.MaxValue) ? b.Worth : 0),
            _ => 0,
        };

    /// <summary>Credit of many whole amounts, in closed form.</summary>
    internal long Sum(CountedSeries amounts, Every over) =>
        this switch
        {
            Each e => Count.Times(amounts.Sum(over), e.Worth),
            Groups g => Count.Times(amounts.SumOfQuotients(over, g.Size), g.Worth),
            Share s => Count.Times(amounts.AtLeast(over, 1), s.Worth),
            WhenDone w => Count.Times(amounts.AtLeast(over, 1), w.Worth),
            WithBonus b => Count.Add(b.Base.Sum(amounts, over), Count.Times(amounts.AtLeast(over, Math.Max(1, b.At ?? 1)), b.Worth)),
            _ => 0,
        };

    /// <summary>What the units are worth when the target is not hit.</summary>
    public Credit WithoutBonus() => this is WithBonus b ? b.Base : this;

    /// <summary>True when every unit is worth something, so that what was counted tells how many units were done.</summary>
    public bool TellsUnits =>
        this switch
        {
            Each e => e.Worth > 0,
            WithBonus b => b.Base.TellsUnits,
            _ => false,
        };

    /// <summary>True when each unit is worth one, so that the running total of units is the running score.</summary>
    public bool IsPlain => this is Each { Worth: 1 };
}
