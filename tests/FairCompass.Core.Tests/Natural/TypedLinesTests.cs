using CsCheck;
using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Tests.Playing;

namespace FairCompass.Core.Tests.Natural;

/// <summary>Lines typed into a draft as coaches write them.</summary>
public class TypedLinesTests
{
    /// <summary>What is written in place of one or more lines under a title, each as coaches write it (common practice).</summary>
    public static TheoryData<string, string> Written =>
        new()
        {
            { "AMRAP 9", "9:00 for reps\n  rounds without end" },
            { "9 min AMRAP", "9:00 for reps\n  rounds without end" },
            { "EMOM 10", "10:00 for reps\n  every 1:00" },
            { "For time (cap 9 min):", "9:00 for time" },
            { "4 x 2:00 on, 1:00 off", "4 cycles, rest 1:00 between\n  2:00 for reps" },
            { "9:00 for time\n18-12-6\ndeadlift\npull-up", "9:00 for time\n  18-12-6 of\n    deadlift\n    pull-up" },
            { "9:00 for time\n  3 rounds of\n    10 burpee", "9:00 for time\n  3 rounds\n    10 burpee" },
            { "9:00 for time\n  3 rounds:\n    10 burpee", "9:00 for time\n  3 rounds\n    10 burpee" },
            { "30 sit-up\n20 burpee", "unset for time\n  30 sit-up\n  20 burpee" },
            { "9:00 for time\n30 sit-up\n20 burpee", "9:00 for time\n  30 sit-up\n  20 burpee" },
            { "9:00 for time\n      30 sit-up\n          20 burpee\n score: time", "9:00 for time\n  30 sit-up\n  20 burpee\nscore: time" },
            { "9:00 for time\n  10 deadlift 80/55 kg", "9:00 for time\n  10 deadlift, 80/55 kg" },
            { "9:00 for time\n  10 deadlift, 80kg/55kg", "9:00 for time\n  10 deadlift, 80/55 kg" },
            { "9:00 for time\n  20 cal air bike/15 cal", "9:00 for time\n  20/15 cal air bike" },
            { "9:00 for time\n  10 dumbbell thruster, 2x15/10 kg", "9:00 for time\n  10 dumbbell thruster, 2 x 15/10 kg" },
            { "9:00 for time\n  10 dumbbell thruster, 2 × 15/10 kg", "9:00 for time\n  10 dumbbell thruster, 2 x 15/10 kg" },
            { "9:00 for time\n  10 burpee\n    women: 8", "9:00 for time\n  10/8 burpee" },
            { "9:00 for time\n  10 thruster\n    men 43 kg, women 30 kg", "9:00 for time\n  10 thruster, 43/30 kg" },
            { "9:00 for time\n  10 thrusters @ 43/30 // ours", "9:00 for time\n  10 thruster, 43/30 kg // ours" },
            {
                "9:00 for time\n  30 sit-up\n  20 burpee\nscore: time\n  tie: time after the sit-up",
                "9:00 for time\n  30 sit-up\n  checkpoint Sit-up done\n  20 burpee\nscore: time\n  tie: time at Sit-up done"
            },
            { "9:00 for points\n  30 sit-up\n    credited 10", "9:00 for points\n  30 sit-up, credited 10" },
            { "unset for time\n  10 burpee\ncap 9 min", "9:00 for time\n  10 burpee" },
            { "9:00 for time\n  10 burpee\nscore: time\nties shared", "9:00 for time\n  10 burpee\nscore: time\n  tie: shared" },
            { "9:00 for reps\n  10 burpee\nties shared", "9:00 for reps\n  10 burpee\nscore: reps\n  tie: shared" },
            { "9:00 for time\n  10 burpee\nties shared", "9:00 for time\n  10 burpee\nscore: time\n  tie: shared" },
            { "9:00 for time\n  15 T2B\n  20 WBS, 9/6 kg", "9:00 for time\n  15 toes-to-bar\n  20 wall-ball shot, 9/6 kg" },
        };

    [Theory]
    [MemberData(nameof(Written))]
    public void Typed_line_after_line_it_is_read_where_it_stands(string typed, string written) =>
        Assert.Equal("Title\n\n" + written, Typed("Title\n", typed.Split('\n')).TrimEnd());

    /// <summary>Types lines one after the other, each read when it is left, as the page does.</summary>
    private static string Typed(string before, string[] typed)
    {
        var text = before;
        foreach (var line in typed)
        {
            text += "\n" + line;
            var at = text.Count(c => c == '\n') + 1;
            text = Read(text, at, at);
        }

        return text;
    }

    private static string Read(string text, int from, int to)
    {
        var done = new ReadLines(from, to).Against(new DraftToEdit(ReadDraft.Of(Demo.Competition, text)));
        return Edits.Apply(text, done.Value!.Edits);
    }

    [Theory]
    [MemberData(nameof(Written))]
    public void A_whole_draft_says_once_what_can_be_read_and_its_mends_write_it(string typed, string written)
    {
        var text = "Title\n\n" + typed;
        for (var i = 0; i < 12; i++)
        {
            var wrong = Wrong(text).FirstOrDefault(f => f.Mends.Count > 0);
            if (wrong is null)
            {
                break;
            }

            text = wrong.Mends[0].ApplyTo(text);
        }

        Assert.Equal("Title\n\n" + written, string.Join('\n', text.Split('\n').Where((l, i) => i < 2 || l.Length > 0)));
    }

