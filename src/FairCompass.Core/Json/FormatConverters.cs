using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Json;

/// <summary>A number as a string in normal form, <c>"22.5"</c>, or <c>"unset"</c>: JSON numbers would lose exactness in many
/// readers.</summary>
public sealed class NumberConverter : JsonConverter<Number>
{
    /// <inheritdoc/>
    public override Number Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType != JsonTokenType.String)
        {
            throw new JsonException("A number is written as a string, such as \"22.5\".");
        }

        var text = reader.GetString()!;
        if (text == "unset")
        {
            return Number.Unset;
        }

        return
            text.Length is > 0 and <= 11
            && text.All(c => char.IsAsciiDigit(c) || c == '.')
            && decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value)
            && value <= 999_999.9999m
            && decimal.Round(value, 4) == value
            ? new Number(value)
            : throw new JsonException($"“{text}” is not a number of at most six digits and four decimals, nor unset.");
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, Number value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.ToNormalString());
}

/// <summary>A duration as whole milliseconds.</summary>
public sealed class DurationConverter : JsonConverter<Duration>
{
    /// <inheritdoc/>
    public override Duration Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType == JsonTokenType.Number && reader.TryGetInt64(out var ms) && ms is >= 0 and <= 86_400_000
            ? new Duration(ms)
            : throw new JsonException("A time is a whole number of milliseconds from 0 to 86400000.");

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, Duration value, JsonSerializerOptions options) => writer.WriteNumberValue(value.Ms);
}

/// <summary>A value-equal list as an array.</summary>
/// <typeparam name="T">The item.</typeparam>
public sealed class EqConverter<T> : JsonConverter<Eq<T>>
{
    /// <inheritdoc/>
    public override bool HandleNull => true;

    /// <inheritdoc/>
    public override Eq<T> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType != JsonTokenType.StartArray)
        {
            throw new JsonException("An array is expected here.");
        }

        var type = (System.Text.Json.Serialization.Metadata.JsonTypeInfo<T>)options.GetTypeInfo(typeof(T));
        var items = new List<T>();
        while (reader.Read() && reader.TokenType != JsonTokenType.EndArray)
        {
            try
            {
                items.Add(
                    JsonSerializer.Deserialize(ref reader, type)
                        ?? (
                            default(T) is null && typeof(T).IsValueType
                                ? default!
                                : throw new JsonException("null cannot stand in this array.")
                        )
                );
            }
            catch (JsonException e)
            {
                throw JsonPlace.Inside(e, items.Count);
            }
            catch (NotSupportedException e)
            {
                throw JsonPlace.Inside(new JsonException("The kind of this object is missing.", e), items.Count);
            }
        }

        return items.ToEq();
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, Eq<T> value, JsonSerializerOptions options)
    {
        var type = (System.Text.Json.Serialization.Metadata.JsonTypeInfo<T>)options.GetTypeInfo(typeof(T));
        writer.WriteStartArray();
        foreach (var item in value)
        {
            JsonSerializer.Serialize(writer, item, type);
        }

        writer.WriteEndArray();
    }
}
