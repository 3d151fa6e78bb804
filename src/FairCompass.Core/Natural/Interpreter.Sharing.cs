using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private bool Sharing(int i, TaskItem? before)
    {
        var says =
            s[i].Is("oneAtATime") ? "one at a time"
            : s[i].Is("byRound") ? "taking turns by the round"
            : s[i].Is("anySplit") ? "any split"
            : s[i].Is("twoAtATime") ? "by 2 members"
            : s[i].Is("anyNumber") ? "any number at a time"
            : s[i].Is("handTag") ? "hand tag"
            : s[i].Is("fixedOrder") ? "in fixed order"
            : null;
        if (says is not null && (IsTeam || !s[i].Is("anySplit")))
        {
            Share(i, says, before);
            if (says == "taking turns by the round")
            {
                Share(i, "one at a time", before);
            }

            Take(i);
            return true;
        }

        return EachOrTogether(i)
            || SameSharing(i, before)
            || Position(i)
            || Least(i, before)
            || Most(i, before)
            || Synchro(i, before)
            || YouGo(i, before)
            || Plates(i);
    }

    private bool IsTeam => competition.Divisions.Any(d => d.IsTeam);

    /// <summary>A rule of sharing: of the task in the same line, else of all the work.</summary>
    private void Share(int i, string says, TaskItem? before)
    {
        var of = task is not null && task != before || task?.Lines.Contains(s[i].Line) == true ? task : null;
        if (of is null)
        {
            if (!shares.Exists(x => x.Says == says))
            {
                shares.Add((Part, says, s[i].Line));
            }

            return;
        }

        if (!of.Under.Contains("share:" + says))
        {
            of.Under.Add("share:" + says);
        }

        Mark(of, i);
    }

    /// <summary>Rules of sharing for all the work of a part.</summary>
    private readonly List<(Part Part, string Says, int Line)> shares = [];

    /// <summary><c>at least 20 each</c>, <c>30 each minimum</c>, <c>20 m or more each</c>.</summary>
    private bool Least(int i, TaskItem? before)
    {
        if (!s[i].Is("atLeast"))
        {
            return false;
        }

        var at = CountLike(Next(i)) ? Next(i) : Enumerable.Range(0, i).Reverse().FirstOrDefault(CountLike, -1);
        if (at < 0)
        {
            return false;
        }

        var rest = s.Skip(at).ToList();
        var all = rest.Exists(p => p.Word is "everything" or "todo" || p.Word.StartsWith("every movement", StringComparison.Ordinal));
        var inRounds = rest.FindIndex(p => p.Is("rounds"));
        Share(
            i,
            $"at least {Number.Normal(s[at].Figure?.First[0] ?? CountOf(s[at])!.Value)} each"
                + (
                    inRounds > 0 ? " in every round"
                    : all ? " of every movement"
                    : ""
                ),
            before
        );
        Take(i, at);
        foreach (
            var p in rest.Where(p =>
                p.Is("eachMember", "of", "every", "rounds") || p.Word is "everything" or "todo" || p.Is("atLeast") || p.Unit is "m" or "rep"
            )
        )
        {
            p.Taken = true;
        }

        return true;
    }

    private bool CountLike(int at) =>
        At(at) is { Taken: false } p && (CountOf(p) is not null || p.Figure is { Unit: "m" or "cal", Only: not null });

    /// <summary><c>max 5 in a row</c>, <c>no more than 5 in a row</c>, <c>máximo 6 seguidas</c>.</summary>
    private bool Most(int i, TaskItem? before)
    {
        if (!s[i].Is("max", "atMost"))
        {
            return false;
        }

        var at = Next(i);
        if (CountOf(At(at)) is not { } n || At(Next(at))?.Is("inARow") != true)
        {
            return false;
        }

        Share(i, $"at most {n} in a row", before);
        Take(i, at, Next(at));
        return true;
    }

    /// <summary>Two or more at the same moment; at which, is said or asked.</summary>
    private bool Synchro(int i, TaskItem? before)
    {
        if (!IsTeam || !s[i].Is("synchro") && s[i].Movement?.Value.StartsWith("synchronised", StringComparison.Ordinal) != true)
        {
            return false;
        }

        if (s[i].Movement is not null)
        {
            // The task is read first, with its rule.
            return false;
        }

        Share(i, "together at unset", before);
        Take(i);
        return true;
    }

    /// <summary>The position of a synchronised rep, where the words for it are known.</summary>
    private bool Position(int i)
    {
        if (!s[i].Is("chestDown") || task is null)
        {
            return false;
        }

        task.Under.RemoveAll(u => u.StartsWith("share:together", StringComparison.Ordinal));
        task.Under.Add("share:together at the chest on the floor");
        Mark(task, i);
        Take(i);
        return true;
    }

    /// <summary><c>each or together?</c>: an amount of a team of which nobody has said whose it is.</summary>
    private bool EachOrTogether(int i)
    {
        if (
            !s[i].Is("eachMember")
            || task?.Amount is null
            || At(Next(i)) is not { } or
            || !or.Is("choose")
            || At(Next(Next(i))) is not { } other
            || !other.Is("together")
        )
        {
            return false;
        }

        task.Details.Add("each or together unset");
        var said = TextAt(task.AmountAt);
        Ask(
            s[i].At with
            {
                Length = other.End - s[i].Column,
            },
            "each",
            $"{said} {task.Movement}: does each member do that, or all together?",
            Option("each", "Every member does the whole amount.", s[i].At with { Length = other.End - s[i].Column }, "each"),
            Option("together", "The amount is shared.", s[i].At with { Length = other.End - s[i].Column }, "in total")
        );
        Take(i, Next(i), Next(Next(i)));
        TakeAll(s.Where(p => p.IsMark("?") || p.Is("tbd")));
        return true;
    }

    /// <summary><c>same sharing</c>: as the task before that has a rule.</summary>
    private bool SameSharing(int i, TaskItem? before)
    {
        var other = AllTasks.LastOrDefault(t => t != task && t.Under.Exists(u => u.StartsWith("share:", StringComparison.Ordinal)));
        if (!s[i].Is("sameSharing") || task is null || other is null)
        {
            return false;
        }

        task.Under.AddRange(other.Under.Where(u => u.StartsWith("share:", StringComparison.Ordinal)));
        Take(i);
        return true;
    }

    private bool YouGo(int i, TaskItem? before)
    {
        if (!s[i].Is("youGo"))
        {
            return false;
        }

        Share(i, "one at a time", before);
        Take(i);
        return true;
    }

    private bool Plates(int i)
    {
        var by =
            s[i].Is("ownPlates") ? "the athlete"
            : s[i].Is("crewPlates") ? "the crew"
            : s[i].Is("teamPlates") ? "the team"
            : null;
        if (by is null)
        {
            return false;
        }

        help.Add(($"help: load plates by {by}", s[i].Line));
        Take(i);
        return true;
    }

    private readonly List<(string Line, int From)> help = [];

    private bool Policies(int i)
    {
        var line =
            s[i].Is("bellSteady") ? "bell: a lift counts when finished and steady"
            : s[i].Is("bellFinished") ? "bell: a rep counts when finished"
            : s[i].Is("gateCounts") ? "gate on the second: counts"
            : null;
        if (line is not null)
        {
            policies.Add((line, s[i].Line));
            Take(i);
            return true;
        }

        if (s[i].Is("video"))
        {
            headers.Add(("video: a rep that cannot be verified is no rep", s[i].Line));
            Take(i);
            return true;
        }

        if (s[i].Is("countdown") && At(Previous(i)) is { Sort: Sort.Time, Taken: false } lead)
        {
            headers.Add(("lead-in " + Times.Written(lead.Ms), s[i].Line));
            Take(i, Previous(i));
            return true;
        }

        if (s[i].Is("attempts") && CountOf(At(Previous(i))) is { } n && s.Find(p => p.Is("lastCounts", "bestCounts")) is { } which)
        {
            policies.Add(($"attempts: {(which.Is("lastCounts") ? "last" : "best")} of {n}", s[i].Line));
            Take(i, Previous(i));
            which.Taken = true;
            return true;
        }

        return false;
    }

    private readonly List<(string Line, int From)> policies = [];
    private readonly List<(string Line, int From)> headers = [];
}
