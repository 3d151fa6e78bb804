namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>A position that is held for a time.</summary>
    private bool Held(int i)
    {
        if (
            s[i].Sort != Sort.Time
            || s[i].Taken
            || At(Next(i)) is not { Movement: { } movement }
            || book.Find(movement.Value)?.Family is not { }
            || !IsHeld(movement.Value)
        )
        {
            return false;
        }

        NewTask(Next(i), movement);
        heldFor[task!] = s[i].Ms;
        Take(i, Next(i));
        return true;
    }

    private readonly Dictionary<TaskItem, long> heldFor = [];

    private static bool IsHeld(string movement) =>
        movement.EndsWith("hang", StringComparison.Ordinal)
        || movement.EndsWith("plank", StringComparison.Ordinal)
        || movement.EndsWith("hold", StringComparison.Ordinal)
        || movement.StartsWith("front plank", StringComparison.Ordinal);

    /// <summary>A position that is held as long as possible, the words before it or behind: <c>dead hang for max time</c>.</summary>
    private bool AsLong(int i)
    {
        if (s[i].Is("asLong"))
        {
            Take(i);
            pendingMax = true;
            return true;
        }

        if (s[i].Movement is not { } movement || !IsHeld(movement.Value) || s[i].Figure is not null)
        {
            return false;
        }

        var behind = s.FindIndex(i + 1, p => p.Is("asLong", "max") && !p.Taken);
        if (behind < 0 || s.Take(behind).Skip(i + 1).Any(p => p.Movement is not null || p.Figure is not null))
        {
            return false;
        }

        Take(i, behind);
        pendingMax = true;
        NewTask(i, movement);
        return true;
    }

    /// <summary>True for a line that is work although no number stands in it: <c>Dead hang as long as possible</c>.</summary>
    private static bool SaysAsLong(List<Piece> pieces) =>
        pieces.Exists(p => p.Is("asLong")) && pieces.Exists(p => p.Movement is { } m && IsHeld(m.Value));

    /// <summary>True for a part in which nothing is done but to hold a position as long as possible.</summary>
    private static bool IsOnlyHeld(Part p) => p.Work.Tasks.Any() && p.Work.Tasks.All(t => t.Max && t.Unit == "s");
}
