namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>In which order a pair stands in the draft that the words are typed into; null for that of the competition.</summary>
    public bool? DraftHasWomanFirst { get; init; }

    /// <summary>True where lines of a draft are read and no whole text: a head stands without its work, and an interval without what
    /// fills it.</summary>
    public bool OfALine { get; init; }

    /// <summary>What some lines say by themselves, as lines of a draft: without its title and its scores, also where there is no work
    /// yet. Null where something was not understood, or is no more than a remark.</summary>
    /// <param name="from">The first of the lines, from 1.</param>
    /// <param name="implied">True with the window that work must have, also where nobody has said how long it is.</param>
    public IReadOnlyList<string>? WriteLines(int from, bool implied)
    {
        Settle();
        parts.ForEach(WritePart);
        if (!implied)
        {
            WriteScores();
        }

        foreach (var (line, at) in policies.DistinctBy(p => p.Line))
        {
            draft.Add(0, line, at, "a rule in words that are known");
        }

        foreach (var (line, at) in headers)
        {
            draft.Add(0, line, at, "a rule in words that are known");
        }

        var said = draft.Said(from, implied);
        return unread.Count == 0 && said.Exists(l => !l.TrimStart().StartsWith("note: ", StringComparison.Ordinal)) ? said : null;
    }
}
