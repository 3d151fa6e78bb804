using System.Globalization;
using FairCompass.Core.Text;

namespace FairCompass.Core.Languages;

/// <summary>
/// Speaks one language: picks from pairs that stand side by side in the code, and puts the reserved words of drafts
/// (<c>woman</c>, <c>2nd</c>, <c>cycle 3</c>) into it. Figures are the same in both languages, with a decimal point, so that a
/// number on a Spanish paper is the number on the card and in the draft.
/// </summary>
/// <param name="Language">Which.</param>
public sealed record Tongue(Language Language)
{
    /// <summary>English.</summary>
    public static Tongue English { get; } = new(Language.English);

    /// <summary>Spanish, with movements named as the draft names them.</summary>
    public static Tongue Spanish { get; } = new(Language.Spanish);

    /// <summary>Whose Spanish it is, where it is Spanish; the built-in texts are written in that of Spain.</summary>
    public SpanishOf Form { get; init; } = SpanishOf.Spain;

    /// <summary>What a movement that a draft names is called in this language; unchanged where nobody has said.</summary>
    public Func<string, string> Movement { get; init; } = name => name;

    /// <summary>What several reps of it are called: <c>wall walks</c>; unchanged where nobody has said.</summary>
    public Func<string, string> Movements { get; init; } = name => name;

    /// <summary>True of a machine with a monitor, on which something is done: <c>200 m on the rowing machine</c>.</summary>
    public Func<string, bool> IsMachine { get; init; } = _ => false;

    /// <summary>A movement behind a number: <c>1 wall walk</c>, <c>12 wall walks</c>.</summary>
    /// <param name="n">How many; null for several.</param>
    /// <param name="name">As the draft names it.</param>
    public string MovementFor(long? n, string name) => n == 1 ? Movement(name) : Movements(name);

    /// <summary>True for Spanish.</summary>
    public bool IsSpanish => Language == Language.Spanish;

    /// <summary>The tongue of a language.</summary>
    public static Tongue Of(Language language) => language == Language.Spanish ? Spanish : English;

    /// <summary>One of two wordings.</summary>
    public string Say(string english, string spanish) => IsSpanish ? Formed(spanish) : english;

    /// <summary>A text in this language.</summary>
    public string Say(Said text) => text.Spanish is null ? text.In(Language) : Say(text.English, text.Spanish);

    /// <summary>A Spanish text in the form that is spoken.</summary>
    public string Formed(string spanish) => Form == SpanishOf.Americas ? AmericanSpanish.Of(spanish) : spanish;

    /// <summary>A spoken or quoted text in the quotation marks of the language: <c>“time”</c>, <c>«tiempo»</c>.</summary>
    public string Quote(string text) => IsSpanish ? $"«{text}»" : $"“{text}”";

    /// <summary>Joins words as a sentence does: <c>a, b and c</c>, <c>a, b y c</c>; <c>e</c> before an i sound.</summary>
    public string Join(IEnumerable<string> words) => Joined(words, "and", "y", "e", "i");

    /// <summary>Joins choices: <c>a, b or c</c>, <c>a, b o c</c>; <c>u</c> before an o sound.</summary>
    public string Either(IEnumerable<string> words) => Joined(words, "or", "o", "u", "o");

    /// <summary>A count with its word: <c>1 rep</c>, <c>2 reps</c>; <c>1 repetición</c>, <c>2 repeticiones</c>.</summary>
    public string Count(long n, Term term) => string.Create(CultureInfo.InvariantCulture, $"{n} {Say(n == 1 ? term.One : term.Many)}");

    /// <summary>A place in an order: <c>2nd</c>, <c>2.º</c>.</summary>
    public string Ordinal(long n) => IsSpanish ? string.Create(CultureInfo.InvariantCulture, $"{n}.º") : Words.Ordinal(n);

    /// <summary>
    /// A name of a draft. The reserved words <c>man</c>, <c>woman</c>, <c>team</c>, <c>pair</c>, <c>member</c>, <c>2nd</c>,
    /// <c>round 2</c>, <c>cycle 2</c>, <c>turn 2</c> are put into this language; every other name is its author's and stays.
    /// </summary>
    public string Name(string name)
    {
        if (!IsSpanish)
        {
            return name;
        }

        if (
            name.Length > 2
            && char.IsAsciiDigit(name[0])
            && long.TryParse(name[..^2], NumberStyles.None, CultureInfo.InvariantCulture, out var n)
            && Words.Ordinal(n) == name
        )
        {
            return Ordinal(n);
        }

        var space = name.IndexOf(' ', StringComparison.Ordinal);
        if (space > 0 && long.TryParse(name[(space + 1)..], NumberStyles.None, CultureInfo.InvariantCulture, out var number))
        {
            return name[..space] switch
            {
                "round" => $"ronda {number}",
                "cycle" => $"ciclo {number}",
                "turn" => $"turno {number}",
                "window" => $"ventana {number}",
                _ => name,
            };
        }

        return name switch
        {
            "man" => "hombre",
            "woman" => "mujer",
            "team" => "equipo",
            "pair" => "pareja",
            "athlete" => "atleta",
            "team-mate" or "team mate" => "compañero de equipo",
            "team-mates" or "team mates" => "compañeros de equipo",
            "floor crew" or "crew" => Formed("equipo de pista"),
            "judge" => "juez",
            "head judge" => "juez principal",
            "everybody" => "todos",
            _ => name,
        };
    }

    private string Joined(IEnumerable<string> words, string english, string spanish, string soft, string sound)
    {
        var all = words.ToList();
        if (!IsSpanish || all.Count < 2)
        {
            return Words.Join(all, english);
        }

        var last = all[^1].TrimStart().ToLowerInvariant();
        var isSoft =
            last.StartsWith(sound, StringComparison.Ordinal)
            || (last.StartsWith("h" + sound, StringComparison.Ordinal) && !last.StartsWith("hie", StringComparison.Ordinal));
        return Words.Join(all, isSoft ? soft : spanish);
    }
}
