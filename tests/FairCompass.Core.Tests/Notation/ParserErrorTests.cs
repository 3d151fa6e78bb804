using FairCompass.Core.Notation;

namespace FairCompass.Core.Tests.Notation;

/// <summary>Wrong lines: the place, what is said, and the mend.</summary>
public class ParserErrorTests
{
    [Theory]
    [InlineData("  22,5 sit-up", 3, "write 22.5", "Write 22.5")]
    [InlineData("  -5 sit-up", 3, "cannot be negative", "Remove the minus")]
    [InlineData("  1234567 sit-up", 3, "too long", null)]
    [InlineData("  sit-up", 3, "How many", null)]
    [InlineData("  12", 5, "name of a movement is missing", null)]
    [InlineData("  12 power clean, 60 kgs", 22, "not a unit", "Write kg")]
    [InlineData("  12 power clean, 60 stone", 22, "not a unit", null)]
    [InlineData("  12 power clean, 70/50/30 kg", 24, "third", "Drop the third value")]
    [InlineData("  12 box jump-over, 60 cm", 21, "what it is the height of", null)]
    [InlineData("  12 power clean, 60 kg, bouncy", 26, "not understood", null)]
    [InlineData("  rest 1:00", 3, "left edge", null)]
    [InlineData("  3 rounds of", 12, "understood up to here", null)]
    [InlineData("  round without end", 3, "Did you mean “rounds without end”", "Write rounds without end")]
    [InlineData("  own rest 1:75", 12, "not a time", null)]
    [InlineData("    12 sit-up", 1, "deeper than the line above allows", "Indent by one level")]
    public void A_wrong_line_of_work(string line, int column, string says, string? mend)
    {
        var problem = Assert.Single(Parser.Parse($"T\n\n9:00 for reps\n{line}\n").Problems, p => p.At.Line == 4);
        Assert.Equal((4, column), (problem.At.Line, problem.At.Column));
        Assert.Contains(says, problem.Sentence, StringComparison.OrdinalIgnoreCase);
        Assert.NotEmpty(problem.Expected);
        Assert.Equal(mend, problem.Mend?.Label);
    }

    [Theory]
    [InlineData("99:99 for time", "seconds and minutes")]
    [InlineData("13 for time", "write minutes and seconds")]
    [InlineData("9:00 for tim", "for time")]
    [InlineData("9:00", "What is this done for")]
    [InlineData("rset 1:00", "Did you mean “rest”")]
    [InlineData("score reps", "a name with a capital, or a colon")]
    [InlineData("score: speed", "What is measured")]
    [InlineData("bell: a rep counts when it rings", "When does it count")]
    public void A_wrong_line_at_the_edge(string line, string says)
    {
        var problem = Assert.Single(Parser.Parse($"T\n\n{line}\n").Problems);
        Assert.Equal(3, problem.At.Line);
        Assert.Contains(says, problem.Sentence + " " + problem.Expected, StringComparison.Ordinal);
    }

    [Fact]
    public void The_neighbours_of_a_wrong_line_are_understood()
    {
        var result = Parser.Parse("T\n\n9:00 for reps\n  10 sit-up\n  ten pull-up\n  12 pull-up\n");
        Assert.Equal(5, Assert.Single(result.Problems).At.Line);
        Assert.Equal(2, Assert.IsType<Workouts.Stage.Window>(result.Workout.Stages[0]).Items.Count);
    }

    [Fact]
    public void A_mend_makes_the_line_right()
    {
        var text = "T\n\n9:00 for reps\n  12 power clean, 22,5 kg\n";
        var mend = Assert.Single(Parser.Parse(text).Problems).Mend!;
        var mended = mend.Edit.ApplyTo(text);
        Assert.Empty(Parser.Parse(mended).Problems);
        Assert.Contains("22.5 kg", mended, StringComparison.Ordinal);
    }

    [Fact]
    public void Comments_and_blank_lines_are_no_part_of_the_workout()
    {
        var plain = Parser.Parse("T\n\n9:00 for reps\n  10 sit-up\n").Workout;
        var busy = Parser.Parse("T // private\n\n\n// more\n9:00  for reps   // clock\r\n  10   sit-up\n\n").Workout;
        Assert.Equal(plain, busy);
    }

    [Fact]
    public void A_note_in_brackets_stays_with_its_line()
    {
        var workout = Parser.Parse("T\n\n9:00 for reps\n  10 sit-up (pad allowed)\n").Workout;
        Assert.Equal("pad allowed", Assert.IsType<Workouts.Stage.Window>(workout.Stages[0]).Items[0].Note);
    }

    [Fact]
    public void Limits_are_refused_clearly()
    {
        Assert.Contains(
            "1000000 characters",
            Assert.Single(Parser.Parse(new string('x', 1_000_000)).Problems).Sentence,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "500 lines",
            Parser.Parse(string.Concat(Enumerable.Repeat("// x\n", 600))).Problems[^1].Sentence,
            StringComparison.Ordinal
        );
        Assert.Contains("300 characters", Parser.Parse("T\n" + new string('x', 301)).Problems[0].Sentence, StringComparison.Ordinal);
        Assert.Contains(Parser.Parse("T\u202Ett").Problems, p => p.Sentence.Contains("hidden", StringComparison.Ordinal));
        Assert.Equal("The draft is empty.", Assert.Single(Parser.Parse("  \n// x\n").Problems).Sentence);
    }

    [Fact]
    public void Names_in_any_script_are_titles_and_movements()
    {
        var result = Parser.Parse("مرحبا 🏋️ <script>alert(1)</script>\n\n9:00 for reps\n  10 Kniebeuge für Große\n");
        Assert.Empty(result.Problems);
        Assert.Equal("مرحبا 🏋️ <script>alert(1)</script>", result.Workout.Title);
    }
}
