using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Lists of their own for some intervals: <c>odd:</c>, <c>1st, 3rd, ...:</c>.</content>
public sealed partial class Parser
{
    /// <summary>The work of an interval; tasks under a line of ordinals are done in those intervals only.</summary>
    private Eq<Work> IntervalLists(IReadOnlyList<DraftLine> lines)
    {
        var all = new List<Work>();
        foreach (var line in lines)
        {
            if (ListHead.Match(line.Content) is not { Success: true } head)
            {
                var c = Open(line);
                Add(all, line, c, WorkLine(line, c, inScheme: false));
                continue;
            }

            var numbers = head.Groups[1].Captures.Select(n => int.Parse(n.Value, CultureInfo.InvariantCulture)).ToList();
            var which = Which(line.Content, numbers, head.Groups[2].Success);
            if (which is null)
            {
                Wrong(line, "These intervals are not in equal steps.", "1st, 3rd, ...: or odd: or a list of their own for the others");
            }

            if (line.Children.Count == 0)
            {
                Wrong(line, "What is done in these intervals?", "its tasks, one level in");
            }

            foreach (var child in line.Children)
            {
                var c = Open(child);
                var work = WorkLine(child, c, inScheme: false);
                if (work is not null and not Work.Task)
                {
                    c.Fail("In a list for some intervals stand tasks.", "an amount and a movement, one level in", start: 0);
                }

                Add(
                    all,
                    child,
                    c,
                    work is Work.Task task && which is { } rounds
                        ? task with
                        {
                            Details = task.Details.Append(new Workouts.Detail.InRounds(rounds)).ToEq(),
                        }
                        : work
                );
            }
        }

        return all.ToEq();
    }

    /// <summary>The intervals as a series that rises by equal steps; null for others.</summary>
    private static Series? Which(string head, List<int> numbers, bool continues) =>
        head.StartsWith("odd", StringComparison.Ordinal) ? Rising([1, 3], true)
        : head.StartsWith("even", StringComparison.Ordinal) ? Rising([2, 4], true)
        : numbers[0] < 1 || (continues && numbers.Count < 2) ? null
        : numbers.Zip(numbers.Skip(1), (a, b) => b - a).Distinct().ToList() is [] or [> 0] ? Rising(numbers, continues)
        : null;

    private static Series Rising(IReadOnlyList<int> numbers, bool continues) =>
        new(numbers.Select(n => new Number(n)).ToEq(), continues, null);

    private void Wrong(DraftLine line, string sentence, string expected)
    {
        var c = Open(line);
        c.Fail(sentence, expected, start: 0);
        problems.Add(c.Problem!);
    }

    [GeneratedRegex(@"^(?:odd|even|(\d{1,4})(?:st|nd|rd|th)(?:, ?(\.\.\.)|, ?(?<1>\d{1,4})(?:st|nd|rd|th))*):$")]
    private static partial Regex ListHead { get; }
}
