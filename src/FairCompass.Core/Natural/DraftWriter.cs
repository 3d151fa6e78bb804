using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>The draft as it is put together, line by line, each with where it comes from.</summary>
internal sealed class DraftWriter
{
    private readonly List<(string Text, int From, string How)> lines = [];

    /// <summary>Adds a line.</summary>
    /// <param name="depth">How far it is indented.</param>
    /// <param name="text">Its words.</param>
    /// <param name="from">The line of the text that says it; 0 for what the form implies.</param>
    /// <param name="how">The rule by which it was read.</param>
    public void Add(int depth, string text, int from, string how) => lines.Add((new string(' ', 2 * depth) + text, from, how));

    /// <summary>Adds an empty line.</summary>
    public void Space() => lines.Add(("", 0, ""));

    /// <summary>The draft.</summary>
    public string Text => string.Join('\n', lines.Select(l => l.Text)) + "\n";

    /// <summary>Where each line comes from; empty lines have none.</summary>
    public Eq<LineOrigin> Origins =>
        lines.Select((l, i) => (l, i)).Where(x => x.l.Text.Length > 0).Select(x => new LineOrigin(x.l.From, x.i + 1, x.l.How)).ToEq();

    /// <summary>The lines that come from some line of the text or a later one, moved so far left that the first stands at the edge;
    /// what the form implies is left out.</summary>
    /// <param name="from">From 1.</param>
    /// <param name="implied">True with what the form implies.</param>
    public List<string> Said(int from, bool implied)
    {
        var said = lines.Where(l => (implied || l.From >= from) && l.Text.Length > 0).Select(l => l.Text).ToList();
        var indent = said.Count == 0 ? 0 : said[0].Length - said[0].TrimStart().Length;
        return said.ConvertAll(l => l[Math.Min(indent, l.Length - l.TrimStart().Length)..]);
    }

    /// <summary>How many lines there are.</summary>
    public int Count => lines.Count;

    /// <summary>A line with its indent, and the line of the text that it comes from.</summary>
    /// <param name="index">From 0.</param>
    public (string Text, int From) At(int index) => (lines[index].Text, lines[index].From);

    /// <summary>Changes something, and leaves everything as it was where that does not come to what is wanted.</summary>
    /// <param name="change">The change; false where it does not.</param>
    public bool Attempt(Func<bool> change)
    {
        var before = lines.ToList();
        if (change())
        {
            return true;
        }

        lines.Clear();
        lines.AddRange(before);
        return false;
    }

    /// <summary>Puts a line between others if the notation then has every line.</summary>
    /// <param name="index">Where it will stand, from 0.</param>
    /// <param name="depth">How far it is indented.</param>
    /// <param name="text">Its words.</param>
    /// <param name="from">The line of the text that says it.</param>
    /// <returns>False, and nothing is changed, where the notation does not have it there.</returns>
    public bool TryInsert(int index, int depth, string text, int from) =>
        Attempt(() =>
        {
            lines.Insert(index, (new string(' ', 2 * depth) + text, from, AsItIs));
            return IsUnderstood;
        });

    /// <summary>Puts other words into a line if the notation then has every line.</summary>
    /// <param name="index">From 0.</param>
    /// <param name="text">The line with its indent.</param>
    /// <returns>False, and nothing is changed, where the notation does not have them.</returns>
    public bool TryReplace(int index, string text) =>
        Attempt(() =>
        {
            lines[index] = lines[index] with { Text = text };
            return IsUnderstood;
        });

    /// <summary>Every line in the form that the printer writes, where that has as many lines as the draft.</summary>
    public void Print()
    {
        var printed = Printer.Print(Parser.Parse(Text).Workout).Split('\n').Where(l => l.Length > 0).ToList();
        var said = lines.FindAll(l => l.Text.Length > 0);
        if (printed.Count != said.Count)
        {
            return;
        }

        for (int i = 0, n = 0; i < lines.Count; i++)
        {
            if (lines[i].Text.Length > 0)
            {
                lines[i] = lines[i] with { Text = printed[n++] };
            }
        }
    }

    /// <summary>How a line is read that is written as the notation writes it.</summary>
    public const string AsItIs = "in the notation already";

    private bool IsUnderstood => Parser.Parse(Text).Problems.Count == 0;

    /// <summary>Takes out a line that the notation does not have.</summary>
    /// <param name="number">From 1.</param>
    /// <returns>Its words, and the line of the text that it came from.</returns>
    public (string Words, int From) Remove(int number)
    {
        var (text, from, _) = lines[number - 1];
        lines.RemoveAt(number - 1);
        return (text.Trim(), from);
    }
}
