using FairCompass.Core.Workouts;

namespace FairCompass.Core.LayingOut;

/// <summary>
/// Which lines of work are done on one bar: those between which the draft says that it is loaded anew. A change after the last line leads
/// back to the first, as in rounds; one before the first concerns all of them, as the windows of waves do. Every other line has a bar of
/// its own, which stands ready.
/// </summary>
internal sealed class BarChains
{
    private readonly Dictionary<int, int> first = [];
    private readonly Dictionary<int, int> lengths;

    /// <summary>Finds them.</summary>
    /// <param name="lines">The lines of work on a bar.</param>
    /// <param name="workout">The draft, which says where a bar is loaded anew.</param>
    public BarChains(IEnumerable<int> lines, Workout workout)
    {
        var ordered = lines.Distinct().Order().ToList();
        foreach (var line in ordered)
        {
            first[line] = line;
        }

        foreach (var change in WorkTree.ReRigLines(workout))
        {
            var (before, after) = (ordered.FindLastIndex(l => l <= change), ordered.FindIndex(l => l > change));
            if (before < 0)
            {
                ordered.ForEach(l => Join(ordered[0], l));
            }
            else
            {
                Join(ordered[after < 0 ? 0 : before], ordered[after < 0 ? before : after]);
            }
        }

        lengths = first.Values.CountBy(f => f).ToDictionary();
    }

    /// <summary>The first line of the bar that a line is done on; the line itself where it has the bar alone.</summary>
    /// <param name="line">A line of work on a bar.</param>
    public int FirstOf(int line) => first.GetValueOrDefault(line, line);

    /// <summary>How many lines are done on the bar of a line.</summary>
    /// <param name="line">A line of work on a bar.</param>
    public int LengthOf(int line) => first.Count == 0 ? 1 : lengths.GetValueOrDefault(FirstOf(line), 1);

    private void Join(int a, int b)
    {
        var (one, other) = (Math.Min(first[a], first[b]), Math.Max(first[a], first[b]));
        foreach (var line in first.Keys.Where(l => first[l] == other).ToList())
        {
            first[line] = one;
        }
    }
}
