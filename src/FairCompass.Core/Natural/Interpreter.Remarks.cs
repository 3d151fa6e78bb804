namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>Remarks of the work as a whole.</summary>
    private readonly List<(string Words, int Line, Part Part)> remarks = [];
    private readonly List<KeptRemark> kept = [];
    private readonly List<UnreadPiece> unread = [];

    /// <summary>A sentence that says how something is to be done: it begins with a movement and a colon, and counts nothing.</summary>
    private bool IsProse()
    {
        var head = s.FindIndex(p => !IsLight(p));
        return head >= 0
            && s[head].Movement is not null
            && At(head + 1)?.IsMark(":") == true
            && !s.Exists(p => p.Figure is not null)
            && s.Exists(p => p.Sort is Sort.Word);
    }

    /// <summary>Keeps a sentence as a note: of the task that it names first, else of all the work.</summary>
    private void Keep(bool standards)
    {
        var head = s.FindIndex(p => !IsLight(p) && !p.Taken && p.Line == s[^1].Line);
        if (head < 0)
        {
            return;
        }

        var colon = s.FindIndex(p => p.IsMark(":"));
        var named = colon > head && s[head].Movement is { } m ? m : null;
        var of = named is null ? noted : TaskNamed(named);
        if (named is not null)
        {
            noted = of;
        }

        var from = named is not null && of is not null ? s[Math.Min(colon + 1, s.Count - 1)] : s[head];
        var words = Note(from, s[^1]);
        if (words.Length == 0)
        {
            TakeAll(s);
            return;
        }

        if (standards && of is not null)
        {
            of.Under.Add("note:" + words);
            of.Lines.Add(s[0].Line);
        }
        else
        {
            remarks.Add((words, s[0].Line, Part));
        }

        kept.Add(new(new(from.Line, from.Column, s[^1].End - from.Column)));
        TakeAll(s);
    }

    /// <summary>The task that the last standard was about: the next sentence goes on with it.</summary>
    private TaskItem? noted;

    private TaskItem? TaskNamed(Entry movement) =>
        AllTasks
            .OrderByDescending(t => t.Movement == movement.Value)
            .FirstOrDefault(t =>
                t.Movement == movement.Value
                || t.Values.Exists(v => v.Aspect == Aspect.Movement && v.Word == movement.Value)
                || t.Movement.EndsWith(movement.Value, StringComparison.Ordinal)
                || (movement.Options.Count > 0 && movement.Options.Contains(t.Movement))
            );

    /// <summary>Words of the text as a note takes them.</summary>
    private string Note(Piece from, Piece to)
    {
        var words = lines[from.Line - 1]
            [(from.Column - 1)..(to.End - 1)]
            .Replace("//", "/", StringComparison.Ordinal)
            .Replace('\t', ' ')
            .Trim()
            .TrimEnd(',', ';');
        return Spaces.Replace(words, " ");
    }

    /// <summary>What no rule took of a sentence: a remark where all of it was left, else not understood.</summary>
    private void Leftovers()
    {
        // A heading of the line before is told in its own place.
        TakeAll(s.Where(p => p.Line != s[^1].Line));
        if (s.TrueForAll(p => !p.Taken))
        {
            if (s.Exists(p => p.Sort is Sort.Word or Sort.Figure or Sort.Time || (p.Sort == Sort.Phrase && !p.IsFiller)))
            {
                Keep(standards: false);
            }

            return;
        }

        for (var i = 0; i < s.Count; i++)
        {
            if (s[i].Taken || IsLight(s[i]) || (s[i].Sort == Sort.Mark))
            {
                continue;
            }

            var from = i;
            var last = i;
            for (; i < s.Count && !s[i].Taken; i++)
            {
                last = s[i].Sort == Sort.Mark || IsLight(s[i]) ? last : i;
            }

            if (s.Skip(from).Take(last - from + 1).Any(p => !IsLight(p) && !IsJoining(p)))
            {
                NotUnderstood(s[from], s[last]);
            }
        }
    }

    /// <summary>Words between what was read, which say nothing by themselves.</summary>
    private static bool IsJoining(Piece p) =>
        p.Sort == Sort.Mark
        || p.Is("of", "on", "eachMember", "then", "between", "only", "end", "choose", "not", "keeps")
            && p.Figure is null
            && p.Movement is null;

    private void NotUnderstood(Piece from, Piece to)
    {
        var words = Note(from, to);
        unread.Add(new(new(from.Line, from.Column, to.End - from.Column), $"“{words}” was not understood here.") { Words = words });
    }
}
