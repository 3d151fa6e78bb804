using System.Globalization;
using System.Text.Json;

namespace FairCompass.Core.Json;

/// <summary>
/// Where a document was wrong. The serializer knows the path down to the first list with a converter of its own; the rest
/// travels with the exception.
/// </summary>
public static class JsonPlace
{
    private const string Tail = "FairCompass.Tail";

    /// <summary>The whole JSON path, such as <c>$.stages[0].items[2].amount</c>.</summary>
    public static string Of(JsonException exception) =>
        (string.IsNullOrEmpty(exception.Path) ? "$" : exception.Path) + exception.Data[Tail];

    /// <summary>The same failure, one list further out.</summary>
    /// <param name="inner">What went wrong inside an item.</param>
    /// <param name="index">The item's position in its list.</param>
    public static JsonException Inside(JsonException inner, int index)
    {
        var path = inner.Path is { Length: > 1 } p ? p[1..] : "";
        var outer = new JsonException(inner.Message, null, inner.LineNumber, inner.BytePositionInLine, inner);
        outer.Data[Tail] = "[" + index.ToString(CultureInfo.InvariantCulture) + "]" + path + inner.Data[Tail];
        return outer;
    }
}
