using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <summary>What came of reading a draft.</summary>
/// <param name="Workout">The model of everything that was understood.</param>
/// <param name="Problems">What was not, in the order of the text; each is a hole in the model.</param>
/// <param name="Tokens">Pieces for colouring, in no particular order.</param>
public sealed record ParseResult(Workout Workout, IReadOnlyList<Problem> Problems, IReadOnlyList<Token> Tokens)
{
    /// <summary>Where a value is marked <c>unset</c>, outside the lines that were not understood.</summary>
    public IReadOnlyList<SourceRange> Unset { get; init; } = [];
}

/// <summary>
/// Reads the draft notation described in <c>docs/notation.md</c>. Any text gives a result: lines that are not understood
/// become problems and holes. Reading is linear in the length of the text and never throws on input.
/// </summary>
/// <example><c>Parser.Parse("Dawn\n\n8:00 for reps\n  10 sit-up\n").Workout.Title</c> is <c>Dawn</c>.</example>
public sealed partial class Parser
{
    private readonly List<Problem> problems = [];
    private readonly List<Token> tokens = [];

    private readonly Dictionary<int, Type> kinds = [];
    private readonly IReadOnlyDictionary<int, NodeId> ids;

    private Parser(IReadOnlyDictionary<int, NodeId> ids) => this.ids = ids;

    /// <summary>Reads a draft.</summary>
    /// <param name="text">Lines separated by <c>\n</c> or <c>\r\n</c>; see <see cref="NotationLimits"/> for how large.</param>
    /// <param name="ids">The ids of its lines; null for a text that stands alone.</param>
    public static ParseResult Parse(string text, LineIds? ids = null) => Run(text, ids?.ByNumber(text) ?? NoIds).Result;

    /// <summary>What kind of node each understood line of a text is, by its number.</summary>
    internal static Dictionary<int, Type> Kinds(string text) => Run(text, NoIds).Kinds;

    private static readonly Dictionary<int, NodeId> NoIds = [];

    private static (ParseResult Result, Dictionary<int, Type> Kinds) Run(string text, IReadOnlyDictionary<int, NodeId> ids)
    {
        var parser = new Parser(ids);
        if (text.Length > NotationLimits.Characters)
        {
            parser.problems.Add(
                new(
                    new(1, 1, 1),
                    $"This draft has {text.Length} characters; at most {NotationLimits.Characters} are read.",
                    "a shorter draft"
                )
            );
            return (new(new Workout("", [], [], [], []), parser.problems, []), []);
        }

        var workout = parser.Document(DraftLines.Read(text, parser.problems, parser.tokens));
        parser.problems.Sort((a, b) => (a.At.Line, a.At.Column).CompareTo((b.At.Line, b.At.Column)));
        return (
            new(workout, parser.problems, parser.tokens) { Unset = Unset(text.Split('\n'), parser.problems, parser.tokens) },
            parser.kinds
        );
    }

    private Workout Document(List<DraftLine> lines)
    {
        if (lines.Count == 0)
        {
            problems.Add(new(new(1, 1, 1), "The draft is empty.", "a title on the first line, then a time such as 9:00 for time"));
            return new("", [], [], [], []);
        }

        var title = lines[0];
        kinds[title.Number] = typeof(Workout);
        tokens.Add(new(title.Number, title.Column, title.Content.Length, TokenKind.Title));
        var headers = All(title.Children, Header);
        var stages = new List<Stage>();
        var scores = new List<Score>();
        var policies = new List<Policy>();
        foreach (var line in lines.Skip(1))
        {
            var c = Open(line);
            if (c.Peek("score"))
            {
                Add(scores, line, c, Score(line, c));
            }
            else if (IsPolicy(c))
            {
                Add(policies, line, c, Policy(c));
                NoChildren(line);
            }
            else
            {
                Add(stages, line, c, Stage(line, c));
            }
        }

        return new Workout(title.Content, headers, stages.ToEq(), scores.ToEq(), policies.ToEq())
        {
            Note = title.Note,
            At = new(title.Number, title.Column, title.Content.Length),
            Id = ids.GetValueOrDefault(title.Number),
        };
    }

    private static Eq<Who>? Names(Cursor c)
    {
        var names = new List<Who>();
        do
        {
            if (Who(c) is not { } who)
            {
                return null;
            }

            names.Add(who);
        } while (c.EatChar(','));
        return names.ToEq();
    }

