using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Format;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Notation;

/// <summary>A line is the line that it was, whatever is done around it, and whatever it comes to say.</summary>
public class LineIdsTests
{
    private const string Bell =
        "Ferry Bell\n  for Tideline\n\n12:00 for reps\n  3 rounds\n    10 thruster\n    20 sit-up\n    30 burpee\n"
        + "  40 toes-to-bar\n  50 wall-ball\n\nscore: reps\n";

    /// <summary>Hundreds of saves, one change each, against a list that carries the ids along by hand.</summary>
    [Fact]
    public void Every_line_keeps_its_id_through_any_row_of_changes() =>
        Gen.Select(Gen.Int[0, 7], Gen.Int[0, 999], Gen.Int[0, 999])
            .List[1, 40]
            .Sample(
                steps =>
                {
                    var sheet = new Sheet(Bell);
                    var draft = Draft.New(Bell);
                    foreach (var (what, where, to) in steps)
                    {
                        var before = draft;
                        sheet.Change(what, where, to, () => draft.Lines.Next);
                        draft = draft.Becomes(sheet.Text);
                        Assert.True(
                            sheet.Ids.SequenceEqual(draft.Lines.Lines.Select(l => l.Value)),
                            $"change {what} at {where} to {to}\n{before.Text}\n{Numbers(before)}\n{draft.Text}\n"
                                + $"wanted {string.Join(' ', sheet.Ids)}\ngot    {Numbers(draft)}"
                        );
                    }
                },
                iter: 400
            );

    /// <summary>No text can make two lines share an id, or an id that was given be given again.</summary>
    [Fact]
    public void Ids_are_unique_whatever_replaces_what() =>
        Gen.Select(WorkoutGen.Any, WorkoutGen.Any, WorkoutGen.Any)
            .Sample(
                texts =>
                {
                    var draft = Draft.New(Printer.Print(texts.Item1));
                    foreach (var text in new[] { Printer.Print(texts.Item2), Printer.Print(texts.Item3), draft.Text, "" })
                    {
                        var next = draft.Becomes(text);
                        Assert.Equal(LineIds.Of(text).Lines.Count, next.Lines.Lines.Count);
                        Assert.Equal(next.Lines.Lines.Count, next.Lines.Lines.Distinct().Count());
                        Assert.True(next.Lines.Next >= draft.Lines.Next);
                        Assert.All(next.Lines.Lines, id => Assert.InRange(id.Value, 1, next.Lines.Next - 1));
                        Assert.Empty(next.Lines.Gone.Select(g => g.Id).Intersect(next.Lines.Lines));
                        Assert.Equal(next.Lines, LineJson.Read(LineJson.Write(next.Lines)));
                        draft = next;
                    }
                },
                iter: 150
            );

    [Theory]
    // Moved to another place, and out to another level.
    [InlineData("  40 toes-to-bar\n  50 wall-ball\n", "  50 wall-ball\n  40 toes-to-bar\n", "1 2 3 4 5 6 7 9 8 10")]
    [InlineData("    30 burpee\n", "  30 burpee\n", "1 2 3 4 5 6 7 8 9 10")]
    // Another number, another word for it, another movement in its place: the line that was replaced.
    [InlineData("20 sit-up", "25 sit-up, in 5s", "1 2 3 4 5 6 7 8 9 10")]
    [InlineData("20 sit-up", "18/14 cal rowing machine", "1 2 3 4 5 6 7 8 9 10")]
    // Half typed, it is still the line.
    [InlineData("20 sit-up", "20 sit-up, ev", "1 2 3 4 5 6 7 8 9 10")]
    // Another kind of line is another line.
    [InlineData("    20 sit-up\n", "    own rest 0:30\n", "1 2 3 4 5 11 7 8 9 10")]
    public void A_line_is_the_line_it_was(string was, string now, string ids) => Assert.Equal(ids, After(was, now));

    /// <summary>Splitting gives the id to the half that is more like the line; joining to the line that is more like the whole.</summary>
    [Fact]
    public void Of_a_split_line_the_half_that_is_like_it_keeps_the_id()
    {
        Assert.Equal("1 2 3 4 5 11 6 7 8 9 10", After("    20 sit-up\n", "    5 box jump\n    15 sit-up\n"));
        Assert.Equal("1 2 3 4 5 6 8 9 10", After("    20 sit-up\n    30 burpee\n", "    50 sit-up\n"));
    }

    [Fact]
    public void Comments_and_blank_lines_have_no_id_and_change_none()
    {
        var draft = Draft.New(Bell);
        var airy = draft.Becomes(
            Bell.Replace("    20", "\n    // ask Mo about these\n    20", StringComparison.Ordinal)
                .Replace("sit-up", "sit-up // both sides", StringComparison.Ordinal)
        );
        Assert.Equal(draft.Lines, airy.Lines);
    }

    /// <summary>Cut, saved, pasted, saved: the clock of the automatic save does not decide what a line is.</summary>
    [Fact]
    public void A_line_that_was_taken_out_comes_back_as_itself()
    {
        var draft = Draft.New(Bell);
        var without = draft.Becomes(Bell.Replace("    20 sit-up\n", "", StringComparison.Ordinal));
        Assert.Equal(["20 sit-up"], without.Lines.Gone.Select(g => g.Words));
        var back = without.Becomes(without.Text.Replace("  50 wall-ball\n", "  50 wall-ball\n  20 sit-up\n", StringComparison.Ordinal));
        Assert.Equal("1 2 3 4 5 7 8 9 6 10", Numbers(back));
        Assert.Empty(back.Lines.Gone);
    }

