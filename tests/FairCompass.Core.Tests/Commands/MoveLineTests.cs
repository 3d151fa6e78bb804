using CsCheck;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Commands;

/// <summary>Lines move with what belongs to them, and stay the lines that they are.</summary>
public class MoveLineTests
{
    private const string Text =
        "Bell\n  for Tideline\n\n12:00 for reps\n  // mats out first\n  3 rounds // slow\n    10 burpee\n\n    // ask Mo\n    20 sit-up\n"
        + "      note: anchored\n  30 wall-ball\n\nscore: reps\n  tie: shared\n";

    private static string Moved(string text, MoveLine command)
    {
        var answer = command.Against(new(ReadDraft.Of(Demo.Competition, text)));
        Assert.Null(answer.Refused);
        return Edits.Apply(text, answer.Value!.Edits);
    }

    [Fact]
    public void Comments_blank_lines_and_lines_under_it_travel_with_a_line() =>
        Assert.Equal(
            "Bell\n  for Tideline\n\n12:00 for reps\n  // mats out first\n  3 rounds // slow\n    10 burpee\n"
                + "\n  // ask Mo\n  20 sit-up\n    note: anchored\n  30 wall-ball\n\nscore: reps\n  tie: shared\n",
            Moved(Text, new(10, Before: 12))
        );

    [Fact]
    public void Under_a_line_it_goes_to_the_end() =>
        Assert.Equal(
            "Bell\n  for Tideline\n\n12:00 for reps\n  // mats out first\n  3 rounds // slow\n    10 burpee\n\n    // ask Mo\n"
                + "    20 sit-up\n"
                + "      note: anchored\n    30 wall-ball\n\nscore: reps\n  tie: shared\n",
            Moved(Text, new(12, Under: 6))
        );

    [Theory]
    [InlineData(3, 6, null, "line")]
    [InlineData(99, 6, null, "line")]
    [InlineData(10, null, null, "before")]
    [InlineData(10, 6, 6, "before")]
    [InlineData(10, 5, null, "before")]
    [InlineData(6, 10, null, "before")]
    [InlineData(6, null, 7, "under")]
    [InlineData(6, 1, null, "before")]
    [InlineData(1, 6, null, "line")]
    public void What_cannot_be_moved_there_is_refused_at_its_field(int line, int? before, int? under, string field) =>
        Assert.Equal(field, new MoveLine(line, before, under).Against(new(ReadDraft.Of(Demo.Competition, Text))).Refused!.Path);

    [Fact]
    public void The_title_stays_first_below_a_comment_too()
    {
        var below = ReadDraft.Of(Demo.Competition, "// mine\n" + Text);
        Assert.Equal("line", new MoveLine(2, Before: 7).Against(new(below)).Refused!.Path);
        Assert.Equal("before", new MoveLine(7, Before: 2).Against(new(below)).Refused!.Path);
    }

    /// <summary>Whatever is moved wherever: no line is lost or made, none changes its words, and each has the id it had.</summary>
    [Fact]
    public void Nothing_is_lost_and_every_line_is_who_it_was() =>
        Gen.Select(Gen.Int[0, DraftTexts.DemoNames.Count - 1], Gen.Int[1, 60], Gen.Int[1, 60], Gen.Bool)
            .Sample(
                (t, line, to, before) =>
                {
                    var text = DraftTexts.Read(DraftTexts.DemoNames[t]);
                    var answer = new MoveLine(line, before ? to : null, before ? null : to).Against(
                        new(ReadDraft.Of(Demo.Competition, text))
                    );
                    if (answer.Value is not { } edits)
                    {
                        return;
                    }

                    var draft = Draft.New(text);
                    var after = draft.Becomes(Edits.Apply(text, edits.Edits));
                    Assert.Equal(Words(text).Order(), Words(after.Text).Order());
                    Assert.Equal(
                        Words(text).Zip(draft.Lines.Lines).Order(Comparer),
                        Words(after.Text).Zip(after.Lines.Lines).Order(Comparer)
                    );
                    Assert.Empty(after.Lines.Gone);
                },
                iter: 3000
            );

    private static readonly Comparer<(string Words, NodeId Id)> Comparer = Comparer<(string Words, NodeId Id)>.Create(
        (a, b) => (a.Id.Value, a.Words).CompareTo((b.Id.Value, b.Words))
    );

    private static IEnumerable<string> Words(string text) => text.Split('\n').Select(l => l.Split("//")[0].Trim()).Where(l => l.Length > 0);
}
