namespace FairCompass.Core.Courses;

/// <summary>What is added up along a strand.</summary>
public enum TallyOf
{
    /// <summary>Performed units: what a judge counts.</summary>
    Units,

    /// <summary>Credit: what the units are worth in the score.</summary>
    Credit,

    /// <summary>Credit without the bonus of a target: what ticked targets are added to.</summary>
    CreditBeforeBonus,

    /// <summary>Calories read off a machine.</summary>
    Calories,

    /// <summary>Distance in whole millimetres; 1 ft = 304.8 mm is rounded down for each unit.</summary>
    Millimetres,

    /// <summary>Whole seconds of held positions.</summary>
    Seconds,

    /// <summary>Load moved, in thousandths of the unit it is published in: each unit of a task moves its load once.</summary>
    Load,

    /// <summary>Units of one place in the team, where the order of turns fixes who does them.</summary>
    Seat,
}

/// <summary>A sum over a strand: additive and never negative, so that every prefix of the work has one.</summary>
/// <param name="Of">What is added up.</param>
/// <param name="Seat">The place in the team, from 1, for <see cref="TallyOf.Seat"/>.</param>
public readonly record struct Tally(TallyOf Of, int Seat = 0)
{
    /// <summary>Performed units.</summary>
    public static Tally Units => new(TallyOf.Units);

    /// <summary>Credit.</summary>
    public static Tally Credit => new(TallyOf.Credit);

    /// <summary>Credit without the bonus of a target.</summary>
    public static Tally CreditBeforeBonus => new(TallyOf.CreditBeforeBonus);

    /// <summary>Calories.</summary>
    public static Tally Calories => new(TallyOf.Calories);

    /// <summary>Distance in millimetres.</summary>
    public static Tally Millimetres => new(TallyOf.Millimetres);

    /// <summary>Whole seconds of held positions.</summary>
    public static Tally Seconds => new(TallyOf.Seconds);

    /// <summary>Thousandths of load moved.</summary>
    public static Tally Load => new(TallyOf.Load);

    /// <summary>Units of one place in the team.</summary>
    public static Tally OfSeat(int seat) => new(TallyOf.Seat, seat);
}
