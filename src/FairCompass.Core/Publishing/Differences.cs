using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Core.Publishing;

/// <summary>Says in plain words what differs between two versions of a workout, division by division.</summary>
public sealed partial class Differences
{
    /// <summary>Everything that differs.</summary>
    /// <param name="before">The older version.</param>
    /// <param name="now">The newer version.</param>
    /// <param name="language">The language of the words; a draft’s own words stay as they are.</param>
    public static Difference Between(Understanding before, Understanding now, Language language = Language.English) =>
        new Differences(before, now, language).All();

    private readonly Understanding before;
    private readonly Understanding now;
    private readonly Tongue tongue;

    private Differences(Understanding before, Understanding now, Language language) =>
        (this.before, this.now, tongue) = (before, now, StandardsBook.Of(now.Competition).Tongue(language));

    private string Say(string english, string spanish) => tongue.Say(english, spanish);

    private Difference All()
    {
        var (from, to) = (Fingerprint.Of(before), Fingerprint.Of(now));
        if (from == to)
        {
            // Layout and private comments are no part of what is published.
            return new(from.Code, to.Code, [], []);
        }

        var changes = Cells()
            .Concat(Clock())
            .Concat(Standards())
            .Concat(Kit())
            .Concat(Rest())
            .Concat(Scoring())
            .Concat(Divisions())
            .ToList();
        if (changes.Count == 0)
        {
            changes.AddRange(Words());
        }

        var names = changes.Select(c => c.For?.Split(',')[0]).ToList();
        return new(from.Code, to.Code, changes.ToEq(), names.Any(n => n is null) ? [] : names.OfType<string>().Distinct().ToEq());
    }

    /// <summary>The cells of the prescription table, matched by movement, aspect, and how often they have come before.</summary>
    private IEnumerable<Change> Cells()
    {
        var (was, isNow) = (Table(before), Table(now));
        foreach (var key in was.Keys.Concat(isNow.Keys).Distinct())
        {
            var (a, b) = (was.GetValueOrDefault(key), isNow.GetValueOrDefault(key));
            var differing = (a ?? b)!
                .Keys.Concat((b ?? a)!.Keys)
                .Distinct()
                .Select(column => (column, Was: a?.GetValueOrDefault(column) ?? "", Is: b?.GetValueOrDefault(column) ?? ""))
                .Where(x => x.Was != x.Is)
                .ToList();
            // One change for all columns that changed alike; for everybody when no column is left over.
            foreach (var same in differing.GroupBy(x => (x.Was, x.Is)))
            {
                var all = same.Count() == Math.Max(a?.Count ?? 0, b?.Count ?? 0);
                foreach (var who in all ? [null] : Grouped(same.Select(x => x.column)))
                {
                    yield return new(key.Aspect == "load" ? Touches.Loads : Touches.Reps, who, key.Name, same.Key.Was, same.Key.Is);
                }
            }
        }
    }

    /// <summary>The columns as people say them: a division with both duties is named once.</summary>
    private static IEnumerable<string?> Grouped(IEnumerable<(string Division, string Within)> columns) =>
        columns
            .GroupBy(c => c.Division)
            .Select(g =>
                g.Count() > 1 ? g.Key
                : g.First().Within.Length == 0 ? g.Key
                : $"{g.Key}, {g.First().Within}"
            );

    /// <summary>The table’s heading says <c>2 × kg</c> once for a row; a sentence says <c>2 × 10 kg</c>.</summary>
    private string With(string value, string unit)
    {
        if (value.Length == 0 || unit.Length == 0 || unit == tongue.Say(Term.Rep.Many))
        {
            return value;
        }

        var times = unit.IndexOf("× ", StringComparison.Ordinal);
        return times < 0 ? $"{value} {unit}" : $"{unit[..(times + 2)]}{value} {unit[(times + 2)..]}";
    }

    private Dictionary<(string Name, string Aspect, int Nth), Dictionary<(string Division, string Within), string>> Table(Understanding u)
    {
        var table = new Dictionary<(string, string, int), Dictionary<(string, string), string>>();
        var seen = new Dictionary<(string, string), int>();
        foreach (var row in GridRows.Of(u, tongue))
        {
            var nth = seen[(row.Name, row.Aspect)] = seen.GetValueOrDefault((row.Name, row.Aspect)) + 1;
            table[(row.Name, row.Aspect, nth)] = u
                .Resolver.Columns.Select(
                    (a, i) => (Key: (a.Division.Name, a.WithinIn(tongue)), Text: With(row.Cells[i].Text, row.Unit ?? ""))
                )
                .DistinctBy(x => x.Key)
                .ToDictionary(x => x.Key, x => x.Text);
        }

        return table;
    }

