using System.Globalization;

namespace FairCompass.Core.Json;

/// <summary>The steps of a path as the serializer writes it (<c>$.stages[0]['odd key']</c>), outermost first.</summary>
internal static class JsonSteps
{
    /// <summary>One step inwards.</summary>
    internal abstract record Step;

    /// <summary>To the value of a key.</summary>
    internal sealed record Key(string Name) : Step;

    /// <summary>To an item of a list, from 0.</summary>
    internal sealed record Item(int Index) : Step;

    /// <summary>Reads a path; what cannot be read ends it.</summary>
    internal static List<Step> Of(string path)
    {
        var steps = new List<Step>();
        for (var at = 1; at < path.Length; )
        {
            var (step, next) = path[at] switch
            {
                '.' => Plain(path, at + 1),
                '[' when at + 1 < path.Length && path[at + 1] == '\'' => Quoted(path, at + 2),
                '[' => Numbered(path, at + 1),
                _ => (null, path.Length),
            };
            if (step is null)
            {
                break;
            }

            steps.Add(step);
            at = next;
        }

        return steps;
    }

    private static (Step?, int) Plain(string path, int from)
    {
        var end = path.IndexOfAny(['.', '['], from);
        end = end < 0 ? path.Length : end;
        return (new Key(path[from..end]), end);
    }

    private static (Step?, int) Quoted(string path, int from)
    {
        var end = path.IndexOf("']", from, StringComparison.Ordinal);
        return end < 0 ? (null, path.Length) : (new Key(path[from..end]), end + 2);
    }

    private static (Step?, int) Numbered(string path, int from)
    {
        var end = path.IndexOf(']', from);
        return end > 0 && int.TryParse(path.AsSpan(from, end - from), NumberStyles.None, CultureInfo.InvariantCulture, out var index)
            ? (new Item(index), end + 1)
            : (null, path.Length);
    }
}
