using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Comparability.Training;

/// <summary>A rep that is to be called.</summary>
/// <param name="Movement">Of which movement.</param>
/// <param name="Asked">What it shows: one clause, or two of which the second is broken plainly.</param>
/// <param name="Seed">Who does it and how.</param>
/// <param name="Fixed">True for the part that everybody gets with the same distances.</param>
public sealed record Item(string Movement, Eq<Asked> Asked, ulong Seed, bool Fixed)
{
    /// <summary>True where its clause is asked again since the line of it was seen off so far.</summary>
    public bool Again { get; init; }
}

/// <summary>What somebody called.</summary>
public enum Call
{
    /// <summary>A good rep.</summary>
    Good,

    /// <summary>A no-rep.</summary>
    NoRep,

    /// <summary>Not seen, or not called in time.</summary>
    Unseen,
}

/// <summary>A rep that was called, with its truth.</summary>
/// <param name="Sitting">In which sitting.</param>
/// <param name="At">When.</param>
/// <param name="Movement">Of which movement.</param>
/// <param name="Clause">The first clause that was asked for.</param>
/// <param name="Margin">How far inside its limit the rep was, in its unit.</param>
/// <param name="Unit">The unit.</param>
/// <param name="Broken">Every clause that the rep broke; empty for a good one.</param>
/// <param name="Call">What was called.</param>
/// <param name="Reason">For a no-rep the clause that was given as the reason; null where none was.</param>
/// <param name="Milliseconds">From the judged moment to the call; negative where it came before.</param>
/// <param name="Fixed">True for the part that everybody gets.</param>
public sealed record Called(
    Guid Sitting,
    DateTime At,
    string Movement,
    string Clause,
    double Margin,
    DeviationUnit Unit,
    Eq<string> Broken,
    Call Call,
    string? Reason,
    int Milliseconds,
    bool Fixed
)
{
    /// <summary>The shortest time in which anybody sees, decides and presses, milliseconds: simple reactions to light take some 200
    /// (R. D. Luce, Response Times, 1986; from memory), and a call before the moment saw nothing.</summary>
    public const int Fastest = 150;

    /// <summary>True where the call was right.</summary>
    public bool IsRight => Call == (Broken.Count > 0 ? Call.NoRep : Call.Good);

    /// <summary>True where it can have been seen.</summary>
    public bool WasSeen => Call != Call.Unseen && Milliseconds >= Fastest;

    /// <summary>The same as the model of a line has it.</summary>
    public LineCall AsLine => new(Margin / Trainable.StepOf(Unit), Call == Call.NoRep);
}
