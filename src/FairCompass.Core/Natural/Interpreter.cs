using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>
/// Reads a natural text sentence by sentence. Each rule takes the pieces that it knows, wherever they stand; what no rule takes is kept as
/// a remark or told as not understood. Nothing is filled in that the text does not say.
/// </summary>
internal sealed partial class Interpreter
{
    private readonly Competition competition;
    private readonly StandardsBook book;
    private readonly Lexer lexer;
    private readonly string[] lines;

    /// <summary>The pieces of the sentence that is read.</summary>
    private List<Piece> s = [];

    private readonly List<Part> parts = [new()];
    private readonly Stack<Block> open = new();
    private readonly List<ScoreItem> scores = [];
    private TaskItem? task;
    private Scope scope = Scope.All;
    private Section section;
    private string? title;

    /// <summary>True where pairs name the women first; null while the text has not said.</summary>
    private bool? womanFirst;

    /// <summary>Reads a text.</summary>
    /// <param name="competition">Whose divisions, unit and movements are meant.</param>
    /// <param name="lines">The lines of the text.</param>
    public Interpreter(Competition competition, string[] lines)
    {
        (this.competition, this.lines, book) = (competition, lines, StandardsBook.Of(competition));
        var lexicon = Lexicon.Of(competition);
        lexer = new(new DivisionNames(competition, lexicon), lexicon);
        open.Push(Part.Work);
    }

    /// <summary>What the lines under a heading are about.</summary>
    private enum Section
    {
        /// <summary>The work, or nothing in particular.</summary>
        Work,

        /// <summary>Loads of the divisions.</summary>
        Loads,

        /// <summary>Standards: sentences that are kept as notes.</summary>
        Standards,

        /// <summary>What is noted beside the work.</summary>
        Notes,
    }

    private (Scope Scope, TaskItem? Of) outside = (Scope.All, null);

    private Part Part => partAt >= 0 ? parts[partAt] : parts[^1];

    /// <summary>The part that is read; -1 for the last.</summary>
    private int partAt = -1;

    private Block Here => open.Peek();

    private IEnumerable<TaskItem> AllTasks => parts.SelectMany(p => p.Work.Tasks);

    /// <summary>A heading that the next line speaks under: <c>Tie-break</c>.</summary>
    private Piece? headed;

    /// <summary>What must be asked.</summary>
    public IReadOnlyList<OpenQuestion> Questions => questions;

    /// <summary>Where numbers stand that were worked with.</summary>
    public IReadOnlyList<SourceRange> Worked => worked;

    /// <summary>What was kept as a remark.</summary>
    public IReadOnlyList<KeptRemark> Kept => kept;

    /// <summary>What was not understood.</summary>
    public IReadOnlyList<UnreadPiece> Unread => unread;

    /// <summary>Reads all lines.</summary>
    public void Read()
    {
        Legend();
        for (var i = 0; i < lines.Length; i++)
        {
            if (string.IsNullOrWhiteSpace(lines[i]))
            {
                continue;
            }

            if (Table(i) is var behind && behind > i)
            {
                i = behind - 1;
                continue;
            }

            ReadLine(PiecesOf(i));
        }
    }

    private readonly Dictionary<int, List<Piece>> lexed = [];

    /// <summary>The pieces of a line, made once; a line of a length that nobody writes has none and is told.</summary>
    private List<Piece> PiecesOf(int index)
    {
        if (lexed.TryGetValue(index, out var known))
        {
            return known;
        }

        if (lines[index].Length > MostInLine || index >= MostLines)
        {
            unread.Add(
                new(new(index + 1, 1, lines[index].Length), "This is more than is read.")
                {
                    Words = Spaces.Replace(lines[index], " ").Trim(),
                }
            );
            return lexed[index] = [];
        }

        return lexed[index] = lexer.Read(lines[index], index + 1);
    }

    /// <summary>UTF-16 units of a line beyond which it is not read: ten times what a draft takes.</summary>
    private const int MostInLine = 3000;

    /// <summary>Lines of a text beyond which it is not read: twice what a draft takes.</summary>
    private const int MostLines = 1000;

    private void ReadLine(List<Piece> pieces)
    {
        StripBullet(pieces);
        (scope, scopedTask) = (Scope.All, null);
        spokenOf.Clear();
        if (Correction(pieces) || Heading(pieces))
        {
            return;
        }

        if (pieces.Find(p => !IsLight(p)) is { } lead && lead.Is("score", "tie", "unfinished", "cap", "amrap", "forTime"))
        {
            section = Section.Work;
        }

        if (section == Section.Loads)
        {
            task = null;
        }

        if (turning == "relay" && listNumber is > 1 and <= 8 and var member && inTurn is { } mine)
        {
            // What the second member does in place of the first, and so on.
            (scope, scopedTask, task) = (new([FirstLevel + MemberLevel(member)]), mine, mine);
            mine.Lines.Add(pieces[0].Line);
        }

        var first = true;
        foreach (var sentence in Sentences(pieces))
        {
            s = sentence;
            if (first && headed is { } head && !s.Exists(p => p.Is("score", "tie")))
            {
                s.Insert(0, head with { Taken = false });
            }

            headed = null;
            ReadSentence(first);
            first = false;
        }
    }

