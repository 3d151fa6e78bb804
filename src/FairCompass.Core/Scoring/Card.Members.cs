using FairCompass.Core.Courses;
using FairCompass.Core.Languages;

namespace FairCompass.Core.Scoring;

/// <content>What each member did of a task that is counted by member.</content>
public static partial class Card
{
    private static IEnumerable<CardField> ByMember(Course course, CoursePiece piece, string name, ScoreSheet sheet, Tongue tongue) =>
        from share in MemberShare.Of(course, piece)
        from seat in share.Seats
        select new CardField(
            piece.Piece.Key,
            CardFieldKind.By,
            $"{name}{tongue.Movement(share.Movement)}: "
                + $"{tongue.Say($"done by the {tongue.Ordinal(seat)}", $"hechas por el {tongue.Ordinal(seat)}")}",
            share.Least > 0 ? tongue.Say($"at least {share.Least} when the work is done", $"al menos {share.Least} al terminar")
                : LoadMoved.NeedsMembers(share, piece, sheet) ? tongue.Say("needed: the loads differ", "necesario: las cargas difieren")
                : tongue.Say("empty where nobody counted", "vacío si nadie contó"),
            share.Amount,
            null
        )
        {
            Number = seat,
            Task = share.Task,
        };
}
