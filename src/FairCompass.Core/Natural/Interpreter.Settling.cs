using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>What could only be decided when all was read.</summary>
    private void Settle()
    {
        for (var i = 0; i + 1 < parts.Count; i++)
        {
            if (parts[i].Work.Items is [.., Block last] && last.Head.StartsWith("own rest", StringComparison.Ordinal))
            {
                parts[i + 1].Before ??= last.Head[4..];
            }
        }

        foreach (var part in parts)
        {
            WrapWhatCameBefore(part.Work);
        }

        parts.RemoveAll(p => !p.Work.Tasks.Any() && parts.Exists(x => x.Work.Tasks.Any()));
        foreach (var (rounds, pause) in restsBetween)
        {
            rounds.Items.Add(pause);
        }

        Replace();
        GiveToKit();
        foreach (var part in parts)
        {
            RoundsOfLists(part.Work);
        }

        RestOfIntervals();
        Ladders();
        BarsThatClimb();
        Menus();
        CountOnly();
        TiesWithinTheWork();
        ShareRules();
    }

    /// <summary>Rules said for all scores belong to each of them.</summary>
    private void ShareRules()
    {
        var named = scores.Where(x => x.Label.Length > 0).ToList();
        var all = scores.Find(x => x.Label.Length == 0);
        if (named.Count == 0 && parts.Count(p => p.Label.Length > 0) > 1 && scoreWeight is not null)
        {
            named = parts.ConvertAll(p => new ScoreItem { Label = p.Label, Measure = all?.Measure ?? "" });
            scores.AddRange(named);
        }

        if (all is not null && named.Count > 0)
        {
            named.ForEach(n => n.Under.AddRange(all.Under));
            scores.Remove(all);
        }

        if (scoreWeight is { } weight)
        {
            scores.ForEach(x => x.Under.Add("weight " + Number.Normal(weight)));
        }
    }

    /// <summary>Rounds or a scheme that stand behind their work hold it.</summary>
    private void WrapWhatCameBefore(Block work)
    {
        for (var i = 1; i < work.Items.Count; i++)
        {
            if (work.Items[i] is Block { Items.Count: 0 } empty && !IsPoint(empty))
            {
                var before = work.Items.Take(i).Where(x => x is TaskItem).ToList();
                empty.Items.AddRange(before);
                work.Items.RemoveAll(before.Contains);
                i -= before.Count;
            }
        }

        if (OfALine)
        {
            return;
        }

        work.Items.RemoveAll(x => x is Block { Items.Count: 0, Bar: null } b && !IsPoint(b));
        if (work.Items is [.., Block last] && last.Head.StartsWith("own rest", StringComparison.Ordinal))
        {
            work.Items.Remove(last);
        }
    }

    /// <summary>True for a line that holds nothing: a rest, a gate.</summary>
    private static bool IsPoint(Block b) =>
        b.Head.StartsWith("own rest", StringComparison.Ordinal) || b.Head.StartsWith("gate", StringComparison.Ordinal);

    private void Replace()
    {
        foreach (var (whom, does, amount, replaced, at) in replacing)
        {
            var target = AllTasks.FirstOrDefault(t => t.Movement == replaced || t.Options.Contains(replaced));
            if (target is null)
            {
                unread.Add(new(at, $"Nobody does {replaced} here, which this would replace.") { Words = TextAt(at) });
                continue;
            }

            target.Values.Add(new(whom, Aspect.Movement, amount, does, at));
            target.Lines.Add(at.Line);
        }
    }

    /// <summary>Loads said of a thing go to every task that is done with it.</summary>
    private void GiveToKit()
    {
        foreach (var (kit, value) in kitValues)
        {
            var all = AllTasks.ToList();
            var users = all.Where(t => kit.Length > 0 ? Uses(t, kit) : book.Find(t.Movement) is { NeedsLoad: true }).ToList();
            if (kit == "barbell" && users.Count == 0)
            {
                users = all.Where(t => book.Find(t.Movement) is { NeedsLoad: true, Kit: Standards.MovementKit.Barbell }).ToList();
            }

            if (kit.Length == 0 && users.Select(t => book.Find(t.Movement)?.Kit).Distinct().Count() > 1)
            {
                AskWhichTask(value, users);
                continue;
            }

            if (users.Count == 0)
            {
                unread.Add(new(value.At, "Nothing in this workout is done with it.") { Words = TextAt(value.At) });
                continue;
            }

            foreach (var t in users)
            {
                t.Values.Add(value);
                t.Lines.Add(value.At.Line);
            }
        }
    }

    /// <summary>A load that several tasks could have: none of them gets it.</summary>
    private void AskWhichTask(Value value, List<TaskItem> users)
    {
        var said = TextAt(value.At);
        Ask(
            value.At,
            "load",
            $"“{said}”: for which of {Core.Text.Words.Join(users.Select(t => t.Movement).Distinct(), "and")} is this load?",
            [.. users.Select(t => t.Movement).Distinct().Select(m => Option(m, $"{m}, {said}", value.At, $"{m} {said}"))]
        );
    }

    /// <summary>Tasks that each have as many numbers of their own are so many rounds: 50-40-30 of one and 25-20-15 of another.</summary>
    private static void RoundsOfLists(Block work)
    {
        bool IsList(Item x) => x is TaskItem { Amount: { IsList: true, Open: false } };
        var from = work.Items.FindIndex(IsList);
        if (from < 0)
        {
            return;
        }

        var list = work.Items.Skip(from).TakeWhile(IsList).Cast<TaskItem>().ToList();
        var n = list[0].Amount!.First.Count;
        if (list.TrueForAll(t => t.Amount!.First.Count == n))
        {
            var rounds = new Block($"{n} rounds");
            rounds.Items.AddRange(list);
            rounds.Lines.UnionWith(list.SelectMany(t => t.Lines));
            work.Items.RemoveRange(from, list.Count);
            work.Items.Insert(from, rounds);
        }
    }

    /// <summary>As many as possible behind a fixed task of an interval fills the rest of it.</summary>
    private void RestOfIntervals()
    {
        if (every is null || alternates || every.Items is not [TaskItem { Max: false }, .., TaskItem { Max: true } last])
        {
            return;
        }

        var (first, then) = (new Block("first"), new Block("then"));
        first.Items.AddRange(every.Items.Where(x => x != last));
        first.Lines.UnionWith(first.Items.SelectMany(x => x.Lines));
        then.Items.Add(last);
        then.Lines.UnionWith(last.Lines);
        every.Items.Clear();
        every.Items.AddRange([first, then]);
    }

    /// <summary>Amounts that rise by a step each round.</summary>
    private void Ladders()
    {
        if (rising is not { } step)
        {
            return;
        }

        foreach (var t in parts[^1].Work.Tasks.Where(t => t.Amount is { IsPair: false, First.Count: 1 }))
        {
            var n = t.Amount!.First[0];
            t.Amount = t.Amount with { First = [n, n + step, n + (2 * step)], Open = true };
        }
    }

    /// <summary>Loads that climb from bar to bar belong to the lifts that are done at one bar, round after round.</summary>
    private void BarsThatClimb()
    {
        foreach (var work in parts.Select(p => p.Work))
        {
            bool Climbs(Item x) => x is TaskItem t && t.Values.Exists(v => v.Aspect == Aspect.Load && v.Figure is { First.Count: >= 3 });
            if (work.Items.FindAll(Climbs) is not { Count: >= 2 } lifts || !work.Items.TrueForAll(x => x is TaskItem))
            {
                continue;
            }

            var flags = (lastRepeats ? ", last bar repeats" : "") + (mayBreak ? ", may be broken" : "");
            var complex = new Block("complex" + flags) { Bar = new() { Movement = "" } };
            complex.Bar.Values.AddRange(((TaskItem)lifts[0]).Values.Where(v => v.Aspect == Aspect.Load));
            foreach (var lift in lifts.Cast<TaskItem>())
            {
                lift.Values.RemoveAll(v => v.Aspect == Aspect.Load);
                complex.Lines.UnionWith(lift.Lines);
            }

            complex.Items.AddRange(lifts);
            var at = work.Items.IndexOf(lifts[0]);
            work.Items.RemoveAll(lifts.Contains);
            work.Items.Insert(at, complex);
            if (lastRepeats)
            {
                var rounds = new Block("rounds without end");
                rounds.Lines.UnionWith(complex.Lines);
                rounds.Items.AddRange(work.Items);
                work.Items.Clear();
                work.Items.Add(rounds);
            }
        }
    }

    private bool lastRepeats;
    private bool mayBreak;

    /// <summary>A movement that the word leaves open: asked, unless one of the meanings is all that this text can mean.</summary>
    private void Menus()
    {
        foreach (var t in AllTasks.Where(t => t.Options.Count > 0))
        {
            var said = TextAt(t.At);
            Ask(
                t.At,
                "movement",
                $"“{said}” may mean {Core.Text.Words.Join(t.Options, "or")}. Which is it?",
                [.. t.Options.Select(o => Option(o, $"The standard of the {o} holds.", t.At, o))]
            );
        }
    }

    /// <summary>Where a score counts one movement only, the others are done and not counted.</summary>
    private void CountOnly()
    {
        foreach (var part in scores.Where(x => x.NotCounted is not null))
        {
            Uncounted(part.NotCounted!);
        }

        if (scores.Find(x => x.Only is not null) is not { } score || parts.Count > 1 || scores.Count(x => x.Measure.Length > 0) > 1)
        {
            return;
        }

        var all = AllTasks.ToList();
        if (all.Exists(t => t.Movement == score.Only))
        {
            foreach (var t in all.Where(t => t.Movement != score.Only && !t.Details.Contains("uncounted")))
            {
                t.Details.Add("uncounted");
            }
        }
    }

    /// <summary>A tie-break after a task of a list: what comes up to it is one round, whose end has a time.</summary>
    private void TiesWithinTheWork()
    {
        foreach (var score in scores)
        {
            for (var i = 0; i < score.Under.Count; i++)
            {
                if (!score.Under[i].StartsWith("tie: after:", StringComparison.Ordinal))
                {
                    continue;
                }

                var movement = score.Under[i][11..];
                var work = parts.Select(p => p.Work).FirstOrDefault(w => w.Tasks.Any(t => IsMeant(t, movement)));
                var at = work?.Items.FindIndex(x => x is TaskItem t && IsMeant(t, movement)) ?? -1;
                if (work is null || at < 0)
                {
                    score.Under.RemoveAt(i--);
                    unread.Add(
                        new(tieAt[movement], $"The {movement} is no point of this work that is passed once.")
                        {
                            Words = TextAt(tieAt[movement]),
                        }
                    );
                    continue;
                }

                var before = new Block("1 rounds");
                before.Lines.UnionWith(work.Items.Take(at + 1).SelectMany(x => x.Lines));
                before.Items.AddRange(work.Items.Take(at + 1));
                work.Items.RemoveRange(0, at + 1);
                work.Items.Insert(0, before);
                score.Under[i] = "tie: time at round 1";
            }
        }
    }

    private static bool IsMeant(TaskItem t, string movement) => t.Movement == movement || t.Options.Contains(movement);
}
