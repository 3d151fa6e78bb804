using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Natural;

/// <summary>A line of a draft that was read as coaches write it.</summary>
/// <param name="Line">Its number, from 1.</param>
/// <param name="Was">How it was typed.</param>
/// <param name="Now">What stands in its place: no line, one, or several.</param>
public sealed record TypedLine(int Line, string Was, Eq<string> Now)
{
    /// <summary>True where the line only moves to the right or left.</summary>
    public bool IsMove => Now is [var only] && only.Trim() == Was.Trim();
}

/// <summary>A draft that was looked through for lines that can be read.</summary>
/// <param name="Lines">The lines that are read as something else than they are, in the order of the text. A line before the first that was
/// looked at may be among them: work whose time limit was typed, a task of which more was said.</param>
/// <param name="Follow">Numbers of lines that are wrong only because of one before them: they are neither read nor worth a word.</param>
public sealed record TypedReading(IReadOnlyList<TypedLine> Lines, IReadOnlySet<int> Follow);

/// <summary>
/// Lines of a draft that were typed or pasted as coaches write them. Each that the notation does not have, or that stands too far left or
/// right, is read in its place: as it is at another depth, as words by themselves, as words about the task above. A reading holds only if
/// the notation then has every line of it, and understands the others as well as if the line did not stand there; else the line stays as it
/// was typed.
/// </summary>
public sealed partial class TypedLines
{
    /// <summary>Lines that are read at one time; what is longer is a text for the reader of whole texts.</summary>
    public const int Most = 60;

    private readonly Competition competition;
    private readonly StandardsBook book;
    private readonly bool? womanFirst;
    private readonly int title;

    /// <summary>The text as it stands now, each line with the number of the line that it stands for.</summary>
    private List<(string Text, int Of)> lines;

    private ParseResult parsed;

    private readonly HashSet<int> follow = [];

    /// <summary>Problems that a reading may leave: no more than there would be without the line.</summary>
    private int most;

    /// <summary>True where the lines have just been typed; false where a whole draft is looked through.</summary>
    private readonly bool typing;

    private TypedLines(Competition competition, string body, bool typing = false)
    {
        (this.competition, this.typing, book) = (competition, typing, StandardsBook.Of(competition));
        lines = [.. body.Split('\n').Select((l, i) => (l, i + 1))];
        parsed = Parser.Parse(body);
        title = lines.FindIndex(l => Says(l.Text));
        womanFirst = parsed.Workout.Headers.OfType<Header.Order>().FirstOrDefault() is { } order
            ? order.Duties == DutyOrder.WomanMan
            : null;
    }

    /// <summary>Looks through lines of a draft; nothing is read where the draft is longer than drafts are.</summary>
    /// <param name="competition">Whose divisions, unit, and movements are meant.</param>
    /// <param name="body">A draft, lines separated by <c>\n</c>.</param>
    /// <param name="from">The first of the lines that were typed, from 1; the title is left alone.</param>
    /// <param name="to">The last of them.</param>
    /// <param name="typing">True where they were typed just now, one after the other: what follows rounds without work goes into
    /// them.</param>
    public static TypedReading Read(Competition competition, string body, int from, int to, bool typing)
    {
        var was = body.Split('\n');
        if (was.Length > NotationLimits.Lines || body.Length > NotationLimits.Characters)
        {
            return new([], new HashSet<int>());
        }

        var typed = new TypedLines(competition, body, typing);
        typed.ReadEach(from, to);
        var now = typed.lines.ToLookup(l => l.Of, l => l.Text);
        return new(
            was.Select((line, i) => new TypedLine(i + 1, line, now[i + 1].ToEq()))
                .Where(l => l.Now is not [var same] || same != l.Was)
                .ToList(),
            typed.follow
        );
    }

    /// <summary>A text with some of its lines as they are read.</summary>
    /// <param name="body">The text, lines separated by <c>\n</c>.</param>
    /// <param name="read">Lines of it.</param>
    public static string Apply(string body, IReadOnlyList<TypedLine> read)
    {
        var by = read.ToDictionary(l => l.Line);
        return string.Join('\n', body.Split('\n').SelectMany((l, i) => by.TryGetValue(i + 1, out var x) ? x.Now.AsEnumerable() : [l]));
    }

