using FairCompass.Core.Courses;

namespace FairCompass.Core.Scoring;

/// <summary>What a member of a relay that goes on did is the difference of two running totals; not every total can be read so.</summary>
internal static class OwnParts
{
    /// <summary>
    /// Why what each one did cannot be told apart; null when it can. The card holds what the work is worth. Where a unit may be worth
    /// nothing (a group of three that is begun, work that is not counted), two numbers of units have one total, and more work of the one
    /// before could take a unit from the next.
    /// </summary>
    /// <param name="fed">The pieces that a score or a tie-break is taken from.</param>
    public static string? Misfit(IEnumerable<CoursePiece> fed) =>
        fed.Where(p => p.Piece.OfChain).SelectMany(p => p.Tasks).FirstOrDefault(t => !t.Counted.Credit.TellsUnits) is { } task
            ? $"Not every unit of {task.Prescription.Movement.Value} counts, so what one member did cannot be read from totals that go on: "
                + "count every unit, or let the totals begin anew (without continues)."
            : null;
}