    private static Who? Who(Cursor c)
    {
        var parts = new List<string>();
        do
        {
            var start = c.Mark();
            var name = c.Name(TokenKind.Name, "and", "only");
            if (name is null)
            {
                c.Fail("Here a name is missing.", "a division, man or woman, a position such as 2nd, or round 2");
                return null;
            }

            var small =
                name is "man" or "woman"
                || (
                    (name.StartsWith("round ", StringComparison.Ordinal) || name.StartsWith("cycle ", StringComparison.Ordinal))
                    && name.AsSpan(6).IndexOfAnyExceptInRange('0', '9') < 0
                    && name.Length is > 6 and < 12
                );
            if (!small && char.IsLower(name[0]))
            {
                c.Fail(
                    $"“{name}” is not a name: divisions, groups and levels begin with a capital or a digit.",
                    "a capital letter first",
                    r => new Mend(
                        $"Write {Text.Words.Capital(name)}",
                        new TextEdit(r.Line, r.Column, 1, char.ToUpperInvariant(name[0]).ToString())
                    ),
                    start
                );
                return null;
            }

            parts.Add(name);
        } while (c.Eat("and"));
        return new Who(parts.ToEq());
    }

    // ---- one line ------------------------------------------------------------------------------------------------------------

    private delegate T? Read<T>(DraftLine line, Cursor c);

    private Cursor Open(DraftLine line) => new(line, tokens);

    /// <summary>Where <c>unset</c> stands for a value that was read.</summary>
    private static List<SourceRange> Unset(string[] lines, List<Problem> problems, List<Token> tokens)
    {
        var holes = problems.Select(p => p.At.Line).ToHashSet();
        return tokens
            .Where(t => t.Kind == TokenKind.Number && t.Length == "unset".Length && !holes.Contains(t.Line))
            .Where(t => string.CompareOrdinal(lines[t.Line - 1], t.Column - 1, "unset", 0, t.Length) == 0)
            .Select(t => new SourceRange(t.Line, t.Column, t.Length))
            .ToList();
    }

    private Eq<T> All<T>(IReadOnlyList<DraftLine> lines, Read<T> read)
        where T : Node
    {
        var all = new List<T>();
        foreach (var line in lines)
        {
            var c = Open(line);
            Add(all, line, c, read(line, c));
        }

        return all.ToEq();
    }

    private void Add<T>(List<T> to, DraftLine line, Cursor c, T? node)
        where T : Node
    {
        if (node is not null && !c.Failed && !c.AtEnd)
        {
            Surplus(c);
        }

        if (c.Problem is { } problem)
        {
            problems.Add(problem);
        }
        else if (node is not null)
        {
            kinds[line.Number] = node.GetType();
            to.Add(
                node with
                {
                    Note = line.Note,
                    At = new(line.Number, line.Column, line.Content.Length),
                    Id = ids.GetValueOrDefault(line.Number),
                }
            );
        }
    }

    private static void Surplus(Cursor c)
    {
        var word = c.Rest;
        c.Fail(
            word.StartsWith('/') ? "There are two duties, so two values; here stands a third." : "The line was understood up to here.",
            word.StartsWith(',') ? "one detail after each comma" : "the end of the line, or a comma and a detail"
        );
    }

    private void NoChildren(DraftLine line) => NoChildren(line.Children);

    private void NoChildren(IEnumerable<DraftLine> lines)
    {
        foreach (var child in lines)
        {
            problems.Add(
                new(
                    new(child.Number, child.Column, child.Content.Length),
                    "Nothing can stand under the line above.",
                    "this line further left",
                    new Mend("Move it one level out", new TextEdit(child.Number, 1, Math.Min(2, child.Column - 1), ""))
                )
            );
        }
    }

    private static T? Nothing<T>(Cursor c, string sentence, string expected, string[]? known = null)
        where T : class
    {
        var rest = c.Rest;
        var guess = known is null ? null : Guess(rest, known);
        c.Fail(
            guess is null ? sentence : $"{sentence} Did you mean “{guess.Value.Word}”?",
            expected,
            r => guess is { } g ? new Mend($"Write {g.Word}", new TextEdit(r.Line, r.Column, g.Typed.Length, g.Word)) : null
        );
        return null;
    }

    /// <summary>Compares the first one, two, … words of the rest with known phrases of as many words.</summary>
    private static (string Word, string Typed)? Guess(string rest, string[] known)
    {
        var words = rest.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        foreach (var group in known.GroupBy(k => k.Count(ch => ch == ' ') + 1).OrderByDescending(g => g.Key))
        {
            if (words.Length < group.Key)
            {
                continue;
            }

            var typed = string.Join(' ', words.Take(group.Key)).TrimEnd(',');
            if (rest.StartsWith(typed, StringComparison.Ordinal) && Text.Words.Nearest(typed, group) is { } word && word != typed)
            {
                return (word, typed);
            }
        }

        return null;
    }
}