    [Fact]
    public void The_model_knows_which_line_it_is_from()
    {
        var draft = Draft.New(Bell).Becomes(Bell.Replace("  3 rounds", "  note: hello\n  3 rounds", StringComparison.Ordinal));
        var workout = Parser.Parse(draft.Text, draft.Lines).Workout;
        Assert.Equal([(7, 5), (8, 6), (9, 7), (10, 8), (11, 9)], WorkTree.Tasks(workout).Select(t => (t.At.Line, t.Id.Value)));
        Assert.Equal(workout, Parser.Parse(draft.Text).Workout);
    }

    [Fact]
    public void Equal_values_at_two_places_are_equal_and_their_places_are_not()
    {
        var tasks = WorkTree.Tasks(Parser.Parse("A\n\n5:00 for reps\n  10 burpee\n  10 burpee\n").Workout).ToList();
        Assert.Equal(tasks[0], tasks[1]);
        Assert.NotEqual(tasks[0].At, tasks[1].At);
        Assert.NotEqual(tasks[0].NameAt, tasks[1].NameAt);
    }

    /// <summary>Lines beyond what is read have no ids, and the most that can be written costs a bounded number of comparisons.</summary>
    [Theory]
    [InlineData("x")]
    [InlineData("{0} burpee")]
    [InlineData("{0} {0} {0} {0} {0} {0} {0} {0} sit-up wall-ball pull-up burpee")]
    public void The_largest_text_that_can_be_typed(string line)
    {
        static string Text(string line, int from) =>
            string.Concat(
                Enumerable.Range(from, 5000).Select(i => string.Format(System.Globalization.CultureInfo.InvariantCulture, line, i) + "\n")
            );
        var draft = Draft.New(Text(line, 1));
        Assert.Equal(NotationLimits.Lines, draft.Lines.Lines.Count);
        var after = draft.Becomes(Text(line, 100_000));
        Assert.Equal(NotationLimits.Lines, after.Lines.Lines.Distinct().Count());
    }

    private static string After(string was, string now)
    {
        Assert.Contains(was, Bell, StringComparison.Ordinal);
        return Numbers(Draft.New(Bell).Becomes(Bell.Replace(was, now, StringComparison.Ordinal)));
    }

    private static string Numbers(Draft draft) => string.Join(' ', draft.Lines.Lines.Select(l => l.Value));

    /// <summary>Lines with their ids, changed the way people change them.</summary>
    private sealed class Sheet
    {
        private readonly List<(string Raw, int Id)> lines = [];
        private int fresh;

        /// <summary>Numbers that no line has had: equal lines would be told apart by chance.</summary>
        private int unused = 1000;

        public Sheet(string text)
        {
            foreach (var raw in text.TrimEnd('\n').Split('\n'))
            {
                lines.Add((raw, raw.Trim().Length == 0 ? 0 : ++fresh));
            }
        }

        public string Text => string.Join('\n', lines.Select(l => l.Raw)) + "\n";

        public IEnumerable<int> Ids => lines.Where(l => l.Id > 0).Select(l => l.Id);

        public void Change(int what, int where, int to, Func<int> next)
        {
            var tasks = Enumerable
                .Range(0, lines.Count)
                .Where(i =>
                    lines[i].Raw.TrimStart() is [>= '0' and <= '9', ..] and var s
                    && s.Contains(' ', StringComparison.Ordinal)
                    && !s.Contains(':', StringComparison.Ordinal)
                    && !s.Contains("rounds", StringComparison.Ordinal)
                )
                .ToList();
            if (tasks.Count == 0)
            {
                return;
            }

            var at = tasks[where % tasks.Count];
            var line = lines[at];
            var indent = line.Raw[..(line.Raw.Length - line.Raw.TrimStart().Length)];
            switch (what)
            {
                case 0: // another number
                    lines[at] = (
                        $"{indent}{++unused}{line.Raw[(indent.Length + line.Raw.TrimStart().IndexOf(' ', StringComparison.Ordinal))..]}",
                        line.Id
                    );
                    break;
                case 1: // moved
                    lines.RemoveAt(at);
                    lines.Insert(tasks[to % tasks.Count], line);
                    break;
                case 2: // a new line
                    lines.Insert(at, ($"{indent}{++unused} box jump", next()));
                    break;
                case 3 when tasks.Count > 1: // taken out
                    lines.RemoveAt(at);
                    break;
                case 4: // a comment and a blank line
                    lines.InsertRange(at, [("", 0), ($"{indent}// {to}", 0)]);
                    break;
                case 5: // put under rounds of its own
                    lines[at] = ("  " + line.Raw, line.Id);
                    lines.Insert(at, ($"{indent}{++unused} rounds", next()));
                    break;
                case 6: // a note to it
                    lines[at] = (line.Raw + " (" + ++unused + ")", line.Id);
                    break;
                default: // a rule under it
                    lines.Insert(at + 1, ($"{indent}  note: {++unused}", next()));
                    break;
            }
        }
    }
}
