namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>A correction further down: <c>EDIT: 8 burpee pull-ups, not 9</c>. The later number holds; any other correction is read like
    /// the rest of the text.</summary>
    private bool Correction(List<Piece> pieces)
    {
        s = pieces;
        var head = pieces.FindIndex(p => !IsLight(p));
        if (head < 0 || !pieces[head].Is("edit"))
        {
            return false;
        }

        Take(head);
        var behind = head + 1;
        while (At(behind) is { } p && (p.IsMark(":,-") || (p.Figure is { Count: <= 9 } && At(behind + 1)?.IsMark(":") == true)))
        {
            Take(behind++);
        }

        pieces.RemoveRange(0, behind);
        s = pieces;
        var movement = s.FindIndex(p => p.Movement is not null);
        var now = s.FindIndex(p => p.Figure is { IsMass: false, IsHeight: false } && !p.Taken);
        var not = s.FindIndex(p => p.Is("not"));
        if (movement < 0 || now < 0 || now > movement)
        {
            return false;
        }

        var before = not > now ? s.FindIndex(not, p => p.Figure is not null) : -1;
        var was = before < 0 ? null : s[before].Figure;
        var named = s[movement].Movement!.Value;
        var meant = AllTasks
            .Where(t =>
                t.Movement == named
                || t.Options.Contains(named)
                || t.Movement.EndsWith(named, StringComparison.Ordinal)
                || t.Movement.StartsWith(named, StringComparison.Ordinal)
            )
            .OrderByDescending(t => was is not null && t.Amount?.Only == was.Only)
            .ThenByDescending(t => t.Movement == named)
            .FirstOrDefault();
        if (meant is null || (was is not null && meant.Amount?.Only != was.Only))
        {
            return false;
        }

        // A number that the correction does not name is told, not dropped: it may be of another place.
        if (was is not null)
        {
            worked.Add(meant.AmountAt);
        }

        (meant.Amount, meant.AmountAt) = (s[now].Figure! with { Unit = "" }, s[now].At);
        Mark(meant, now);
        Take(now, movement, not, before);
        worked.AddRange(new[] { now, before }.Where(i => i >= 0).Select(i => s[i].At));
        Leftovers();
        return true;
    }
}