    /// <summary>Spans are matched by their label, or by their kind and how many of it have come before; forks by their order.</summary>
    private IEnumerable<Change> Clock()
    {
        var (a, b) = (Hall(before), Hall(now));
        return a
            .Keys.Concat(b.Keys.Except(a.Keys))
            .Select(k => (Was: a.GetValueOrDefault(k, ""), Is: b.GetValueOrDefault(k, "")))
            .Where(x => x.Was != x.Is)
            .Select(x => new Change(Touches.Clock, null, Say("clock", "reloj"), x.Was, x.Is));

        OrderedDictionary<(string, int), string> Hall(Understanding u)
        {
            var lines = new OrderedDictionary<(string, int), string>();
            IReadOnlyList<SharedClock> clocks =
                u.Courses.Count > 0 ? SharedClock.Of(u.Courses, tongue)
                : Timeline.Of(u.Workout, tongue) is { } bare ? [SharedClock.Of(bare)]
                : [];
            foreach (
                var (name, text) in clocks.SelectMany(c =>
                    c.Hall.Spans.Select(s => (Name: s.Label is null ? Kind(s.Kind) : tongue.Name(s.Label), s))
                        .Select(x =>
                            (Name: Whose(u, c.For) + x.Name, Text: $"{Whose(u, c.For)}{x.Name} {x.s.Starts} {Say("to", "a")} {x.s.Ends}")
                        )
                        .Concat(c.Forks.SelectMany(f => f).Select(f => (Name: Whose(u, f.For), Text: Whose(u, f.For) + f.Value.Words)))
                )
            )
            {
                lines.Add((name, lines.Keys.Count(k => k.Item1 == name)), text);
            }

            return lines;
        }
    }

    /// <summary>Whose clock it is, where not everybody’s.</summary>
    private string Whose(Understanding u, Eq<Address> who) =>
        who.Count == 0 || who.Count == u.Courses.Count
            ? ""
            : tongue.Join(Entries.Named(who, u.Courses.Select(c => c.Address), tongue)) + ": ";

    /// <summary>Loads that both versions have, made of other plates or on another bar, and the number of lanes.</summary>
    private IEnumerable<Change> Kit()
    {
        var (was, isNow) = (PrintedKit.Of(before), PrintedKit.Of(now));
        foreach (var (key, same) in SameLoads(was, isNow))
        {
            if (same != key || isNow[same] != was[key])
            {
                // Named by the shorter of the two, or the first of the alphabet, so that the way back says the same.
                var name = new[] { key, same }.OrderBy(k => k.Length).ThenBy(k => k, StringComparer.Ordinal).First();
                string On(string its, string sides) => its == name ? sides : $"{its}: {sides}";
                yield return new(Touches.Loads, null, $"{Say("plates", "discos")}, {name}", On(key, was[key]), On(same, isNow[same]));
            }
        }

        var (lanes, lanesNow) = (was.GetValueOrDefault(PrintedKit.Lanes), isNow.GetValueOrDefault(PrintedKit.Lanes));
        if (lanes != lanesNow)
        {
            yield return new(Touches.Loads, null, Say("lanes on the floor", "calles en la pista"), lanes ?? "–", lanesNow ?? "–");
        }
    }

    /// <summary>
    /// The keys of loads that both have. Gone with its load, a key is told with the load; on another bar, or no longer shared, it has
    /// another key for the same load. Several may have become one and one several: each has its partner, whichever way one looks.
    /// </summary>
    private static IEnumerable<(string Was, string IsNow)> SameLoads(
        IReadOnlyDictionary<string, string> was,
        IReadOnlyDictionary<string, string> isNow
    )
    {
        var gone = was.Keys.Where(k => k != PrintedKit.Lanes && !isNow.ContainsKey(k)).ToList();
        var come = isNow.Keys.Where(k => k != PrintedKit.Lanes && !was.ContainsKey(k)).ToList();
        string? Partner(string key, List<string> among) => among.Find(k => PrintedKit.LoadOf(k) == PrintedKit.LoadOf(key));
        return was
            .Keys.Where(k => k != PrintedKit.Lanes && isNow.ContainsKey(k))
            .Select(k => (k, k))
            .Concat(gone.Select(k => (k, Partner(k, come)!)).Where(p => p.Item2 is not null))
            .Concat(come.Select(k => (Partner(k, gone)!, k)).Where(p => p.Item1 is not null))
            .Distinct();
    }

    private string Kind(SpanKind kind) =>
        kind switch
        {
            SpanKind.Work => Say("work", "trabajo"),
            SpanKind.Rest => Say("rest", "descanso"),
            _ => Say("change", "cambio"),
        };

    private IEnumerable<Change> Scoring() =>
        Pairs(Sentences(before), Sentences(now)).Select(p => new Change(Touches.Scoring, null, Say("scoring", "puntuación"), p.Was, p.Is));

