using System.Text.RegularExpressions;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>Pairs whose order the text says once: <c>all numbers W/M</c>, <c>(men / women)</c>.</summary>
    private void Legend()
    {
        for (var i = 0; i < lines.Length; i++)
        {
            var pieces = PiecesOf(i);
            schemeLine =
                pieces.Exists(p => p.Figure is { IsList: true, Unit: "", IsPair: false, First.Count: >= 3 })
                && !pieces.Exists(p => p.Movement is not null)
                    ? i + 1
                    : schemeLine;
            for (var k = 0; k + 2 < pieces.Count; k++)
            {
                if (pieces[k + 1].IsMark("/|") && SexesOf(pieces[k], pieces[k + 2]) is { } first)
                {
                    womanFirst = first;
                    legendLine = i + 1;
                }
            }
        }
    }

    private int legendLine;

    /// <summary>True where the women stand first of two words for both, false where the men do; beside H, M is the women
    /// (Spanish).</summary>
    private static bool? SexesOf(Piece one, Piece other) =>
        one.Word == "h" && other.Word == "m" ? false
        : one.Word == "m" && other.Word == "h" ? true
        : SexOf(one) is { } first && SexOf(other) is { } second && first != second ? first
        : null;

    /// <summary>True for a word of the women, false for one of the men; null for any other.</summary>
    private static bool? SexOf(Piece p) =>
        p.Is("women") ? true
        : p.Is("men") ? false
        : p.Word == "h" ? false
        : null;

    /// <summary>The number before a line of a list; null where none stands there.</summary>
    private int? listNumber;

    private void StripBullet(List<Piece> pieces)
    {
        listNumber = null;
        var i = 0;
        while (
            i < pieces.Count
            && pieces[i].IsMark("*-\t>")
            && !(pieces[i].IsMark("-") && i + 1 < pieces.Count && pieces[i + 1].Sort == Sort.Time)
        )
        {
            pieces[i++].Taken = true;
        }

        if (i + 1 < pieces.Count && pieces[i].Figure is { Count: <= 30, Unit: "" } && pieces[i + 1].IsMark(".)") && i + 2 < pieces.Count)
        {
            listNumber = pieces[i].Figure!.Count;
            worked.Add(pieces[i].At);
            pieces[i].Taken = pieces[i + 1].Taken = true;
            i += 2;
        }

        pieces.RemoveRange(0, i);
    }

    /// <summary>A line that heads what follows, or the first line of the text; true where nothing else stands in it.</summary>
    private bool Heading(List<Piece> pieces)
    {
        s = pieces;
        if (pieces.Count == 0)
        {
            return true;
        }

        if (IsTitle(pieces))
        {
            TakeAll(pieces);
            return true;
        }

        var head = pieces.FindIndex(p => !IsLight(p));
        if (head < 0)
        {
            TakeAll(pieces);
            return true;
        }

        var p = pieces[head];
        if (p.Is("score", "tie", "unfinished") && pieces.TrueForAll(x => x == p || IsLight(x)) && pieces.Count <= 3)
        {
            headed = p;
            section = Section.Work;
            TakeAll(pieces);
            return true;
        }

        if (SectionOf(p) is not { } about)
        {
            return false;
        }

        var rest = pieces.Skip(head + 1).Where(x => !IsLight(x) && SexOf(x) is null && !x.IsFiller).ToList();
        var colon = head + 1 < pieces.Count && pieces.Skip(head + 1).First().IsMark(":");
        if (rest.Count > 0 && !colon)
        {
            return false;
        }

        section = about;
        sectionKit = KitOf(p);
        if (rest.Count == 0)
        {
            TakeAll(pieces);
            return true;
        }

        Take(head, head + 1);
        pieces.RemoveRange(0, head + 2);
        return false;
    }

    /// <summary>Takes the name of the workout from a line; true where the line says nothing else.</summary>
    private bool IsTitle(List<Piece> pieces)
    {
        var line = lines[pieces[0].Line - 1];
        var isEvent = EventWords.IsMatch(line);
        if (title is not null && (!isEvent || named))
        {
            return false;
        }

        (named, title) = (isEvent, TitleOf(line, pieces, out var alone));
        if (named && !alone)
        {
            TakeAll(pieces.TakeWhile(x => !x.IsMark("(")));
        }

        return alone && !SaysAsLong(pieces);
    }

    private string? sectionKit;

    /// <summary>True where the title is that of an event, and not merely the first line.</summary>
    private bool named;

    private static Section? SectionOf(Piece p) =>
        p.Is("standards") ? Section.Standards
        : p.Is("note") ? Section.Notes
        : p.Is("loads", "divisionsHead") && !p.Is("score") ? Section.Loads
        : p.Is("workHead", "movementHead") ? Section.Work
        : KitOf(p) is not null && p.Movement is null ? Section.Loads
        : null;

    private static void TakeAll(IEnumerable<Piece> pieces)
    {
        foreach (var p in pieces)
        {
            p.Taken = true;
        }
    }

    [GeneratedRegex(@"^\W*(event|workout|wod|prueba|evento|qualifier|test|final|session|round of|stage|metcon)\b", RegexOptions.IgnoreCase)]
    private static partial Regex EventWords { get; }

    [GeneratedRegex("[\u201C\u201D\"\u00AB\u00BB]")]
    private static partial Regex Quotes { get; }

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces { get; }

    /// <summary>The name of the workout from the first line, and whether the line says nothing else.</summary>
    private static string TitleOf(string line, List<Piece> pieces, out bool alone)
    {
        var says = pieces.Exists(p =>
            p.Is("amrap", "rft", "forTime", "emom", "cap", "rounds", "sets", "heaviest", "relay", "clock", "score")
            || p.Sort == Sort.Time
            || (p.Movement is not null && pieces.Exists(x => x.Figure is not null))
            || p.Figure is { IsList: true }
        );
        var text = Spaces.Replace(Quotes.Replace(line.Replace('\t', ' '), ""), " ").Trim(' ', '-', ':', '*', '#', '\u2013', '\u2014');
        var bracket = text.IndexOf('(', StringComparison.Ordinal);
        var heading = EventWords.IsMatch(line);
        alone = !says && (heading || pieces.Count <= 6 || IsLoud(line)) && bracket < 0 && !pieces.Exists(p => p.Sort == Sort.Division);
        if (bracket > 0)
        {
            text = text[..bracket].Trim(' ', '-', ':');
        }

        if (text.IndexOf(": ", StringComparison.Ordinal) is > 0 and < 30 and var colon && !heading)
        {
            text = text[..colon].Trim();
        }

        return Said(text.Length is > 0 and <= 48 ? text : "Workout");
    }

    private static bool IsLoud(string line) => line.Any(char.IsLetter) && !line.Any(char.IsLower);

    /// <summary>Words in capitals in small letters, the first of each large; nothing that a draft would not take for a title.</summary>
    private static string Said(string text)
    {
        text = text.Replace("//", "/", StringComparison.Ordinal);
        return IsLoud(text) && text.Length > 6
            ? string.Join(' ', text.Split(' ').Select(w => w.Length > 2 ? w[..1] + w[1..].ToLowerInvariant() : w))
            : char.ToUpperInvariant(text[0]) + text[1..];
    }
}
