using CsCheck;
using FairCompass.Core.Text;

namespace FairCompass.Core.Tests.Text;

public class TextTests
{
    [Theory]
    [InlineData("Estury", "Estuary")]
    [InlineData("powr clean", "power clean")]
    [InlineData("Tidelnie", "Tideline")]
    [InlineData("kettlebell", null)]
    public void The_nearest_known_word(string typed, string? expected) =>
        Assert.Equal(expected, Words.Nearest(typed, ["Estuary", "Tideline", "power clean", "Meadow"]));

    [Fact]
    public void Words_are_joined_as_in_a_sentence()
    {
        Assert.Equal("a, b and c", Words.Join(["a", "b", "c"]));
        Assert.Equal("1 rep", Words.Count(1, "rep"));
        Assert.Equal("0 reps", Words.Count(0, "rep"));
        Assert.Equal(
            ["1st", "2nd", "3rd", "4th", "11th", "12th", "13th", "21st", "102nd"],
            new long[] { 1, 2, 3, 4, 11, 12, 13, 21, 102 }.Select(Words.Ordinal)
        );
    }

    [Fact]
    public void Changes_rebuild_the_newer_text() =>
        Gen.Select(Lines, Lines)
            .Sample(
                (older, newer) =>
                {
                    var lines = older.Split('\n').ToList();
                    foreach (var change in LineChanges.Between(older, newer).Reverse())
                    {
                        Assert.Equal(change.Was, lines.GetRange(change.Line - 1, change.Was.Count));
                        lines.RemoveRange(change.Line - 1, change.Was.Count);
                        lines.InsertRange(change.Line - 1, change.Now);
                    }

                    Assert.Equal(newer, string.Join('\n', lines));
                }
            );

    [Fact]
    public void Changes_of_different_lines_are_merged_and_others_are_left_to_a_person()
    {
        Assert.Equal("a2\nb\nc\nd2", LineChanges.Merge("a\nb\nc\nd", "a2\nb\nc\nd", "a\nb\nc\nd2"));
        Assert.Null(LineChanges.Merge("a\nb", "a2\nb", "a3\nb"));
        Assert.Null(LineChanges.Merge("a\nb", "a2\nb", "a\nb3"));
        Assert.Equal("a2\nb", LineChanges.Merge("a\nb", "a2\nb", "a2\nb"));
    }

    /// <summary>Merging with no change of one's own takes theirs, and the other way round.</summary>
    [Fact]
    public void Merging_with_one_side_unchanged_gives_the_other() =>
        Gen.Select(Lines, Lines)
            .Sample(
                (older, newer) =>
                {
                    Assert.Equal(newer, LineChanges.Merge(older, older, newer) ?? newer);
                    Assert.Equal(newer, LineChanges.Merge(older, newer, older) ?? newer);
                }
            );

    private static readonly Gen<string> Lines = Pick.Of("a", "b", "c", "").List[1, 8].Select(l => string.Join('\n', l));
}
