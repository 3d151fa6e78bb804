using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Json;

/// <summary>
/// Canonical JSON after RFC 8785 with a narrower set of values: objects, arrays, strings, booleans, null, and integers
/// within ±2⁵³. Keys are ordered by UTF-16 units, strings have the shortest escapes, there is no white space. Every other
/// number is written as a string in normal form, <c>"54.3"</c>, because RFC 8785 prints numbers as binary floating point,
/// which this product never uses; <c>90.0</c> is the integer 90.
/// </summary>
public static class CanonicalJson
{
    /// <summary>The canonical text of a JSON value.</summary>
    /// <exception cref="ArgumentException">The value holds a number beyond the range of <see cref="decimal"/>.</exception>
    public static string Write(JsonNode? node)
    {
        var text = new StringBuilder();
        Write(node, text);
        return text.ToString();
    }

    private static void Write(JsonNode? node, StringBuilder text)
    {
        switch (node)
        {
            case null:
                text.Append("null");
                break;
            case JsonObject o:
                text.Append('{');
                var first = true;
                foreach (var (key, value) in o.OrderBy(p => p.Key, StringComparer.Ordinal))
                {
                    text.Append(first ? "" : ",");
                    first = false;
                    String(key, text);
                    text.Append(':');
                    Write(value, text);
                }

                text.Append('}');
                break;
            case JsonArray a:
                text.Append('[');
                for (var i = 0; i < a.Count; i++)
                {
                    text.Append(i > 0 ? "," : "");
                    Write(a[i], text);
                }

                text.Append(']');
                break;
            default:
                Value(node.AsValue(), text);
                break;
        }
    }

    private static void Value(JsonValue value, StringBuilder text)
    {
        switch (value.GetValueKind())
        {
            case JsonValueKind.String:
                String(value.GetValue<string>(), text);
                break;
            case JsonValueKind.True:
                text.Append("true");
                break;
            case JsonValueKind.False:
                text.Append("false");
                break;
            default:
                var written = value.ToJsonString();
                if (!decimal.TryParse(written, NumberStyles.Float, CultureInfo.InvariantCulture, out var n))
                {
                    throw new ArgumentException($"{written} is no number that is computed with.", nameof(value));
                }

                var normal = Number.Normal(n);
                if (decimal.Truncate(n) == n && Math.Abs(n) <= 1L << 53)
                {
                    text.Append(normal);
                }
                else
                {
                    String(normal, text);
                }

                break;
        }
    }

    private static void String(string s, StringBuilder text)
    {
        text.Append('"');
        foreach (var c in s)
        {
            _ = c switch
            {
                '"' => text.Append("\\\""),
                '\\' => text.Append("\\\\"),
                '\b' => text.Append("\\b"),
                '\f' => text.Append("\\f"),
                '\n' => text.Append("\\n"),
                '\r' => text.Append("\\r"),
                '\t' => text.Append("\\t"),
                < ' ' => text.Append(CultureInfo.InvariantCulture, $"\\u{(int)c:x4}"),
                _ => text.Append(c),
            };
        }

        text.Append('"');
    }
}
