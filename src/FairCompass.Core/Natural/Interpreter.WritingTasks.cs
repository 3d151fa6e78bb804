using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private void WriteTask(TaskItem t, int depth)
    {
        var line = t.Lines.FirstOrDefault();
        var byDivision = ByDivision(t);
        var all = t.Values.Where(v => v.For.Divisions.Count == 0).ToList();
        var words = AmountText(t, all) + MovementText(t);
        var details = new List<string>();
        var own = LoadText(t, all);
        // Where each division has its own, the first of them is what the line says and the others depart from it.
        var first = own.Length == 0 && byDivision.Count > 0 && byDivision.Keys.Min() == 0 ? 0 : -1;
        details.Add(own.Length == 0 && first == 0 ? LoadText(t, byDivision[0]) : own);
        var height = HeightText(all);
        details.Add(height.Length == 0 && first == 0 ? HeightText(byDivision[0]) : height);
        details.AddRange(t.Details.Distinct());
        details.Add(OnlyText(t));
        draft.Add(
            depth,
            string.Join(", ", details.Where(d => d.Length > 0).Prepend(words)) + (t.Remark is { } r ? $" ({r})" : ""),
            line,
            "a task with its amount, movement and load"
        );
        WriteDepartures(t, byDivision, first, depth + 1);
        foreach (var way in t.Choices)
        {
            WriteChoice(t, way, depth + 1);
        }

        WriteUnder(t, depth + 1);
    }

    /// <summary>The movement as the draft has it. Where its word means several it stays that word, which has no standard: none is
    /// taken.</summary>
    private string MovementText(TaskItem t)
    {
        var said = t.Options.Count > 0 ? NotInNames.Replace(TextAt(t.At), " ").Trim().ToLowerInvariant() : t.Movement;
        return said.Length > 0 && char.IsLetter(said[0]) ? said : t.Movement;
    }

    [GeneratedRegex(@"[^\p{L}\p{Nd} '&+-]+")]
    private static partial Regex NotInNames { get; }

    /// <summary>For whom alone a task is; of several divisions the notation has no such detail, and it is asked.</summary>
    private string OnlyText(TaskItem t)
    {
        if (t.OnlyFor.Count == 0 || ForWhom().All(d => t.OnlyFor.Contains(competition.Divisions.ToList().IndexOf(d))))
        {
            return "";
        }

        var names = t.OnlyFor.Select(NameOf).ToList();
        if (names.Count == 1)
        {
            return names[0] + " only";
        }

        Ask(
            t.At,
            "division",
            $"The {t.Movement} stands where {Core.Text.Words.Join(names)} are named. Who does it, and what do the others do?"
        );
        return "";
    }

    /// <summary>What differs for some: a line for each value, with all who have it.</summary>
    private void WriteDepartures(TaskItem t, SortedDictionary<int, List<Value>> byDivision, int first, int depth)
    {
        foreach (
            var group in byDivision
                .Select(d =>
                    (
                        d.Key,
                        Text: OverrideText(
                            t,
                            Telling(t, d.Key, byDivision),
                            d.Key == first && !d.Value.Exists(v => v.Aspect is Aspect.Amount or Aspect.Movement)
                        ),
                        From: d.Value[0].At.Line
                    )
                )
                .Where(x => x.Text.Length > 0)
                .GroupBy(x => x.Text)
        )
        {
            draft.Add(
                depth,
                $"{string.Join(", ", group.Select(g => NameOf(g.Key)))}: {group.Key}",
                group.First().From,
                "what differs for some"
            );
        }
    }

    private void WriteUnder(TaskItem t, int depth)
    {
        var line = t.Lines.FirstOrDefault();
        var share = t.Under.Where(u => u.StartsWith("share:", StringComparison.Ordinal)).Select(u => u[6..]).ToList();
        if (share.Count > 0)
        {
            draft.Add(depth, "share: " + string.Join(", ", Ordered(share)), line, "how a team shares it");
        }

        foreach (
            var spots in t.Under.Where(u =>
                u.StartsWith("help:", StringComparison.Ordinal) || u.StartsWith("hold:", StringComparison.Ordinal)
            )
        )
        {
            draft.Add(
                depth,
                spots,
                line,
                spots.StartsWith("help", StringComparison.Ordinal) ? "who helps" : "a position that somebody holds meanwhile"
            );
        }

        var notes = t.Under.Where(u => u.StartsWith("note:", StringComparison.Ordinal)).Select(u => u[5..]).ToList();
        foreach (var note in notes)
        {
            draft.Add(depth, "note: " + Short(note), t.Lines.Max, "kept as a remark");
        }
    }

    /// <summary>The values of a division without a movement that it has anyway; where a division that it follows does another, it is
    /// said.</summary>
    private List<Value> Telling(TaskItem t, int division, SortedDictionary<int, List<Value>> all)
    {
        bool Moves(Competitions.Division d) =>
            all.TryGetValue(competition.Divisions.ToList().IndexOf(d), out var v)
            && v.Exists(x => x.Aspect == Aspect.Movement && x.Word != t.Movement);
        var inherits = division < competition.Divisions.Count && competition.Chain(competition.Divisions[division]).Skip(1).Any(Moves);
        return inherits
            ? all[division]
            : all[division].FindAll(v => v.Aspect != Aspect.Movement || v.Word != t.Movement || v.Figure is not null);
    }

    /// <summary>The name of a division, or of a level of the text.</summary>
    private string NameOf(int whom) => whom >= FirstLevel ? levels[whom - FirstLevel] : competition.Divisions[whom].Name;

    private void WriteChoice(TaskItem t, TaskItem way, int depth)
    {
        var words = ((t.Max ? "" : AmountText(way, way.Values)) + (way.Movement == t.Movement ? "" : MovementText(way))).Trim();
        var details = new[] { words, LoadText(way, way.Values), HeightText(way.Values) }.Concat(way.Details.Distinct());
        draft.Add(
            depth,
            "choose: " + string.Join(", ", details.Where(d => d.Length > 0)),
            way.Lines.FirstOrDefault(),
            "another way, at the athlete’s choice"
        );
    }

    /// <summary>The values of each division, of which the narrower of two scopes holds; two of one width contradict each other.</summary>
    private SortedDictionary<int, List<Value>> ByDivision(TaskItem t)
    {
        var found = new SortedDictionary<int, List<Value>>();
        foreach (var v in t.Values.Where(v => v.For.Divisions.Count > 0))
        {
            foreach (var d in v.For.Divisions)
            {
                var mine = found.TryGetValue(d, out var list) ? list : found[d] = [];
                var other = mine.FindIndex(x => x.Aspect == v.Aspect && x.For.Woman == v.For.Woman);
                if (other < 0)
                {
                    mine.Add(v);
                }
                else if (v.For.Divisions.Count < mine[other].For.Divisions.Count)
                {
                    mine[other] = v;
                }
                else if (
                    v.For.Divisions.Count == mine[other].For.Divisions.Count
                    && v.Figure != mine[other].Figure
                    && v.Aspect == Aspect.Load
                )
                {
                    Contradicted(t, d, mine[other], v);
                    mine[other] = v with { Figure = v.Figure! with { Unset = true } };
                }
            }
        }

        return found;
    }

    private readonly HashSet<(SourceRange, SourceRange)> contradictions = [];

    private void Contradicted(TaskItem t, int division, Value a, Value b)
    {
        if (!contradictions.Add((a.At, b.At)))
        {
            return;
        }

        var (first, second) = (TextAt(a.At), TextAt(b.At));
        Ask(
            b.At,
            "load",
            $"{NameOf(division)} has two loads for the {t.Movement}: {first} (line {a.At.Line}) "
                + $"and {second} (line {b.At.Line}). Which holds?",
            Option(first, $"{NameOf(division)}: {first}", b.At, first),
            Option(second, $"{NameOf(division)}: {second}", a.At, second)
        );
    }

    private string AmountText(TaskItem t, List<Value> all)
    {
        var unit = t.Unit.Length > 0 ? t.Unit + " " : "";
        if (t.Heaviest is { } reps)
        {
            return reps == 1 ? "heaviest " : $"heaviest set of {reps} ";
        }

        if (heldFor.TryGetValue(t, out var ms))
        {
            return Times.Written(ms) + " ";
        }

        if (t.Max)
        {
            return "max " + unit;
        }

        if (t.Amount is not { } f)
        {
            return unit;
        }

        if (IsAgainstOrder(f))
        {
            AskOrder(new(Scope.All, Aspect.Amount, f, "", t.AmountAt));
            return "unset " + unit;
        }

        var (man, woman) = Sides(f);
        foreach (var v in all.Where(v => v.Aspect == Aspect.Amount && v.Figure is not null))
        {
            var (m, w) = Sides(v.Figure!);
            (man, woman) = v.For.Woman switch
            {
                true => (man, w),
                false => (m, woman),
                _ => (m, w),
            };
        }

        return PairOf(man, woman) + " " + unit;
    }

    /// <summary>The load of a task for some: <c>2 x 22.5/15 kg</c>; empty where none is said.</summary>
    private string LoadText(TaskItem t, List<Value> values)
    {
        var loads = values.Where(v => v.Aspect == Aspect.Load && v.Figure is not null).ToList();
        if (loads.Count == 0)
        {
            return "";
        }

        if (loads.Exists(AskOrder) || loads.Exists(v => v.Figure!.Unset))
        {
            return "unset " + (loads[0].Figure!.Unit is { Length: > 0 } u ? u : competition.Unit.Symbol());
        }

        var two = loads.Where(v => v.For.Woman is null).ToList();
        if (two.Count > 1 && two.Exists(v => v.Figure != two[0].Figure))
        {
            if (contradictions.Add((two[0].At, two[1].At)))
            {
                var (a, b) = (TextAt(two[0].At), TextAt(two[1].At));
                Ask(
                    two[1].At,
                    "load",
                    $"The {t.Movement} has two loads: {a} and {b}. Which holds?",
                    Option(a, a, two[1].At, a),
                    Option(b, b, two[0].At, b)
                );
            }

            return "unset kg";
        }

        string? man = null,
            woman = null,
            unit = null;
        var times = 1;
        foreach (var v in loads)
        {
            if (UnitOf(v) is not { } u)
            {
                return $"unset {competition.Unit.Symbol()}";
            }

            var (m, w) = Sides(v.Figure!);
            (man, woman) = v.For.Woman switch
            {
                true => (man, w),
                false => (m, woman),
                _ => (m, w),
            };
            unit ??= u;
            times = Math.Max(times, v.Figure!.Times);
        }

        times = pairs.Contains(t) ? Math.Max(2, times) : times;
        return (times > 1 ? $"{times} x " : "") + PairOf(man ?? "unset", woman ?? "unset") + " " + unit;
    }

    private string HeightText(List<Value> values)
    {
        var texts = new List<string>();
        foreach (
            var group in values
                .Where(v => v.Aspect == Aspect.Height && v.Figure is not null)
                .GroupBy(v => v.Word.Length > 0 ? v.Word : "box")
        )
        {
            string? man = null,
                woman = null;
            foreach (var v in group)
            {
                if (AskOrder(v))
                {
                    return "";
                }

                var (m, w) = Sides(v.Figure!);
                (man, woman) = v.For.Woman switch
                {
                    true => (man, w),
                    false => (m, woman),
                    _ => (m, w),
                };
            }

            texts.Add($"{group.Key} {PairOf(man ?? woman!, woman ?? man!)} {group.First().Figure!.Unit}");
        }

        return string.Join(", ", texts);
    }

    private string OverrideText(TaskItem t, List<Value> values, bool isBase)
    {
        if (isBase)
        {
            return "";
        }

        var movement = values.LastOrDefault(v => v.Aspect == Aspect.Movement);
        var amount = values.LastOrDefault(v => v.Aspect == Aspect.Amount)?.Figure ?? movement?.Figure;
        var unit =
            amount is null ? ""
            : amount.Unit.Length > 0 ? amount.Unit + " "
            : movement is null && t.Unit.Length > 0 ? t.Unit + " "
            : "";
        var head = ((amount is null ? "" : PairOf(amount) + " " + unit) + movement?.Word).Trim();
        var marks =
            movement is not null && t.Unit.Length > 0 ? t.Details.Find(d => d.StartsWith("marks", StringComparison.Ordinal)) ?? "" : "";
        return string.Join(
            ", ",
            new[] { head, LoadText(t, values), HeightText(values), head.Length > 0 ? marks : "" }.Where(x => x.Length > 0)
        );
    }
}
