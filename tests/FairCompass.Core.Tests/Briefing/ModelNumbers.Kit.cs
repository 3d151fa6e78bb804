using System.Globalization;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Briefing;

/// <content>Bars, plates, and heights.</content>
internal sealed partial class ModelNumbers
{
    /// <summary>The load of a rung, its bar, and the plates of one side, when they make the load.</summary>
    private HashSet<string> Rung(int line, string entry, int rung)
    {
        var bar = entry.Contains("woman", StringComparison.Ordinal) ? u.Competition.Kit.WomenBar : u.Competition.Kit.MenBar;
        var task = u.Prescribed.First(p => p.Address.ToString() == entry && p.Source.At.Line == line);
        var values = task.Prescription.Load!.Value.Values;
        var load = values.At(rung - 1)!.Value;
        return
        [
            rung.ToString(CultureInfo.InvariantCulture),
            Number.Normal(load),
            Number.Normal(bar),
            .. Stacked(task) is { } plan && bar + (2 * plan[rung - 1].Side.Sum()) + u.Competition.Kit.ClipPair == load
                ? plan[rung - 1].Side.Concat(plan[rung - 1].Off).Select(Number.Normal)
                : [],
        ];
    }

    /// <summary>The next load, and what is done until its plates are on: as few as differ, counted from the outside.</summary>
    private HashSet<string> HeatToHeat(int left, string from, int found, string to)
    {
        PrescribedTask Task(int line, string entry) =>
            u.Prescribed.First(p => p.Address.ToString() == entry && (p.Around?.At.Line ?? p.Source.At.Line) == line && p.At == default);
        var (was, next) = (new Stack<decimal>(Stacked(Task(left, from))!.Value[^1].Side), Stacked(Task(found, to))!.Value[0]);
        var numbers = new HashSet<string> { Number.Normal(next.Load!.Value) };
        var handled = 0;
        while (!next.Side.Take(was.Count).SequenceEqual(was.Reverse()))
        {
            numbers.Add(Number.Normal(was.Pop()));
            handled += 2;
        }

        foreach (var plate in next.Side.Skip(was.Count))
        {
            numbers.Add(Number.Normal(plate));
            handled += 2;
        }

        numbers.Add(handled.ToString(CultureInfo.InvariantCulture));
        numbers.Add($"{handled * 4 / 60}:{handled * 4 % 60:00}");
        return numbers;
    }

    /// <summary>The load, its bar, its plates: they make the load together.</summary>
    private static string RisingOf(PrescribedTask task) =>
        task.Prescription.Rising is { Value: { First: { } first, By: { } by } } ? $"{Number.Normal(first)} {Number.Normal(by)}" : "";

    /// <summary>The heights of an entry’s card, added up one by one, and what its lines say of misses.</summary>
    private HashSet<string> Heights(string piece, string entry)
    {
        var task = Piece(piece, entry)!.Tasks[0];
        var (first, by) = task.Prescription.Rising is { Value: { First: { } f, By: { } b } } ? (f, b) : (0, 0);
        var numbers = new HashSet<string>(InAll(lines.Skip(task.Source.At.Line - 1).Take(1 + task.Source.Lines.Count))) { "1", "2", "3" };
        for (var (n, height) = (0, first); n < 10; (n, height) = (n + 1, height + by))
        {
            numbers.Add(Number.Normal(height));
        }

        return numbers;
    }

    private HashSet<string> Kit(int line, string entry)
    {
        var kit = u.Competition.Kit;
        var tasks = u.Prescribed.Where(p => p.Address.ToString() == entry && p.Source.At.Line == line).ToList();
        var duty = entry.Contains("woman", StringComparison.Ordinal) ? Core.Competitions.Duty.Woman : Core.Competitions.Duty.Man;
        var bar = kit.Bar(duty, tasks.Select(p => p.Prescription.Bar?.Value).FirstOrDefault(n => n is not null)).Mass;
        var ladders = tasks.Where(p => p.Prescription.Load?.Value.Values.At(0) is not null);
        return
        [
            .. InAll(tasks.Select(p => p.Prescription.Load?.Value.ToString() ?? $"{p.Prescription.OfBest?.Value.Percent}")),
            .. InAll(tasks.SelectMany(p => p.Prescription.Heights.Select(h => h.Value.ToString())).Concat(tasks.Select(RisingOf))),
            Number.Normal(bar),
            .. In(entry),
            .. ladders.SelectMany(l =>
                Stacked(l) is [var first, ..]
                && (first.Side.Count == 0 ? bar : bar + (2 * first.Side.Sum()) + kit.ClipPair) == l.Prescription.Load!.Value.Values.At(0)
                    ? first.Side.Select(Number.Normal)
                    : []
            ),
        ];
    }

    /// <summary>The changes of a ladder as the planner has them, whose plans are held against exhaustive search elsewhere.</summary>
    private Eq<PlateChange>? Stacked(PrescribedTask task) => u.Bars.Changes(task);

    /// <summary>What the prescription table says of the bar at the start, and the heaviest that bars of the lane can be.</summary>
    private HashSet<string> Lifting(string piece, string entry)
    {
        var course = u.Courses.First(c => c.Address.ToString() == entry);
        var lift = course.Piece(piece)!;
        var mine = u.Prescribed.Where(p => ReferenceEquals(p.Source, lift.Tasks[0].Source) && p.Address.IsOf(course.Address)).ToList();
        return
        [
            .. mine.SelectMany(p => In(p.Prescription.Load?.Value.ToString() ?? "")),
            .. mine.SelectMany(p =>
                In(Number.Normal(BarLoads.All(u.Competition.Kit.Bar(p.Address.Duty, p.Prescription.Bar?.Value), u.Competition.Kit).Max()))
            ),
            .. Enumerable.Range(1, course.Address.Division.Size).Select(n => n.ToString(CultureInfo.InvariantCulture)),
        ];
    }

    /// <summary>What the draft says of a shared task: its amount and the fewest of each, in its own lines.</summary>
    private HashSet<string> Shared(string piece, int task)
    {
        var course = u.Courses.First(c => c.Piece(piece) is not null);
        var at = course.Piece(piece)!.Tasks[task].Source.At.Line;
        return
        [
            .. In(Line(at)),
            .. lines.Where(l => l.Contains("share:", StringComparison.Ordinal)).SelectMany(In),
            .. Enumerable.Range(1, 8).Select(n => n.ToString(CultureInfo.InvariantCulture)),
        ];
    }

    private static int Index(string text) => int.Parse(text, CultureInfo.InvariantCulture);

    private static HashSet<string> In(string text) => [.. Figures.Matches(text).Select(m => m.Value)];

    private static HashSet<string> InAll(IEnumerable<string> texts) => [.. texts.SelectMany(In)];
}