    /// <summary>Sentences end with a full stop, an exclamation mark or a tab; a semicolon ends one unless a score is spoken of.</summary>
    private static IEnumerable<List<Piece>> Sentences(List<Piece> pieces)
    {
        var now = new List<Piece>();
        foreach (var p in pieces)
        {
            if (p.IsMark(".!\t") || (p.IsMark(";") && !now.Exists(x => x.Is("tie", "unfinished", "spot"))))
            {
                p.Taken = true;
                if (now.Count > 0)
                {
                    yield return now;
                    now = [];
                }
            }
            else
            {
                now.Add(p);
            }
        }

        if (now.Count > 0)
        {
            yield return now;
        }
    }

    private void ReadSentence(bool first)
    {
        (lastValue, prefixed) = (null, null);
        if (section is Section.Standards or Section.Notes && !s.Exists(p => p.Is("score", "tie", "unfinished")))
        {
            Keep(section == Section.Standards);
            return;
        }

        if (IsProse())
        {
            Keep(standards: true);
            return;
        }

        var taskBefore = task;
        for (var i = 0; i < s.Count; i++)
        {
            // What is said in brackets is said for whom the brackets name, and no further.
            if (s[i].IsMark("("))
            {
                outside = (scope, scopedTask);
            }
            else if (s[i].IsMark(")"))
            {
                (scope, scopedTask) = outside;
            }
            else if (!s[i].Taken)
            {
                _ =
                    Levels(i)
                    || Scoring(i)
                    || Stations(i)
                    || Clock(i)
                    || Arrangement(i, first)
                    || Sharing(i, taskBefore)
                    || Policies(i)
                    || Names(i)
                    || Task(i, taskBefore)
                    || Values(i);
            }
        }

        Leftovers();
        inTurn = turning == "relay" && listNumber == 1 && task is { Max: true } ? task : inTurn;
    }

    /// <summary>The task of which each member of a relay has another.</summary>
    private TaskItem? inTurn;

    private int MemberLevel(int member)
    {
        var name = Core.Text.Words.Ordinal(member);
        if (!levels.Contains(name))
        {
            levels.Add(name);
        }

        return levels.IndexOf(name);
    }

    /// <summary>The next piece that says something; -1 behind the last.</summary>
    private int Next(int at)
    {
        for (var i = at + 1; i < s.Count; i++)
        {
            if (!IsLight(s[i]))
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>The next piece, and behind an <c>of</c> the one that follows it.</summary>
    private int BehindOf(int at) => Next(at) is var next && At(next)?.Is("of") == true ? Next(next) : next;

    private int Previous(int at)
    {
        for (var i = at - 1; i >= 0; i--)
        {
            if (!IsLight(s[i]))
            {
                return i;
            }
        }

        return -1;
    }

    private Piece? At(int index) => index >= 0 && index < s.Count ? s[index] : null;

    /// <summary>Marks and small words that only join.</summary>
    private static bool IsLight(Piece p) =>
        p.Word == "in" || (p.Sort == Sort.Mark && !p.IsMark("+=?>")) || (p.IsFiller && p.Entries.All(e => e.Kind is EntryKind.Filler));

    private void Take(params ReadOnlySpan<int> indices)
    {
        foreach (var i in indices)
        {
            if (i >= 0)
            {
                s[i].Taken = true;
            }
        }
    }

    /// <summary>A whole number: a figure without a unit, or a word.</summary>
    private static int? CountOf(Piece? p) =>
        p is null || p.Taken ? null
        : p.Figure?.Count is { } n ? n
        : p.Entries.FirstOrDefault(e => e.Kind == EntryKind.Number) is { } word
            ? int.Parse(word.Value, System.Globalization.CultureInfo.InvariantCulture)
        : null;

    /// <summary>A length of time; a plain number is minutes.</summary>
    private static long? TimeOf(Piece? p) =>
        p is null || p.Taken ? null
        : p.Sort == Sort.Time ? p.Ms
        : p.Figure is { Count: { } n, Unit: "" } && n <= 180 ? n * 60_000L
        : null;

    private static string Written(long? ms) => ms is { } some ? Times.Written(some) : "unset";

    private void Mark(Item item, int at) => item.Lines.Add(s[at].Line);
}
