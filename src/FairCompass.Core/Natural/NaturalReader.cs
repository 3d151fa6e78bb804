using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Natural;

/// <summary>
/// Reads a workout as coaches write it and gives a draft in the notation. A canonical draft is read as itself. Every line of the draft says
/// where it comes from; what is ambiguous is asked, what is no rule is kept as a remark, and what was not understood is told.
/// </summary>
public static class NaturalReader
{
    /// <summary>Reads a text.</summary>
    /// <param name="competition">One that has passed its own checks.</param>
    /// <param name="text">Any text within the limits of a draft.</param>
    public static NaturalReading Read(Competition competition, string text)
    {
        var lines = text.ReplaceLineEndings("\n").Split('\n');
        if (Markup.Heading(lines[0]) is null && IsDraft(text, lines))
        {
            return new(text, Spoken(lines).Select(x => new LineOrigin(x.Number, x.Number, DraftWriter.AsItIs)).ToEq(), [], [], []);
        }

        if (Markup.Without(lines) is { } bare && string.Join('\n', bare) is var inside && IsDraft(inside, bare))
        {
            return new(
                inside,
                Spoken(bare).Select(x => new LineOrigin(x.Number, x.Number, "in the notation, as a list")).ToEq(),
                [],
                [],
                []
            );
        }

        var natural = Natural(competition, lines);
        return
            natural.Workouts.Count < 2
            && MixedText.Read(competition, text, lines) is { } mixed
            && mixed.Unread.Count <= natural.Unread.Count + natural.Remarks.Count
            ? mixed
            : natural;
    }

    private static NaturalReading Natural(Competition competition, string[] lines)
    {
        var (rest, cut) = NotationLines.CutOut(lines);
        var interpreter = new Interpreter(competition, rest);
        interpreter.Read();
        if (interpreter.Write() is not { } draft)
        {
            var nothing = Spoken(lines)
                .Select(x => new UnreadPiece(new(x.Number, 1, x.Line.Length), "No workout was found in this text.")
                {
                    Words = x.Line.Trim(),
                });
            return new("", [], [], [], nothing.ToEq());
        }

        var (unread, kept) = (interpreter.Unread.Concat(cut).ToList(), interpreter.Kept.ToList());
        TakeOut(draft, lines, unread);
        NotationLines.Take(draft, lines, unread, kept);
        draft.Print();
        if (interpreter.HasTotals)
        {
            interpreter.CheckTotals(CoursesOf(competition, draft.Text));
        }

        var told = interpreter
            .Worked.Concat(kept.Select(k => k.At))
            .Concat(unread.Select(u => u.At))
            .Concat(interpreter.Questions.Select(q => new SourceRange(q.At.Line, q.At.Column, q.At.Length)))
            .ToList();
        unread.AddRange(Accounting.Lost(lines, draft.Text, told));
        return new(
            draft.Text,
            draft.Origins,
            interpreter.Questions.OrderBy(q => q.At.Line).ThenBy(q => q.At.Column).ToEq(),
            kept.ToEq(),
            unread.ToEq()
        )
        {
            Workouts = Programme.Of(lines),
        };
    }

    /// <summary>Lines after which all that are wrong are taken out together: a mistake often brings others with it, but not so
    /// many.</summary>
    private const int MostOneByOne = 20;

    /// <summary>Takes the lines out of a draft that the notation does not have, and tells them.</summary>
    internal static void TakeOut(DraftWriter draft, string[] lines, List<UnreadPiece> unread)
    {
        for (var taken = 0; Parser.Parse(draft.Text).Problems is { Count: > 0 } problems; )
        {
            var wrong = problems
                .DistinctBy(p => p.At.Line)
                .OrderBy(p => p.At.Line)
                .Take(taken < MostOneByOne ? 1 : problems.Count)
                .ToList();
            taken += wrong.Count;
            foreach (var problem in wrong.AsEnumerable().Reverse())
            {
                var (words, from) = draft.Remove(problem.At.Line);
                var at = new SourceRange(Math.Max(1, from), 1, Math.Max(1, from > 0 ? lines[from - 1].Length : 1));
                unread.Add(new(at, $"The notation cannot say “{words}”: {problem.Sentence}") { Words = words });
            }
        }
    }

    /// <summary>The courses of a draft; none where there is too much to work out.</summary>
    private static IReadOnlyList<Course> CoursesOf(Competition competition, string draft)
    {
        var workout = Parser.Parse(draft).Workout;
        var resolver = new Resolver(competition, workout);
        var clocks = Clockwork.OfEach(workout, resolver);
        return DraftWeight.Of(workout, resolver, clocks).Objection is null ? Course.CompileAll(resolver, clocks) : [];
    }

    /// <summary>The lines that say something, with their numbers.</summary>
    private static IEnumerable<(string Line, int Number)> Spoken(string[] lines) =>
        lines.Select((line, i) => (line, i + 1)).Where(x => x.line.Trim().Length > 0);

    /// <summary>True for a text that is a draft of the notation: it has a title and a stage, nothing in it is wrong, and no movement has
    /// a number in its name, which is a detail without its comma.</summary>
    private static bool IsDraft(string text, string[] lines) =>
        lines.Length > 2
        && Parser.Parse(text) is { Problems.Count: 0, Workout: { Stages.Count: > 0 } workout }
        && !WorkTree.Tasks(workout).Any(t => t.Movement.Any(char.IsAsciiDigit));
}
