using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Natural;

/// <summary>
/// The words and phrases that natural texts are made of: the two lists beside this file, the movements of the book with all their names in
/// both languages, and the competition’s own movements. Plural, accents, case and hyphens make no difference.
/// </summary>
internal sealed class Lexicon
{
    private static readonly ConditionalWeakTable<Competition, Lexicon> Known = [];
    private static readonly Lazy<Dictionary<string, List<Entry>>> Shared = new(ReadLists);

    private readonly Dictionary<string, List<Entry>> own = new(StringComparer.Ordinal);

    /// <summary>The most words of a phrase that begins with a word.</summary>
    private readonly Lazy<Dictionary<string, int>> longest;
    private readonly ConcurrentDictionary<string, string?> nearest = new(StringComparer.Ordinal);
    private readonly Lazy<Dictionary<int, List<string>>> words;

    private Lexicon(Competition competition)
    {
        foreach (var movement in competition.OwnMovements)
        {
            AddMovement(own, movement);
        }

        longest = new(() =>
            Shared
                .Value.Keys.Concat(own.Keys)
                .GroupBy(k => k.Split(' ')[0])
                .ToDictionary(g => g.Key, g => g.Max(k => k.Count(c => c == ' ') + 1), StringComparer.Ordinal)
        );
        words = new(() =>
            Shared
                .Value.Concat(own)
                .Where(e => e.Value.Exists(x => x.Kind == EntryKind.Movement) || e.Value.Exists(x => x.Kind == EntryKind.Key))
                .SelectMany(e => e.Key.Split(' '))
                .Where(w => w.Length >= LeastForTypos)
                .Distinct()
                .GroupBy(w => w.Length)
                .ToDictionary(g => g.Key, g => g.ToList())
        );
    }

    /// <summary>Shorter words are not mended: too many are one letter apart.</summary>
    private const int LeastForTypos = 6;

    /// <summary>The lexicon of a competition.</summary>
    public static Lexicon Of(Competition competition) => Known.GetValue(competition, c => new(c));

    /// <summary>The most words of a phrase that begins with a word; 0 where none does.</summary>
    /// <param name="first">As <see cref="Stem"/> leaves it, or a number or mark.</param>
    public int LongestFrom(string first) => longest.Value.GetValueOrDefault(first);

    /// <summary>What some words mean together; null when they are no phrase.</summary>
    /// <param name="key">Words as <see cref="Stem"/> leaves them, with spaces between.</param>
    public IReadOnlyList<Entry>? Find(string key) =>
        own.TryGetValue(key, out var mine) ? mine
        : Shared.Value.TryGetValue(key, out var shared) ? shared
        : null;

    /// <summary>The only known word that a long unknown one is a slip of: one letter wrong, missing, too much, or two changed
    /// over.</summary>
    /// <param name="word">As <see cref="Stem"/> leaves it.</param>
    public string? Mended(string word) =>
        word.Length < LeastForTypos
            ? null
            : nearest.GetOrAdd(
                word,
                w =>
                {
                    var near = Enumerable
                        .Range(w.Length - 1, 3)
                        .SelectMany(n => words.Value.GetValueOrDefault(n, []))
                        .Where(k => IsSlip(w, k))
                        .Take(2)
                        .ToList();
                    return near.Count == 1 ? near[0] : null;
                }
            );

    /// <summary>A word without its plural ending, so that both numbers of it are one.</summary>
    /// <param name="word">Lower case without accents.</param>
    public static string Stem(string word)
    {
        if (
            word.Length < 3
            || !word.EndsWith('s')
            || word.EndsWith("ss", StringComparison.Ordinal)
            || word.EndsWith("us", StringComparison.Ordinal)
        )
        {
            return WithoutE(word);
        }

        var one =
            word.EndsWith("sses", StringComparison.Ordinal)
            || word.EndsWith("ches", StringComparison.Ordinal)
            || word.EndsWith("shes", StringComparison.Ordinal)
            || word.EndsWith("xes", StringComparison.Ordinal)
                ? word[..^2]
                : word[..^1];
        return WithoutE(one);
    }

    /// <summary>Spanish puts an e before the ending where English often has one of its own, so a long word is compared without
    /// it.</summary>
    private static string WithoutE(string word) => word.Length > 4 && word.EndsWith('e') ? word[..^1] : word;

    private static bool IsSlip(string a, string b)
    {
        if (a.Length == b.Length)
        {
            var wrong = Enumerable.Range(0, a.Length).Where(i => a[i] != b[i]).ToList();
            return wrong.Count == 1 || (wrong is [var i, var j] && j == i + 1 && a[i] == b[j] && a[j] == b[i]);
        }

        var (longer, shorter) = a.Length > b.Length ? (a, b) : (b, a);
        return Enumerable.Range(0, longer.Length).Any(i => longer.Remove(i, 1) == shorter);
    }

    private static Dictionary<string, List<Entry>> ReadLists()
    {
        var all = new Dictionary<string, List<Entry>>(StringComparer.Ordinal);
        foreach (var parts in Lines("lexicon.txt"))
        {
            var kind = Enum.Parse<EntryKind>(parts[0], ignoreCase: true);
            foreach (var form in parts[2].Split(" | "))
            {
                Add(all, form, new(kind, parts[1]));
            }
        }

        foreach (var parts in Lines("movements.txt"))
        {
            Eq<string> options = [.. parts[0].Split(';')];
            foreach (var form in parts[1].Split(" | ").Concat(options.Count == 1 ? options : []))
            {
                Add(all, form, new(EntryKind.Movement, options[0]) { Options = options.Count > 1 ? options : [] });
            }
        }

        foreach (var movement in MovementLibrary.All)
        {
            AddMovement(all, movement);
        }

        return all;
    }

    /// <summary>Every way to write a movement, with each that it may mean.</summary>
    /// <param name="competition">Whose own movements are among them.</param>
    public static IEnumerable<(string Form, string Movement)> Forms(Competition competition) =>
        Lines("movements.txt")
            .SelectMany(l => from form in l[1].Split(" | ") from movement in l[0].Split(';') select (form, movement))
            .Concat(MovementLibrary.All.Concat(competition.OwnMovements).SelectMany(m => FormsOf(m).Select(f => (f, m.Name.English))));

    private static IEnumerable<string[]> Lines(string file)
    {
        using var stream = typeof(Lexicon).Assembly.GetManifestResourceStream("FairCompass.Core.Natural." + file)!;
        using var reader = new StreamReader(stream);
        while (reader.ReadLine() is { } line)
        {
            if (line.Length > 0 && line[0] != '#')
            {
                yield return line.Split('\t');
            }
        }
    }

    private static void AddMovement(Dictionary<string, List<Entry>> all, Movement movement)
    {
        foreach (var form in FormsOf(movement))
        {
            Add(all, form, new(EntryKind.Movement, movement.Name.English));
        }
    }

    private static IEnumerable<string> FormsOf(Movement movement) =>
        movement.Synonyms.Append(movement.Name.English).Append(movement.Name.Spanish?.Split(" (")[0]).OfType<string>();

    /// <summary>What was said first holds: the lists know where a word of the book is ambiguous on a whiteboard.</summary>
    private static void Add(Dictionary<string, List<Entry>> all, string form, Entry entry)
    {
        var key = Words.KeyOf(form);
        if (key.Length == 0)
        {
            return;
        }

        var known = all.TryGetValue(key, out var list) ? list : all[key] = [];
        if (entry.Kind != EntryKind.Movement ? !known.Contains(entry) : known.TrueForAll(e => e.Kind != EntryKind.Movement))
        {
            known.Add(entry);
        }
    }
}
