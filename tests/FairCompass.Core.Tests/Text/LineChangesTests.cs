using CsCheck;
using FairCompass.Core.Text;

namespace FairCompass.Core.Tests.Text;

/// <summary>Comparing and merging texts line by line, against the plain table of the longest common subsequence (Wagner and Fischer,
/// 1974).</summary>
public class LineChangesTests
{
    private static readonly Gen<string> Lines = Gen.OneOf(
            Gen.Const("a"),
            Gen.Const("b"),
            Gen.Const("c"),
            Gen.Const(""),
            Gen.Const("10 sit-up")
        )
        .List[0, 12]
        .Select(l => string.Join('\n', l));

    private static int Longest(string[] a, string[] b)
    {
        var length = new int[a.Length + 1, b.Length + 1];
        for (var i = a.Length - 1; i >= 0; i--)
        {
            for (var j = b.Length - 1; j >= 0; j--)
            {
                length[i, j] = a[i] == b[j] ? length[i + 1, j + 1] + 1 : Math.Max(length[i + 1, j], length[i, j + 1]);
            }
        }

        return length[0, 0];
    }

    private static string Applied(string older, IEnumerable<LineChange> changes)
    {
        var lines = older.Split('\n').ToList();
        foreach (var change in changes.Reverse())
        {
            Assert.Equal(change.Was, lines.Skip(change.Line - 1).Take(change.Was.Count));
            lines.RemoveRange(change.Line - 1, change.Was.Count);
            lines.InsertRange(change.Line - 1, change.Now);
        }

        return string.Join('\n', lines);
    }

    [Fact]
    public void Changes_lead_from_one_text_to_the_other_and_are_as_few_as_can_be() =>
        Gen.Select(Lines, Lines)
            .Sample(
                (older, newer) =>
                {
                    var changes = LineChanges.Between(older, newer);
                    Assert.Equal(newer, Applied(older, changes));
                    var (a, b) = (older.Split('\n'), newer.Split('\n'));
                    var kept = a.Length - changes.Sum(c => c.Was.Count);
                    Assert.Equal(Longest(a, b), kept);
                    Assert.Equal(changes.OrderBy(c => c.Line), changes);
                    Assert.All(changes, c => Assert.True(c.Was.Count + c.Now.Count > 0));
                },
                iter: 3000
            );

    [Fact]
    public void What_only_one_has_changed_is_taken_and_the_same_change_is_made_once() =>
        Gen.Select(Lines, Lines)
            .Sample(
                (was, mine) =>
                {
                    Assert.Equal(mine, LineChanges.Merge(was, mine, was));
                    Assert.Equal(mine, LineChanges.Merge(was, was, mine));
                    if (LineChanges.Merge(was, mine, mine) is { } both)
                    {
                        Assert.Equal(mine, both);
                    }
                },
                iter: 2000
            );

    /// <summary>Two people in different lines: both changes are there, whoever is asked first, and nothing else has moved.</summary>
    [Fact]
    public void Changes_apart_from_each_other_are_both_made() =>
        Gen.Select(Gen.Int[3, 20], Gen.Int[0, 19], Gen.Int[0, 19], Gen.Int[0, 2], Gen.Int[0, 2])
            .Sample(
                (count, first, second, how, other) =>
                {
                    var (mine, theirs) = (first % count, second % count);
                    var lines = Enumerable.Range(0, count).Select(i => "line " + i).ToList();
                    var merged = LineChanges.Merge(
                        Text(lines),
                        Text(Changed(lines, mine, how, "mine")),
                        Text(Changed(lines, theirs, other, "theirs"))
                    );
                    Assert.Equal(
                        merged,
                        LineChanges.Merge(
                            Text(lines),
                            Text(Changed(lines, theirs, other, "theirs")),
                            Text(Changed(lines, mine, how, "mine"))
                        )
                    );
                    if (Math.Abs(mine - theirs) < 2)
                    {
                        // The same line worded in two ways is for a person to decide.
                        Assert.True(merged is null || mine != theirs || how + other > 0, merged);
                        return;
                    }

                    var (low, high) = mine < theirs ? (mine, theirs) : (theirs, mine);
                    var (lowHow, highHow) = mine < theirs ? (how, other) : (other, how);
                    var (lowName, highName) = mine < theirs ? ("mine", "theirs") : ("theirs", "mine");
                    Assert.Equal(Text(Changed(Changed(lines, high, highHow, highName), low, lowHow, lowName)), merged);
                },
                iter: 3000
            );

    private static string Text(IEnumerable<string> lines) => string.Join('\n', lines);

    /// <summary>Another wording, a line taken out, or a line put before.</summary>
    private static List<string> Changed(List<string> lines, int at, int how, string by)
    {
        var other = lines.ToList();
        switch (how)
        {
            case 0:
                other[at] = by;
                break;
            case 1:
                other.RemoveAt(at);
                break;
            default:
                other.Insert(at, by);
                break;
        }

        return other;
    }
}
