namespace FairCompass.Documents.Writing;

/// <summary>A workout to be written into a file that other programs read.</summary>
/// <param name="Title">Its title, without a line break.</param>
/// <param name="Lines">The lines of its draft after the title; leading spaces, two a step, say how deep each stands.</param>
/// <param name="Table">Its loads and amounts: the first row is the head, each other as long as that.</param>
public sealed record WrittenWorkout(string Title, IReadOnlyList<string> Lines, IReadOnlyList<IReadOnlyList<string>> Table)
{
    /// <summary>How deep a line stands, in steps from 0, and its words.</summary>
    /// <param name="line">A line of a draft.</param>
    internal static (int Depth, string Words) Apart(string line)
    {
        var words = line.TrimStart(' ');
        return ((line.Length - words.Length) / 2, words.TrimEnd());
    }
}
