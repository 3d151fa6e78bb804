using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <summary>A line that was taken out, so that it is known again when it comes back.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Words">What it said.</param>
public sealed record GoneLine(NodeId Id, string Words);

/// <summary>
/// The ids of the lines of one draft: of each line that says something, in the order of the text. What hangs on a line (a ruling,
/// a waived finding, what was seen of a task) names it by its id. An id is never given twice.
/// </summary>
/// <param name="Lines">An id for each line that says something.</param>
/// <param name="Next">The next id that was never given.</param>
/// <param name="Gone">The last lines that were taken out, newest first; at most <see cref="MostGone"/>.</param>
public sealed record LineIds(Eq<NodeId> Lines, int Next, Eq<GoneLine> Gone)
{
    /// <summary>How many lines that were taken out are remembered: a whole workout that is cut and pasted back.</summary>
    public const int MostGone = 200;

    /// <summary>The ids of a new text: 1, 2, 3 …</summary>
    public static LineIds Of(string text)
    {
        var count = SaidLine.Of(text, kinds: false).Count;
        return new(Enumerable.Range(1, count).Select(n => new NodeId(n)).ToEq(), count + 1, []);
    }

    /// <summary>The ids that came with a text from elsewhere.</summary>
    /// <param name="text">The text.</param>
    /// <param name="ids">One for each line that says something.</param>
    /// <returns>The ids, or the place of one that cannot be, as <c>lines[3]</c>.</returns>
    public static Answer<LineIds> Given(string text, Eq<int> ids)
    {
        var count = SaidLine.Of(text, kinds: false).Count;
        if (ids.Count != count)
        {
            return new FieldError("lines", $"The text has {count} lines that say something, and here are {ids.Count} ids.");
        }

        var seen = new Dictionary<int, int>();
        for (var i = 0; i < ids.Count; i++)
        {
            if (ids[i] is < 1 or > Largest)
            {
                return new FieldError($"lines[{i}]", $"An id is a whole number from 1 to {Largest}.");
            }

            if (!seen.TryAdd(ids[i], i))
            {
                return new FieldError(
                    $"lines[{i}]",
                    $"The id {ids[i]} stands at lines[{seen[ids[i]]}] already; a line has an id of its own."
                );
            }
        }

        return new LineIds(ids.Select(i => new NodeId(i)).ToEq(), ids.DefaultIfEmpty(0).Max() + 1, []);
    }

    /// <summary>The largest id that is taken from elsewhere: room is left to count on.</summary>
    public const int Largest = 1_000_000_000;

    /// <summary>The id of each line of the text, by its number from 1.</summary>
    public IReadOnlyDictionary<int, NodeId> ByNumber(string text) =>
        SaidLine.Of(text, kinds: false).Zip(Lines, (line, id) => (line.Number, id)).ToDictionary(x => x.Number, x => x.id);

    /// <summary>
    /// The ids after the text was changed. A line keeps its id when its words are the same, wherever it went; of several equal ones
    /// the nearest in order. A changed line keeps the id of the line that it replaced, when it stands under the same line and is of
    /// the same kind; of a line that was split, the half that is more like it. A line that comes back after it was taken out has its
    /// id again. Every other line is new.
    /// </summary>
    /// <param name="older">The text that these are the ids of.</param>
    /// <param name="newer">The text that replaces it.</param>
    public LineIds Follow(string older, string newer)
    {
        if (older == newer)
        {
            return this;
        }

        var (was, now) = (SaidLine.Of(older), SaidLine.Of(newer));
        var from = LineMatching.Of(was, now);
        var gone = Gone.ToList();
        var next = Next;
        var ids = new NodeId[now.Count];
        for (var j = 0; j < now.Count; j++)
        {
            if (from[j] >= 0)
            {
                ids[j] = Lines[from[j]];
            }
            else if (gone.FindIndex(g => g.Words == now[j].Words) is >= 0 and var back)
            {
                ids[j] = gone[back].Id;
                gone.RemoveAt(back);
            }
            else
            {
                ids[j] = new(next++);
            }
        }

        var kept = from.ToHashSet();
        var taken = was.Select((line, i) => (line, i)).Where(x => !kept.Contains(x.i)).Select(x => new GoneLine(Lines[x.i], x.line.Words));
        return new(ids.ToEq(), next, taken.Concat(gone).Take(MostGone).ToEq());
    }
}