    /// <summary>How many spaces a new line begins with that is typed behind another: under one that takes work or rules, else where that
    /// one stands.</summary>
    /// <param name="body">The draft, lines separated by <c>\n</c>.</param>
    /// <param name="line">The line, from 1.</param>
    public static int IndentBehind(string body, int line)
    {
        var all = body.Split('\n');
        if (line < 1 || line > all.Length || Array.FindIndex(all, Says) == line - 1 || !Says(all[line - 1]))
        {
            return 0;
        }

        var indent = IndentOf(all[line - 1]);
        var isTask = Parser.Kinds(string.Join('\n', all[..line])).GetValueOrDefault(line) == typeof(Work.Task);
        foreach (var probe in Probes.Take(isTask ? 2 : Probes.Length))
        {
            var tried = all[..line].Append(new string(' ', indent + 2) + probe);
            if (Parser.Parse(string.Join('\n', tried)).Problems.All(p => p.At.Line < line))
            {
                return indent + 2;
            }
        }

        return indent;
    }

    /// <summary>Lines one of which can stand under any line that takes work, rules, parts, or windows. The last two have a name or a time
    /// before them, which means something else under a task.</summary>
    private static readonly string[] Probes = ["2 burpee", "tie: shared", "A: for reps", "8:00 for reps"];

    private void ReadEach(int from, int to)
    {
        var read = 0;
        for (var i = 0; i < lines.Count && read < Most; i++)
        {
            var of = lines[i].Of;
            if (i <= title || of < from || of > to || !Says(lines[i].Text) || follow.Contains(of))
            {
                continue;
            }

            // A movement that the book calls otherwise is told at its name where a whole draft is looked through.
            if (typing ? IsOpen(i) : IsHole(i))
            {
                read++;
                var without = HolesWithout(i);
                most = Math.Min(parsed.Problems.Count, without.Count);
                follow.UnionWith(parsed.Problems.Select(p => lines[p.At.Line - 1].Of).Where(n => n != of && !without.Contains(n)));
                _ = ReadOne(i);
            }

            most = parsed.Problems.Count;
            if (i < lines.Count && lines[i].Of == of)
            {
                _ = Under(i);
            }

            // A line may have become several, or belong to one above now.
            i = lines.FindLastIndex(l => l.Of <= of);
        }
    }

    private bool ReadOne(int index) =>
        Shift(index)
        || WithCommas(index)
        || Behind(index)
        || (Read([lines[index].Text]) is { } said && (Fill(index, said) || Alone(index, said)))
        || WithTask(index)
        || Checkpoint(index)
        || WithWindow(index);

    /// <summary>The lines that would not be understood if one did not stand there, each as often as something is wrong in it.</summary>
    private List<int> HolesWithout(int index)
    {
        var rest = lines.Where((_, i) => i != index).ToList();
        return Parser.Parse(string.Join('\n', rest.Select(l => l.Text))).Problems.Select(p => rest[p.At.Line - 1].Of).ToList();
    }

    private static bool Says(string raw) => DraftLines.WithoutComment(raw).Trim().Length > 0;

    private static int IndentOf(string raw) => raw.Length - raw.TrimStart().Length;

    /// <summary>True where a line is not understood, or names a movement that the book does not know.</summary>
    private bool IsOpen(int index) => IsHole(index) || (TaskAt(index) is { } task && book.Find(task.Movement) is null);

    /// <summary>True where a line is not understood; an interval whose work comes next is.</summary>
    private bool IsHole(int index) => parsed.Problems.Any(p => p.At.Line == index + 1 && p.Sentence != Parser.EveryNeedsWork);

    private Work.Task? TaskAt(int index) => WorkTree.Tasks(parsed.Workout).FirstOrDefault(t => t.At.Line == index + 1);
}