    private static IEnumerable<Finding> Wrong(string text) =>
        Demo.Understand(text).Findings().Where(f => f.Rule == CheckList.NotUnderstood || (f.Rule == "standard-missing"));

    /// <summary>A wrong first line of the work brings one message, and none elsewhere that follows from it.</summary>
    [Theory]
    [InlineData("AMRAP 9\n10 burpee\n12 sit-up\n14 pull-up")]
    [InlineData("in the morning\n  10 burpee\nscore: reps\n  tie: shared")]
    [InlineData("9:00 for time\n  ten of this\n  ten of this\n  ten of this\nscore: time\n  unfinished: cap line by reps\n  tie: shared")]
    public void One_mistake_is_one_message(string body) =>
        Assert.Equal(CheckList.NotUnderstood, Assert.Single(Demo.Understand("Title\n\n" + body).Findings()).Rule);

    [Theory]
    [InlineData("  3 rounds", 4)]
    [InlineData("  10 burpee", 2)]
    [InlineData("score: reps", 2)]
    [InlineData("rest 1:00", 0)]
    [InlineData("12:00 clock", 2)]
    public void A_new_line_begins_where_it_belongs(string last, int indent) =>
        Assert.Equal(indent, TypedLines.IndentBehind("Title\n\n9:00 for reps\n" + last, 4));

    [Fact]
    public void What_is_typed_behind_rounds_without_work_goes_into_them() =>
        Assert.Equal(
            "Title\n\n9:00 for time\n  3 rounds\n    10 burpee\n    8 pull-up",
            Typed("Title\n", ["9:00 for time", "3 rounds", "  10 burpee", "    8 pull-up"])
        );

    /// <summary>What is right stays as it is, also where it is read as typed just now.</summary>
    [Fact]
    public void A_draft_without_mistakes_is_left_alone()
    {
        var first = Environment.TickCount & 0xFFFFF;
        foreach (var text in DraftTexts.DemoNames.Select(DraftTexts.Read).Concat(Enumerable.Range(first, 40).Select(PlausibleDrafts.Of)))
        {
            var read = TypedLines.Read(Demo.Competition, text, 1, 1000, typing: true).Lines;
            Assert.True(read.Count == 0, $"from seed {first}: {string.Join('|', read)}\n{text}");
        }
    }

    /// <summary>Whatever is typed: no line is understood less well than before, and what was read is right.</summary>
    [Fact]
    public void Reading_lines_never_makes_a_draft_worse() =>
        Gen.Select(
                Gen.Int[0, DraftTexts.DemoNames.Count - 1],
                Gen.Int[0, 60],
                Gen.Int[0, Mistakes.Length - 1].Select(i => Mistakes[i]),
                Gen.Int[0, 6]
            )
            .Sample(
                (which, at, mistake, spaces) =>
                {
                    var lines = DraftTexts.Read(DraftTexts.DemoNames[which]).Split('\n').ToList();
                    var right = lines.ToList();
                    lines.Insert(Math.Min(2 + at, lines.Count), new string(' ', spaces) + mistake);
                    var text = string.Join('\n', lines);
                    var read = TypedLines.Apply(text, TypedLines.Read(Demo.Competition, text, 1, lines.Count, typing: false).Lines);
                    Assert.True(Parser.Parse(read).Problems.Count <= Parser.Parse(text).Problems.Count, $"{text}\n----\n{read}");
                    var again = TypedLines.Apply(read, TypedLines.Read(Demo.Competition, read, 1, 1000, typing: false).Lines);
                    Assert.True(read == again, $"{text}\n---- once\n{read}\n---- twice\n{again}");
                    // The lines that were right are told nothing; of them no more than the one says something else to which the
                    // words belong.
                    var told = Demo.Understand(text).Findings().Where(f => f.Rule == CheckList.NotUnderstood).ToList();
                    Assert.True(told.Count <= 1, $"{text}\n{string.Join('\n', told)}");
                    Assert.True(
                        right.Select(l => l.Trim()).Except(read.Split('\n').Select(l => l.Trim())).Count() <= 1,
                        $"{text}\n----\n{read}"
                    );
                },
                iter: Environment.GetEnvironmentVariable("LONG") is null ? 60 : 3000
            );

    private static readonly string[] Mistakes =
    [
        "AMRAP 12",
        "10 thrusters 43/30",
        "21-15-9",
        "cap 8",
        "women: 8",
        "Meadow 30 kg",
        "3 rounds of:",
        "- 15 cal row",
        "ties shared",
        "rest 2 min",
        "kipping allowed",
        "max burpees",
        "(",
        "10/8/6 burpee",
        "EMOM 5: 3 power cleans",
        "tie: time after the burpee",
        "\t12 pull ups",
    ];

    [Fact]
    public void A_range_that_is_not_there_is_refused()
    {
        var draft = new DraftToEdit(ReadDraft.Of(Demo.Competition, "Title\n\n9:00 for time"));
        Assert.Equal("from", new ReadLines(0, 1).Against(draft).Refused!.Path);
        Assert.Equal("to", new ReadLines(2, 1).Against(draft).Refused!.Path);
        Assert.Equal("to", new ReadLines(2, 9).Against(draft).Refused!.Path);
    }
}
