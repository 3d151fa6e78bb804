using System.Text.RegularExpressions;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Natural;

/// <summary>
/// Lines and details of a natural text that are written as the notation writes them: what no rule of the reader took is tried at its place
/// in the draft, as it is. So everything that a draft can say can be said in a text, too.
/// </summary>
internal static partial class NotationLines
{
    /// <summary>A line that begins as lines of the notation do, with a key word and a colon. Work has no such word, and any words could
    /// be the name of a movement.</summary>
    [GeneratedRegex(
        @"^(?:(?:share|hold|help|touch|re-rig|between|after each|attempt|then|tie|unfinished|no good lift|penalty|partial|bell|timing"
            + @"|gate on the second|attempts|clips|club|waive|video|judges|score(?: [^:]{1,30})?):"
            + @"|(?:checkpoint|gate,|own rest|lead-in|standard|policy|seats|entries|levels|groups|complex|in any order)(?: |,|$))",
        RegexOptions.CultureInvariant
    )]
    private static partial Regex KeyWord { get; }

    /// <summary>Lines that mean nothing else than what the notation says by them.</summary>
    [GeneratedRegex(@"^\s*(?:[-*•] )?((?:waive: |policy |standard |judges: |gate on the second: |clips: |club: |video: a rep ).+)$")]
    private static partial Regex WholeLine { get; }

    /// <summary>Details behind a comma that mean nothing else than what the notation says by them; the reader’s own rules have other
    /// words for worth.</summary>
    [GeneratedRegex(
        @"(?<=,) *(counts \d+|credited \d+(?: when done)?|every \d+ count \d+|uncounted|\+\d+ (?:when done|at \d+(?:/\d+)?)"
            + @"|in \d+(?:/\d+)?s|in one go|marks every [\d.]+ (?:m|ft)|may be joined with the next) *(?=,|$)"
    )]
    private static partial Regex DetailOfLine { get; }

    /// <summary>Takes out of a text what means nothing else than the notation says by it, so that no rule takes a part of it for other
    /// words.</summary>
    /// <param name="lines">The lines of the text.</param>
    /// <returns>The lines with blanks in its place, and what was taken out.</returns>
    public static (string[] Left, List<UnreadPiece> Cut) CutOut(string[] lines)
    {
        var cut = new List<UnreadPiece>();
        var rest = lines.ToArray();
        for (var i = 0; i < lines.Length; i++)
        {
            foreach (var found in WholeLine.Matches(lines[i]).Concat(DetailOfLine.Matches(lines[i])).Take(Most - cut.Count))
            {
                var words = found.Groups[1];
                cut.Add(
                    new(new(i + 1, words.Index + 1, words.Length), $"“{words.Value}” was not understood here.") { Words = words.Value }
                );
                rest[i] = rest[i].Remove(words.Index, words.Length).Insert(words.Index, new string(' ', words.Length));
            }
        }

        return (rest, cut);
    }

    /// <summary>Pieces of a text that are tried, at most: each is a reading of the whole draft.</summary>
    private const int Most = 40;

    /// <summary>Takes what can be taken, out of what was not understood and what was kept as a remark.</summary>
    /// <param name="draft">The draft as it was read.</param>
    /// <param name="lines">The lines of the text.</param>
    /// <param name="unread">What was not understood.</param>
    /// <param name="kept">What was kept as a remark.</param>
    public static void Take(DraftWriter draft, string[] lines, List<UnreadPiece> unread, List<KeptRemark> kept)
    {
        var numbers = unread.Select(u => u.At.Line).Concat(kept.Select(k => k.At.Line)).Distinct().Order().Take(Most);
        foreach (var number in numbers.ToList())
        {
            var line = lines[number - 1].Trim().TrimStart('-', '*', '•').Trim();
            if (KeyWord.IsMatch(line) && Line(draft, line, number))
            {
                unread.RemoveAll(u => u.At.Line == number);
                kept.RemoveAll(k => k.At.Line == number);
            }
        }

        foreach (var piece in unread.Take(Most).ToList())
        {
            if (Detail(draft, piece))
            {
                unread.Remove(piece);
            }
        }
    }

    /// <summary>Puts a line behind what was read before it, as deep as it can stand; a remark that was made of it goes.</summary>
    private static bool Line(DraftWriter draft, string line, int number)
    {
        var said = Enumerable.Range(0, draft.Count).Where(i => draft.At(i).From == number).ToList();
        if (said.Exists(i => !draft.At(i).Text.TrimStart().StartsWith("note:", StringComparison.Ordinal)))
        {
            // Something of the line was read: the whole of it would say that twice.
            return false;
        }

        return draft.Attempt(() =>
        {
            foreach (var note in said.AsEnumerable().Reverse())
            {
                draft.Remove(note + 1);
            }

            return Insert(draft, line, number);
        });
    }

    private static bool Insert(DraftWriter draft, string line, int number)
    {
        var before = Enumerable.Range(0, draft.Count).Where(i => draft.At(i).From < number && draft.At(i).From > 0).DefaultIfEmpty(0).Max();
        var above = draft.At(before).Text;
        for (var depth = ((above.Length - above.TrimStart().Length) / 2) + 1; depth >= 0; depth--)
        {
            if (draft.TryInsert(before + 1, depth, line, number))
            {
                return true;
            }
        }

        // What holds for all of it stands under the title, or at the end.
        return draft.TryInsert(1, 1, line, number) || draft.TryInsert(draft.Count, 0, line, number);
    }

    /// <summary>Puts a detail behind the line that was read out of the same line of the text.</summary>
    private static bool Detail(DraftWriter draft, UnreadPiece piece)
    {
        var words = piece.Words.Trim().Trim(',', ';').Trim();
        var kinds = Parser.Kinds(draft.Text);
        var index = Enumerable
            .Range(0, draft.Count)
            .FirstOrDefault(i => draft.At(i).From == piece.At.Line && kinds.GetValueOrDefault(i + 1) == typeof(Work.Task), -1);
        return words.Length > 0 && index >= 0 && draft.TryReplace(index, $"{draft.At(index).Text}, {words}");
    }
}
