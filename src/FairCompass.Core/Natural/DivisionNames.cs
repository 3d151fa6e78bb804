using FairCompass.Core.Competitions;

namespace FairCompass.Core.Natural;

/// <summary>
/// How a text may name the divisions of a competition: by the whole name, by a word of it that only some have, and by what kind of entry
/// they are (<c>pairs</c>, <c>womens pairs</c>, <c>squads</c>).
/// </summary>
internal sealed class DivisionNames
{
    /// <summary>The most words of a name.</summary>
    public const int MostWords = 6;

    private static readonly string[] Women = ["women", "woman", "womens", "female", "ladies", "mujeres", "femenino", "femeninas", "chicas"];
    private static readonly string[] Men = ["men", "man", "mens", "male", "hombres", "masculino", "masculinas", "chicos"];
    private static readonly string[] Mixed = ["mixed", "mixto", "mixtas", "mixtos", "mix"];
    private static readonly string[] Pairs = ["pairs", "pair", "doubles", "parejas", "dobles por parejas", "teams of two", "teams of 2"];
    private static readonly string[] Teams = ["squads", "cuartetos", "teams of four", "teams of 4", "equipos de cuatro", "fours"];
    private static readonly string[] Scaled = ["scaled", "sc", "scl", "scale", "escalado"];
    private static readonly string[] Middle = ["int", "inter", "intermediate", "intermedio"];
    private static readonly string[] Prescribed = ["rx", "rxd", "prescribed"];
    private static readonly string[] Aged = ["vets", "masters", "mas", "master", "veteranos", "veterans"];

    private readonly Dictionary<string, IReadOnlyList<int>> known = new(StringComparer.Ordinal);
    private readonly HashSet<string> whole = new(StringComparer.Ordinal);

    /// <summary>The names of a competition.</summary>
    /// <param name="competition">Its divisions.</param>
    /// <param name="lexicon">Words that join or count are no name by themselves: the <c>of</c> and the <c>four</c> of
    /// <c>Crew of Four</c>.</param>
    public DivisionNames(Competition competition, Lexicon lexicon)
    {
        var divisions = competition.Divisions;
        for (var d = 0; d < divisions.Count; d++)
        {
            Add(Words.KeyOf(divisions[d].Name), [d]);
            whole.Add(Words.KeyOf(divisions[d].Name));
        }

        AddParts(divisions, lexicon);
        AddKinds(divisions);
        AddRoles(divisions, Scaled, "scaled");
        AddRoles(divisions, Middle, "inter");
        AddRoles(divisions, Prescribed, "rx");
        AddRoles(divisions, Aged, "vets", "masters", "40+", "45+", "35+", "50+");
    }

    /// <summary>The divisions that some words name; null when they name none.</summary>
    /// <param name="key">Words without plural endings, with spaces between.</param>
    public IReadOnlyList<int>? Find(string key) => known.GetValueOrDefault(key);

    /// <summary>True where the words are a whole name, so that they are nothing else.</summary>
    /// <param name="key">Words without plural endings, with spaces between.</param>
    public bool IsWhole(string key) => whole.Contains(key) && char.IsLetter(key[0]);

    /// <summary>A word that some names have: <c>Pro</c> for <c>Pro Men</c> and <c>Pro Women</c>.</summary>
    private void AddParts(IReadOnlyList<Division> divisions, Lexicon lexicon)
    {
        var parts = divisions
            .SelectMany((d, i) => Words.KeyOf(d.Name).Split(' ').Select((w, at) => (Word: w, At: at, Index: i)))
            .Where(x => x.Word.Length > 1 && char.IsLetter(x.Word[0]) && !Sexes.Contains(x.Word))
            .Where(x => lexicon.Find(x.Word)?.Any(e => e.Kind is EntryKind.Filler or EntryKind.Key or EntryKind.Number) != true)
            .GroupBy(x => x.Word);
        foreach (var part in parts)
        {
            Add(part.Key, part.Select(x => x.Index).Distinct().ToList());
        }
    }

    private static readonly HashSet<string> Sexes = [.. Women.Concat(Men).Concat(Mixed).Select(Lexicon.Stem)];

    private void AddKinds(IReadOnlyList<Division> divisions)
    {
        foreach (var (words, kind) in new[] { (Pairs, (Func<Division, bool>)(d => d.Size == 2)), (Teams, d => d.Size > 2) })
        {
            foreach (var word in words)
            {
                Add(Words.KeyOf(word), All(divisions, kind));
                foreach (
                    var (prefix, sex) in Women
                        .Select(w => (w, "woman"))
                        .Concat(Men.Select(m => (m, "man")))
                        .Concat(Mixed.Select(m => (m, "")))
                )
                {
                    var found = All(
                        divisions,
                        d => kind(d) && (sex.Length == 0 ? d.Duties.Count > 1 : d.Duties is [var only] && only == sex)
                    );
                    Add(Words.KeyOf(prefix + " " + word), found);
                    Add(Words.KeyOf(word + " " + prefix), found);
                }
            }
        }

        if (divisions.Any(d => d.IsTeam))
        {
            foreach (var word in Mixed)
            {
                Add(Lexicon.Stem(word), All(divisions, d => d.IsTeam && d.Duties.Count > 1));
            }
        }
    }

    private void AddRoles(IReadOnlyList<Division> divisions, string[] words, params string[] names)
    {
        var found = All(
            divisions,
            d =>
                Words.KeyOf(d.Name).Split(' ').Any(w => words.Contains(w) || names.Select(Lexicon.Stem).Contains(w))
                || names.Any(n => n.EndsWith('+') && d.Name.Contains(n, StringComparison.Ordinal))
        );
        foreach (var word in words.Concat(names.Where(n => n.EndsWith('+'))))
        {
            Add(Words.KeyOf(word), found);
        }
    }

    private static List<int> All(IReadOnlyList<Division> divisions, Func<Division, bool> has) =>
        Enumerable.Range(0, divisions.Count).Where(i => has(divisions[i])).ToList();

    private void Add(string key, IReadOnlyList<int> divisions)
    {
        if (key.Length > 0 && divisions.Count > 0)
        {
            known.TryAdd(key, divisions);
        }
    }
}
