using System.Text;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>A place of a text that is to be filled in.</summary>
/// <param name="From">Where it begins, in UTF-16 units from 0.</param>
/// <param name="To">Where it ends.</param>
public sealed record OpenPlace(int From, int To);

/// <summary>A draft that was begun with a structure.</summary>
/// <param name="Text">The whole text.</param>
/// <param name="Places">What is to be filled in, in the order in which one goes through it.</param>
public sealed record BegunDraft(string Text, Eq<OpenPlace> Places);

/// <summary>A skeleton of a workout, with places that are filled in one after the other.</summary>
/// <param name="Name">What the trade calls it: <c>falling sets</c>.</param>
/// <param name="Means">What it is, in a sentence.</param>
/// <param name="ForTeams">True for what only a team can do.</param>
public sealed partial record Structure(string Name, string Means, bool ForTeams)
{
    private string Head { get; init; } = "";

    private string Lines { get; init; } = "";

    /// <summary>A draft with this structure behind what it has: lines of the heading under the title, the work and its score at the
    /// end.</summary>
    /// <param name="body">The draft, usually a title and for whom it is; an empty one gets a title to be filled in.</param>
    public BegunDraft Begin(string body)
    {
        var lines = body.Replace("\r\n", "\n", StringComparison.Ordinal).TrimEnd().Split('\n').ToList();
        var heading = 1;
        while (heading < lines.Count && lines[heading].StartsWith(' '))
        {
            heading++;
        }

        var text = new Marked();
        text.Add(lines is [""] ? "«New workout»" : lines[0], marks: lines is [""]);
        foreach (var line in lines.Take(heading).Skip(1))
        {
            text.Add("\n" + line, marks: false);
        }

        text.Add(Head.Length == 0 ? "" : "\n" + Head, marks: true);
        foreach (var line in lines.Skip(heading))
        {
            text.Add("\n" + line, marks: false);
        }

        text.Add("\n\n" + Lines, marks: true);
        return new(text.ToString(), text.Places.ToEq());
    }

    /// <summary>A text that is put together, and where its marks «…» stood; words of others keep theirs.</summary>
    private sealed class Marked
    {
        private readonly StringBuilder text = new();

        public List<OpenPlace> Places { get; } = [];

        public void Add(string more, bool marks)
        {
            var from = 0;
            foreach (var c in more)
            {
                switch (c)
                {
                    case '«' when marks:
                        from = text.Length;
                        break;
                    case '»' when marks:
                        Places.Add(new(from, text.Length));
                        break;
                    default:
                        text.Append(c);
                        break;
                }
            }
        }

        public override string ToString() => text.ToString();
    }
}
