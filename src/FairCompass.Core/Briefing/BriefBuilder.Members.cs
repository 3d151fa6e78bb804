using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Briefing;

/// <summary>Where a card notes what each member did of a task that is counted by member.</summary>
public sealed partial class BriefBuilder
{
    private IEnumerable<BriefSection> ByMember(CoursePiece piece, Course course)
    {
        var shares = MemberShare.Of(course, piece);
        if (shares.Count == 0)
        {
            yield break;
        }

        var seats = shares.SelectMany(s => s.Seats).Distinct().Order().ToList();
        yield return new(
            "members-" + piece.Piece.Key,
            Say("Who did how many", "Quién hizo cuántas"),
            [
                new BriefBlock.Table(
                    null,
                    [
                        Say("Movement", "Ejercicio"),
                        .. seats.Select(s => Cite("form/seats", tongue.Ordinal(s))),
                        Say("Together", "Suma"),
                        Say("The fewest reached", "Mínimo alcanzado"),
                    ],
                    shares
                        .Select(s => new BriefRow([
                            Named(s.Movement) + (s.Word is "rep" ? "" : $", {s.Word}"),
                            .. seats.Select(seat => s.Seats.Contains(seat) ? "" : "–"),
                            s.Amount is { } all
                                ? Cite($"share/{piece.Piece.Key}/{s.Task}/{course.Address}", Say($"of {all}", $"de {all}"))
                                : "",
                            s.Least == 0
                                ? "–"
                                : string.Join(
                                    ", ",
                                    s.Seats.Select(seat =>
                                        Cite($"share/{piece.Piece.Key}/{s.Task}/{course.Address}", $"{tongue.Ordinal(seat)} ({s.Least}) □")
                                    )
                                ),
                        ]))
                        .ToEq()
                ),
            ]
        );
    }
}