    private List<Sentence> Sentences(Understanding u) =>
        u.Courses.Count == 0
            ? []
            : [.. Score(u, Tongue.English).Zip(Score(u, tongue), (english, said) => new Sentence(english, said)).Distinct()];

    private static IEnumerable<string> Score(Understanding u, Tongue tongue) =>
        Enumerable
            .Range(0, u.Sheets.Max(s => s.Components.Count))
            .SelectMany(i => SharedSentences.Of(i, u.Courses, u.Sheets, tongue))
            .Concat(ScoreSentences.Rulings(u.Workout, tongue))
            .Concat(EntrySentences.Of(u.Courses.Select(c => c.Address.Division), u.Workout, tongue));

    /// <summary>What no figure of the table shows: rounds, turns, holds, help, notes.</summary>
    private IEnumerable<Change> Rest()
    {
        var (a, b) = (RestOfTheWork.Of(before.Workout, tongue).ToList(), RestOfTheWork.Of(now.Workout, tongue).ToList());
        return a.Concat(b)
            .Select(x => x.Touches)
            .Distinct()
            .Order()
            .SelectMany(t =>
                Pairs(Of(a, t), Of(b, t))
                    .Select(p => new Change(
                        t,
                        null,
                        t == Touches.Words ? Say("words", "texto") : Say("the work", "el trabajo"),
                        p.Was,
                        p.Is
                    ))
            );

        static List<Sentence> Of(IEnumerable<(Touches Touches, string English, string Said)> all, Touches touches) =>
            [.. all.Where(x => x.Touches == touches).Select(x => new Sentence(x.English, x.Said))];
    }

    private IEnumerable<Change> Divisions()
    {
        var (a, b) = (
            before.Courses.Select(c => c.Address.Division.Name).Distinct().ToList(),
            now.Courses.Select(c => c.Address.Division.Name).Distinct().ToList()
        );
        return a.Except(b)
            .Select(d => new Change(Touches.Reps, d, Say("the workout", "la prueba"), Say("does it", "la hace"), ""))
            .Concat(b.Except(a).Select(d => new Change(Touches.Reps, d, Say("the workout", "la prueba"), "", Say("does it", "la hace"))));
    }

    private IEnumerable<Change> Words() =>
        Pairs(Lines(before), Lines(now)).Select(p => new Change(Touches.Words, null, Say("words", "texto"), p.Was, p.Is));

    /// <summary>The lines as they are printed, without private comments; as they were typed where a line is not understood.</summary>
    private static List<Sentence> Lines(Understanding u) =>
        [
            .. (u.Parsed.Problems.Count == 0 ? Printer.Print(u.Workout) : u.Text)
                .Split('\n')
                .Select(l => l.Trim())
                .Where(l => l.Length > 0)
                .Select(l => new Sentence(l, l)),
        ];

    /// <summary>A sentence in English, by which partners are found whatever the language, and as it is said.</summary>
    private readonly record struct Sentence(string English, string Said);

    /// <summary>Sentences that are gone beside the new ones most like them, the most alike first; what has no partner stands
    /// alone.</summary>
    private static IEnumerable<(string Was, string Is)> Pairs(List<Sentence> was, List<Sentence> isNow)
    {
        var (gone, added) = (Without(was, isNow), Without(isNow, was));
        var partners = new Dictionary<int, int>();
        foreach (
            var (i, j, _) in gone.SelectMany((g, i) => added.Select((a, j) => (i, j, Likeness: Similarity.Of(g.English, a.English))))
                .Where(x => x.Likeness >= 0.4m)
                .OrderByDescending(x => x.Likeness)
                .ThenBy(x => Both(gone[x.i].English, added[x.j].English), StringComparer.Ordinal)
        )
        {
            if (!partners.ContainsKey(i) && !partners.ContainsValue(j))
            {
                partners[i] = j;
            }
        }

        return gone.Select((g, i) => (g.Said, partners.TryGetValue(i, out var j) ? added[j].Said : ""))
            .Concat(added.Where((_, j) => !partners.ContainsValue(j)).Select(a => ("", a.Said)))
            .Where(p => p.Item1 != p.Item2);
    }

    /// <summary>Two texts in an order that does not depend on which is the older.</summary>
    private static string Both(string a, string b) => string.CompareOrdinal(a, b) < 0 ? a + "\n" + b : b + "\n" + a;

    /// <summary>The sentences of one list that the other has not, or not as often.</summary>
    private static List<Sentence> Without(List<Sentence> all, List<Sentence> others)
    {
        var left = others.CountBy(s => s).ToDictionary();
        return [.. all.Where(s => left.GetValueOrDefault(s) == 0 || left[s]-- == 0)];
    }
}
