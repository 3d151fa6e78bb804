using FairCompass.Core.Competitions;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>A draft of the notation in which some lines are written as coaches write them: each of those is read where it stands, and the
/// others stay as they are.</summary>
internal static class MixedText
{
    /// <summary>Reads a text, or nothing where it is no draft with a few such lines.</summary>
    /// <param name="competition">Whose divisions, unit and movements are meant.</param>
    /// <param name="text">The text, lines separated by <c>\n</c>.</param>
    /// <param name="lines">The same by line.</param>
    public static NaturalReading? Read(Competition competition, string text, string[] lines)
    {
        var parsed = Parser.Parse(text);
        var wrong = parsed.Problems.Select(p => p.At.Line).Distinct().Count();
        if (parsed.Workout.Stages.Count == 0 || 2 * wrong > lines.Count(l => l.Trim().Length > 0))
        {
            return null;
        }

        var read = TypedLines.Read(competition, text, 1, lines.Length, typing: true).Lines.ToDictionary(l => l.Line);
        var draft = new DraftWriter();
        for (var i = 0; i < lines.Length; i++)
        {
            var now = read.TryGetValue(i + 1, out var typed) ? typed.Now.AsEnumerable() : [lines[i]];
            foreach (var line in now)
            {
                if (line.Trim().Length == 0)
                {
                    draft.Space();
                }
                else
                {
                    draft.Add(
                        0,
                        line.TrimEnd(),
                        i + 1,
                        typed is null or { IsMove: true } ? DraftWriter.AsItIs : "a line as coaches write it"
                    );
                }
            }
        }

        var unread = new List<UnreadPiece>();
        NaturalReader.TakeOut(draft, lines, unread);
        return new(draft.Text, draft.Origins, [], [], unread.ToEq());
    }
}
