using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>The mend that gives rounds an end.</summary>
internal static class ClosedRounds
{
    /// <summary>A number to begin with; whoever means another writes it.</summary>
    private const int Usual = 3;

    /// <summary>The mend; none for work that is no rounds without end.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="work">What has no end.</param>
    public static Mend[] Of(CheckContext context, Work work) =>
        work is Work.Rounds { HasNoEnd: true }
            ? context.Instead(work.At.Line, "rounds without end", $"{Usual} rounds", $"Close the rounds: {Usual} of them")
            : [];
}
