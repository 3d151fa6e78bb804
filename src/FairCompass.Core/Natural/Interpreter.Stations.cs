using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>How members follow one another: <c>relay</c>, <c>rota</c>, <c>waves</c>; null for none of them.</summary>
    private string? turning;

    private long? turnMs;
    private long? changeMs;
    private bool everywhere;
    private readonly List<string> groups = [];

    private bool Stations(int i) =>
        Turning(i)
        || TurnLength(i)
        || StationLine(i)
        || GroupsOf(i)
        || PlatesOfGroup(i)
        || Bonus(i)
        || Windows(i)
        || InWindow(i)
        || Sharers(i)
        || Holds(i);

    private bool Turning(int i)
    {
        var kind =
            s[i].Is("relay") ? "relay"
            : s[i].Is("rota") ? "rota"
            : s[i].Is("waves") ? "waves"
            : null;
        if (kind is null || !IsTeam)
        {
            return false;
        }

        turning ??= kind;
        Part.Lines.Add(s[i].Line);
        Take(i);
        if (s.Exists(p => p.Word is "everywher" or "everywhere" or "everyone"))
        {
            everywhere = true;
        }

        return true;
    }

    /// <summary><c>2:00 each</c>, <c>2:00 a station</c>, <c>every 45 seconds</c>, <c>0:20 to change</c>.</summary>
    private bool TurnLength(int i)
    {
        if (turning is null || s[i].Sort != Sort.Time || s[i].Taken)
        {
            return false;
        }

        var (next, before) = (At(Next(i)), At(Previous(i)));
        if (next?.Is("change", "rest") == true && Part.Work.Tasks.Any() == false)
        {
            changeMs = s[i].Ms;
            Take(i, Next(i));
            return true;
        }

        if (next?.Is("eachMember", "stations", "every") == true || before?.Is("every", "rota", "eachMember") == true)
        {
            turnMs = s[i].Ms;
            Take(i, next?.Is("eachMember", "stations", "every") == true ? Next(i) : Previous(i));
            return true;
        }

        return false;
    }

    /// <summary><c>Station 1: …</c>, <c>stn 2 - …</c>, and <c>A: …</c> where members move from station to station.</summary>
    private bool StationLine(int i)
    {
        if (Previous(i) >= 0 || turning is not ("rota" or "waves"))
        {
            return false;
        }

        string? name = null;
        if (s[i].Is("stations") && At(i + 1) is { } n && (CountOf(n) is not null || n.Word.Length == 1))
        {
            name = n.Word.ToUpperInvariant();
            Take(i, i + 1);
        }
        else if (s[i].Word is "a" or "b" or "c" or "d" or "e" or "f" && At(i + 1)?.IsMark(":)") == true)
        {
            name = s[i].Word.ToUpperInvariant();
            Take(i);
        }

        if (name is null)
        {
            return false;
        }

        CloseAll();
        OpenWithin(new("station " + name), i);
        return true;
    }

    private bool InStation => Here.Head.StartsWith("station ", StringComparison.Ordinal);

    /// <summary><c>A = 1+2, B = 3+4</c>: who of a team goes together.</summary>
    private bool GroupsOf(int i)
    {
        if (
            !IsTeam
            || s[i].Word.Length != 1
            || !char.IsLetter(s[i].Word[0])
            || At(i + 1)?.IsMark("=") != true
            || CountOf(At(i + 2)) is null
        )
        {
            return false;
        }

        var seats = new List<int>();
        var k = i + 2;
        while (CountOf(At(k)) is { } seat)
        {
            seats.Add(seat);
            Take(k);
            k++;
            if (At(k)?.IsMark("+") == true || At(k)?.Word is "and" or "y")
            {
                Take(k++);
            }
            else
            {
                break;
            }
        }

        var name = s[i].Word.ToUpperInvariant();
        groups.Add($"{name} {string.Join(' ', seats)}");
        levels.Add(name);
        Take(i, i + 1);
        return true;
    }

    private bool PlatesOfGroup(int i)
    {
        if (!s[i].Is("changesPlates") || groups.Count == 0 || scope.Divisions is not [>= FirstLevel and var level])
        {
            return false;
        }

        rerig = $"re-rig: by {levels[level - FirstLevel]}, in the change";
        Take(i);
        return true;
    }

    private string? rerig;

    /// <summary><c>a woman with 12 calories or a man with 15 earns 4 extra reps</c>.</summary>
    private bool Bonus(int i)
    {
        if (!s[i].Is("earns") || !s.Exists(p => p.Is("extra")))
        {
            return false;
        }

        var extra = s.Skip(i).FirstOrDefault(p => CountOf(p) is not null);
        var (man, woman) = (Behind(false), Behind(true));
        var unit = s.Find(p => p.Figure is { Unit: "cal" or "m" })?.Figure?.Unit ?? "";
        var of = AllTasks.LastOrDefault(t => t.Unit == unit);
        if (extra is null || of is null || (man ?? woman) is null)
        {
            return false;
        }

        of.Details.Add($"+{CountOf(extra)} at {PairOf(Number.Normal(man ?? woman!.Value), Number.Normal(woman ?? man!.Value))}");
        Mark(of, i);
        TakeAll(s);
        return true;

        decimal? Behind(bool sex)
        {
            var at = s.FindIndex(p => SexOf(p) == sex);
            return at < 0 ? null : s.Skip(at).FirstOrDefault(p => p.Figure is not null)?.Figure?.Only;
        }
    }

    /// <summary><c>Two windows of 4:00 with 1:00 between</c>.</summary>
    private bool Windows(int i)
    {
        var time = BehindOf(i);
        if (!s[i].Is("windows") || CountOf(At(Previous(i))) is not { } n || n > 6 || At(time) is not { Sort: Sort.Time } length)
        {
            return false;
        }

        var gap = s.Skip(time + 1).FirstOrDefault(p => p.Sort == Sort.Time);
        while (parts.Count < n)
        {
            parts.Add(new());
        }

        for (var k = 0; k < n; k++)
        {
            parts[k].Lasts(length.Ms, length.At);
            parts[k].Label = ((char)('A' + k)).ToString();
            parts[k].Before = k > 0 && gap is not null ? "rest " + Times.Written(gap.Ms) : null;
            parts[k].Lines.Add(s[i].Line);
        }

        TakeAll(s);
        Turn(0);
        return true;
    }

    /// <summary>Reads on in a part.</summary>
    private void Turn(int index)
    {
        partAt = index;
        open.Clear();
        open.Push(Part.Work);
        task = null;
    }

    private static readonly string[][] Ordinals =
    [
        ["first", "primera", "primer", "1st"],
        ["second", "segunda", "segund", "2nd"],
        ["third", "tercera", "tercer", "3rd"],
        ["fourth", "cuarta", "cuart", "4th"],
    ];

    private static int? OrdinalOf(Piece? p) =>
        p is null ? null
        : Array.FindIndex(Ordinals, o => o.Contains(p.Word)) is >= 0 and var n ? n
        : null;

    private bool InWindow(int i)
    {
        if (OrdinalOf(s[i]) is not { } n || At(Next(i))?.Is("windows") != true || n >= parts.Count)
        {
            return false;
        }

        Turn(n);
        Part.Goal ??= "reps";
        Part.Lines.Add(s[i].Line);
        Take(i, Next(i));
        return true;
    }

    /// <summary><c>three athletes share …</c>: so many of the team, and as much as they can.</summary>
    private bool Sharers(int i)
    {
        if (!IsTeam || !s[i].Is("shareVerb") || CountOf(At(Previous(i))) is not { } n)
        {
            return false;
        }

        sharers = n;
        pendingMax = true;
        Take(i, Previous(i));
        return true;
    }

    private int? sharers;

    /// <summary><c>the fourth hangs from the bar the whole turn</c>, <c>while one keeps a front plank</c>.</summary>
    private bool Holds(int i)
    {
        if (!IsTeam || task is null)
        {
            return false;
        }

        var verb = s[i].Is("hangsFrom", "keeps");
        var position = s[i].Is("hangsFrom") ? "dead hang" : At(Next(i))?.Movement?.Value;
        if (!verb || position is null || !IsHeld(position))
        {
            return false;
        }

        var per =
            s.Exists(p => p.Is("wholeTurn")) ? "for the whole turn"
            : s.Exists(p => p.Is("everyRep")) ? "for every whole rep"
            : s.Exists(p => p.Is("sameSharing")) ? lastPer
            : null;
        if (per is null)
        {
            return false;
        }

        lastPer = per;
        task.Under.Add($"hold: 1 crew-mate in {position}, {per}");
        Mark(task, i);
        TakeAll(s.Where(p => p.Is("wholeTurn", "everyRep", "sameSharing") || OrdinalOf(p) is not null));
        Take(i, s[i].Is("keeps") ? Next(i) : -1);
        return true;
    }

    private string? lastPer;

    /// <summary>The head of a part whose members follow one another.</summary>
    private string TurningHead(Part p)
    {
        var goal = GoalOf(p) is "calories" or "time" ? "reps" : GoalOf(p);
        var count = p.Work.Items.OfType<Block>().Count(b => b.Head.StartsWith("station ", StringComparison.Ordinal));
        return $"{turning} for {goal}, {Written(turnMs)} each"
            + (changeMs is { } change ? ", change " + Times.Written(change) : "")
            + (turning == "rota" && everywhere && count > 0 ? $", {count} turns" : "")
            + (turning == "waves" && groups.Count > 0 ? ", by " + string.Join(", ", groups.Select(g => g.Split(' ')[0])) : "");
    }
}
