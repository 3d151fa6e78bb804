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
