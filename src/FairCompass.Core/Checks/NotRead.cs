using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>
/// Lines that the notation does not have, each told once: what can be read as coaches write it with what it is then, lines that follow
/// one another together, and a mistake that is the same line after line only at the first.
/// </summary>
internal static class NotRead
{
    /// <summary>The findings, in the order of the text.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="problems">What was not understood, in the order of the text.</param>
    public static IEnumerable<Finding> Of(CheckContext context, IReadOnlyList<Problem> problems)
    {
        if (problems.Count == 0)
        {
            yield break;
        }

        var read = TypedLines.Read(context.Competition, string.Join('\n', context.Lines), 1, context.Lines.Count, typing: false);
        var wrong = problems.Select(p => p.At.Line).ToHashSet();
        var groups = Groups(context, read.Lines, wrong);
        var told = new HashSet<int>();
        Problem? before = null;
        // Of several mistakes in a line the last says most: its words, and not how far it is indented.
        foreach (var problem in problems.Where(p => !read.Follow.Contains(p.At.Line)).GroupBy(p => p.At.Line).Select(g => g.Last()))
        {
            if (groups.FirstOrDefault(g => g.Exists(l => l.Line == problem.At.Line)) is { } group)
            {
                if (told.Add(group[0].Line))
                {
                    yield return Told(context, problem.At, Sentence(group, wrong), Why(group), Write(group));
                }

                before = null;
            }
            else
            {
                if (before is null || before.Sentence != problem.Sentence || !Follows(context, before.At.Line, problem.At.Line))
                {
                    yield return Told(context, problem.At, problem.Sentence, $"Expected: {problem.Expected}.", problem.Mend);
                }

                before = problem;
            }
        }
    }

    /// <summary>Lines that are read together: those that follow one another, and those before them that change with them.</summary>
    private static List<List<TypedLine>> Groups(CheckContext context, IReadOnlyList<TypedLine> read, HashSet<int> wrong)
    {
        var groups = new List<List<TypedLine>>();
        foreach (var line in read)
        {
            var joins =
                groups.Count > 0
                && (groups[^1].TrueForAll(l => !wrong.Contains(l.Line)) || Follows(context, groups[^1][^1].Line, line.Line));
            if (joins)
            {
                groups[^1].Add(line);
            }
            else
            {
                groups.Add([line]);
            }
        }

        return groups;
    }

    private static Finding Told(CheckContext context, SourceRange at, string sentence, string why, Mend? mend) =>
        new(
            CheckList.NotUnderstood,
            Severity.MustFix,
            at,
            sentence,
            why,
            mend is null ? [] : [mend],
            CheckList.Key(CheckList.NotUnderstood, context.Lines, at, sentence)
        );

    /// <summary>True where nothing that says something stands between two lines.</summary>
    private static bool Follows(CheckContext context, int line, int next) =>
        Enumerable.Range(line, Math.Max(0, next - line - 1)).All(i => context.Lines[i].Trim().Length == 0);

    private static string Why(List<TypedLine> group) =>
        group.TrueForAll(l => l.IsMove)
            ? "Two more spaces mean that a line belongs to the one above."
            : "It can be read as coaches write it; the draft then says it in the notation.";

    private static string Sentence(List<TypedLine> all, HashSet<int> wrong) => Sentence(all.FindAll(l => wrong.Contains(l.Line)));

    private static string Sentence(List<TypedLine> group) =>
        group.TrueForAll(l => l.IsMove)
            ? group.Count == 1
                ? $"“{Short(group[0].Was)}” belongs {Way(group[0])}."
                : $"These {group.Count} lines belong {Way(group[0])}."
            : group.Count == 1
                ? $"“{Short(group[0].Was)}” is not in the notation yet."
                : $"These {group.Count} lines are not in the notation yet.";

    private static Mend Write(List<TypedLine> group)
    {
        var now = group.SelectMany(l => l.Now).ToList();
        var label = group.TrueForAll(l => l.IsMove)
            ? group.Count == 1
                ? $"Move it {Way(group[0])}"
                : $"Move these {group.Count} lines {Way(group[0])}"
            : group.Count == 1 || now.Count == 1
                ? $"Write {Short(string.Join(", ", now.Select(l => l.Trim())))}"
                : $"Write these {group.Count} lines as they are read";
        var edits = group.ConvertAll(l => new TextEdit(l.Line, 1, l.Was.Length, string.Join('\n', l.Now)));
        return new Mend(label, edits[0]) { More = edits.Skip(1).ToEq() };
    }

    private static string Way(TypedLine line) =>
        Indent(line.Now[0]) > Indent(line.Was) ? "further right, under the line above" : "further left";

    private static int Indent(string line) => line.Length - line.TrimStart().Length;

    private static string Short(string words) => words.Trim() is { Length: > 60 } w ? w[..59].TrimEnd() + "…" : words.Trim();
}
