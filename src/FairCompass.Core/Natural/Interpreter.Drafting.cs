using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private readonly DraftWriter draft = new();

    /// <summary>Puts the draft together; null where the text has no work.</summary>
    public DraftWriter? Write()
    {
        Settle();
        if (parts.TrueForAll(p => !p.Work.Tasks.Any()))
        {
            return null;
        }

        Header();
        draft.Space();
        if (clock is { } length)
        {
            draft.Add(0, $"{Times.Written(length)} clock", clockLine, "one clock for several parts");
        }

        parts.ForEach(WritePart);

        draft.Space();
        WriteScores();
        foreach (var (line, from) in policies.DistinctBy(p => p.Line))
        {
            draft.Add(0, line, from, "a rule in words that are known");
        }

        return draft;
    }

    private void Header()
    {
        draft.Add(0, title ?? "Workout", 1, "the first line");
        var divisions = ForWhom();
        draft.Add(1, "for " + string.Join(", ", divisions.Select(d => d.Name)), 0, "all divisions, unless the text names some");
        if (divisions.Any(d => d.Duties.Count > 1) || divisions.Select(d => d.Duties[0]).Distinct().Count() > 1)
        {
            draft.Add(1, "a/b is " + (DeclaredWomanFirst ? "woman/man" : "man/woman"), legendLine, "the order of the competition");
        }

        if (groups.Count > 0)
        {
            draft.Add(1, "groups " + string.Join(", ", groups), 0, "who of a team goes together");
        }

        foreach (var (line, from) in headers)
        {
            draft.Add(1, line, from, "a rule in words that are known");
        }
    }

    /// <summary>All divisions; where the competition has teams and others, those of the size that the text names.</summary>
    private IReadOnlyList<Competitions.Division> ForWhom()
    {
        var named = mentioned.Select(i => competition.Divisions[i].IsTeam).Distinct().ToList();
        return named.Count == 1 && competition.Divisions.Any(d => d.IsTeam != named[0])
            ? competition.Divisions.Where(d => d.IsTeam == named[0]).ToList()
            : competition.Divisions;
    }

    private void WritePart(Part p)
    {
        var depth = clock is null ? 0 : 1;
        var label = p.Label.Length > 0 ? p.Label + ": " : "";
        if (p.Before is { } before)
        {
            draft.Add(depth, before, p.Lines.FirstOrDefault(), "between two parts");
        }

        if (p.Again is { } again)
        {
            draft.Add(depth, again, p.Lines.FirstOrDefault(), "sets with a time each");
            depth++;
        }

        var goal = GoalOf(p);
        if (p.Work.Tasks.Any() && p.Work.Tasks.All(t => t.Window is not null))
        {
            WriteWindows(p.Work.Items, depth);
            return;
        }

        if (every is not null && p.Work.Items.Contains(every) && every.Items is not [Block { Head: "first" }, ..])
        {
            var slots = alternates ? every.Items.Count : 1;
            if (!OfALine && p.Length is { } total && total % (everyMs * slots) == 0 && LimitsOf(p).Count < 2)
            {
                WriteMinutes(p, depth, total / everyMs / slots);
                return;
            }

            TakeTurns(slots);
        }

        if (turning is not null)
        {
            draft.Add(depth, TurningHead(p), p.Lines.FirstOrDefault(), "members follow one another");
            if (rerig is not null)
            {
                draft.Add(depth + 1, rerig, p.Lines.FirstOrDefault(), "who changes the plates");
            }

            WriteWork(p, depth + 1);
            return;
        }

        var how = goal == "time" ? "a list for time" : "work against the clock";
        if (clock is not null)
        {
            draft.Add(depth, $"{label}for {goal}{(p.InTimeLeft ? ", in the time left" : "")}", p.Lines.FirstOrDefault(), how);
        }
        else
        {
            draft.Add(depth, $"{label}{LengthOf(p, goal)} for {goal}", p.Lines.FirstOrDefault(), how);
        }

        WriteWork(p, depth + 1);
    }

    /// <summary>Tasks in turn, an interval each, where the intervals are not so many whole turns: each says in which it stands.</summary>
    private void TakeTurns(int slots)
    {
        foreach (var (task, i) in every!.Items.OfType<TaskItem>().Select((t, i) => (t, i + 1)))
        {
            if (slots > 1)
            {
                task.Details.Add($"rounds {i}-{i + slots}-... only");
            }
        }
    }

    /// <summary>A list for each minute with nothing beside it: as many windows.</summary>
    private void WriteMinutes(Part p, int depth, long times)
    {
        var tasks = every!.Items;
        worked.AddRange(intervalsAt.Where(x => x.Part == p).Select(x => x.At));
        draft.Add(depth, $"{times} cycles", every.Lines.First(), "so many intervals of the same work");
        foreach (var group in alternates ? tasks.Select(t => new List<Item> { t }) : [tasks])
        {
            draft.Add(depth + 1, $"{Times.Written(everyMs)} for reps", every.Lines.First(), "one interval");
            WriteItems(group, depth + 2);
        }
    }

    /// <summary>Tasks that have a time each: windows one after the other, in as many cycles as there are rounds.</summary>
    private void WriteWindows(IReadOnlyList<Item> items, int depth)
    {
        foreach (var item in items)
        {
            if (item is TaskItem t)
            {
                draft.Add(
                    depth,
                    $"{Times.Written(t.Window!.Value)} for {(t.Unit == "cal" ? "calories" : "reps")}",
                    t.Lines.FirstOrDefault(),
                    "a time of its own"
                );
                WriteTask(t, depth + 1);
            }
            else if (item is Block { Head: var head } b)
            {
                var rest = head.StartsWith("own rest", StringComparison.Ordinal);
                draft.Add(
                    depth,
                    rest ? head[4..] : head.Replace("rounds", "cycles", StringComparison.Ordinal),
                    b.Lines.FirstOrDefault(),
                    "how often they come"
                );
                WriteWindows(b.Items, depth + 1);
            }
        }
    }

    private string GoalOf(Part p)
    {
        if (p.Goal is null or "time" && IsOnlyHeld(p))
        {
            // Seconds are counted: there is nothing to finish.
            return "reps";
        }

        if (p.Goal is { } said && !(said == "reps" && scores.Exists(x => x.Measure == "calories")))
        {
            return said;
        }

        return scores.Exists(x => x.Measure == "calories") ? "calories"
            : p.Goal is not null ? p.Goal
            : p.Work.Tasks.Any(t => t.Heaviest is not null) ? "load"
            : scores.Exists(x => x.Measure == "points") ? "points"
            : p.Work.Tasks.Any(t => t.Max) ? "reps"
            : scores.Exists(x => x.Measure is "reps" or "rounds and reps") ? "reps"
            : "time";
    }

    private string LengthOf(Part p, string goal)
    {
        if (LimitsOf(p) is { Count: > 1 } limits)
        {
            AskCap(limits, goal);
            return "unset";
        }

        if (p.Length is { } length)
        {
            return Times.Written(length);
        }

        var at = p.Lines.Concat(p.Work.Tasks.SelectMany(t => t.Lines)).Where(l => l > 0).DefaultIfEmpty(1).First();
        var where = new SourceRange(at, 1, Math.Max(1, lines[at - 1].TrimEnd().Length));
        Ask(where, goal == "time" ? "cap" : "window", goal == "time" ? "What is the time cap?" : "How long does it last?");
        return "unset";
    }

    /// <summary>The lengths that the text says of a part, each where it stands, where they contradict each other; else one or
    /// none.</summary>
    private List<(long Ms, SourceRange At)> LimitsOf(Part p)
    {
        if (p.Length is not { } one)
        {
            return [];
        }

        var others = caps.Concat(capsAgain).Where(c => c.Part == p).Select(c => (c.Ms, c.At));
        var all = others.Append((Ms: one, At: p.LengthAt)).Distinct().OrderBy(c => c.At.Line).ToList();
        return all.TrueForAll(c => c.Ms == one) ? [(one, p.LengthAt)] : all;
    }

    /// <summary>A limit in the words of the place where another stands: a number of intervals there, else a time; null where it is no whole
    /// number of them.</summary>
    private string? InPlaceOf(SourceRange other, (long Ms, SourceRange At) limit)
    {
        var counts = countsAt.Contains(other);
        return counts == countsAt.Contains(limit.At) ? TextAt(limit.At)
            : !counts ? Times.Written(limit.Ms)
            : limit.Ms % everyMs == 0 ? $"{limit.Ms / everyMs}"
            : null;
    }

    /// <summary>Two time limits of one work: each answer puts its own in the place of the others, where those stand in one line.</summary>
    private void AskCap(List<(long Ms, SourceRange At)> all, string goal)
    {
        var options = new List<QuestionOption>();
        foreach (var cap in all.DistinctBy(c => c.Ms))
        {
            var others = all.Where(c => c.Ms != cap.Ms).Select(c => c.At).ToList();
            if (others.TrueForAll(o => o.Line == others[0].Line && InPlaceOf(o, cap) is not null))
            {
                var (from, to) = (others.Min(o => o.Column), others.Max(o => o.Column + o.Length));
                var text = lines[others[0].Line - 1][(from - 1)..(to - 1)];
                foreach (var o in others.OrderByDescending(o => o.Column))
                {
                    text = text[..(o.Column - from)] + InPlaceOf(o, cap) + text[(o.Column - from + o.Length)..];
                }

                options.Add(
                    Option(Times.Written(cap.Ms), $"{Times.Written(cap.Ms)} for {goal}", new(others[0].Line, from, to - from), text)
                );
            }
        }

        var said = Core.Text.Words.Join(all.Select(c => Times.Written(c.Ms)).Distinct());
        Ask(all[^1].At, "cap", $"The text has two time limits: {said}. Which holds?", [.. options]);
    }

    private void WriteWork(Part p, int depth)
    {
        var all = shares.Where(x => x.Part == p).ToList();
        if (all.Count > 0)
        {
            draft.Add(depth, "share: " + string.Join(", ", Ordered(all.Select(x => x.Says))), all[0].Line, "how a team shares all of it");
        }

        WriteItems(p.Work.Items, depth);
        foreach (var (line, from) in help.DistinctBy(h => h.Line))
        {
            if (p.Work.Tasks.Any(t => UsesBar(t)) || parts.Count == 1)
            {
                draft.Add(depth, line, from, "a rule in words that are known");
            }
        }

        var notes = remarks.Where(r => r.Part == p).ToList();
        foreach (var (words, line, _) in notes)
        {
            draft.Add(turning is null ? depth : depth + 1, "note: " + Short(words), line, "kept as a remark");
        }
    }

    private bool UsesBar(TaskItem t) => Uses(t, "barbell");

    /// <summary>A note that fits in a line of a draft.</summary>
    private static string Short(string words) => words.Length <= 260 ? words : words[..259] + "…";

    private static IEnumerable<string> Ordered(IEnumerable<string> says) =>
        says.Distinct()
            .OrderBy(x =>
                x.StartsWith("by ", StringComparison.Ordinal) ? 0
                : x.StartsWith("one at", StringComparison.Ordinal)
                || x.StartsWith("any number", StringComparison.Ordinal)
                || x.StartsWith("together", StringComparison.Ordinal)
                    ? 1
                : x is "any split" or "taking turns by the round" ? 2
                : x.StartsWith("at least", StringComparison.Ordinal) ? 3
                : x.StartsWith("at most", StringComparison.Ordinal) ? 4
                : 5
            );

    private void WriteItems(IReadOnlyList<Item> items, int depth)
    {
        foreach (var item in items)
        {
            if (item is TaskItem t)
            {
                WriteTask(t, depth);
            }
            else if (item is Block b)
            {
                WriteBlock(b, depth);
            }
        }
    }

    private void WriteBlock(Block b, int depth)
    {
        var head = b.Head;
        if (b.Bar is { Values.Count: > 0 } bar)
        {
            head = head.Replace("complex", "complex, " + LoadText(bar, bar.Values), StringComparison.Ordinal);
        }

        draft.Add(depth, head, b.Lines.FirstOrDefault(), How(b));
        WriteItems(b.Items, depth + 1);
    }

    private static string How(Block b) =>
        b.IsScheme ? "the numbers of each round"
        : b.Head.EndsWith("rounds", StringComparison.Ordinal) ? "so many rounds"
        : b.Head == "rounds without end" ? "again and again until the time is up"
        : "how the work is arranged";
}
