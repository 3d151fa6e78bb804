using System.Text;

namespace FairCompass.Documents.Writing;

/// <summary>Workouts as text: bare, or with the marks of Markdown (CommonMark 0.31), a heading each and their lines as a list. Both
/// are read
/// again as what they were.</summary>
public static class MarkedText
{
    /// <summary>The media type of Markdown (RFC 7763).</summary>
    public const string MarkdownType = "text/markdown";

    /// <summary>Bare text: the title, then the lines. Several are parted by a heading each, so that they are told apart.</summary>
    /// <param name="workouts">What is written.</param>
    public static string Plain(IReadOnlyList<WrittenWorkout> workouts) =>
        Joined(workouts, w => (workouts.Count > 1 ? "# " : "") + w.Title, line => line);

    /// <summary>Markdown.</summary>
    /// <param name="workouts">What is written.</param>
    public static string Markdown(IReadOnlyList<WrittenWorkout> workouts) =>
        Joined(
            workouts,
            w => "# " + w.Title + "\n",
            line =>
            {
                var (depth, words) = WrittenWorkout.Apart(line);
                return words.Length == 0 ? "" : new string(' ', 2 * depth) + "- " + words;
            }
        );

    private static string Joined(IReadOnlyList<WrittenWorkout> workouts, Func<WrittenWorkout, string> title, Func<string, string> written)
    {
        var text = new StringBuilder();
        foreach (var workout in workouts)
        {
            text.Append(text.Length > 0 ? "\n" : "").Append(title(workout)).Append('\n');
            foreach (var line in workout.Lines)
            {
                text.Append(written(line)).Append('\n');
            }
        }

        return text.ToString();
    }
}
