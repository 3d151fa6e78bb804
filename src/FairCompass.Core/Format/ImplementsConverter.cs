using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using FairCompass.Core.Competitions;
using FairCompass.Core.Json;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Format;

/// <summary>
/// The implements of a lane: <c>{"mass": 24, "count": 2}</c> each. A bare mass is read too, as kits were written before they had
/// numbers; one that stands there twice means two.
/// </summary>
public sealed class ImplementsConverter : JsonConverter<Eq<ImplementStock>>
{
    /// <inheritdoc/>
    public override bool HandleNull => true;

    /// <inheritdoc/>
    public override Eq<ImplementStock> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType != JsonTokenType.StartArray)
        {
            throw new JsonException("An array is expected here.");
        }

        var type = (JsonTypeInfo<ImplementStock>)options.GetTypeInfo(typeof(ImplementStock));
        var bare = new List<decimal>();
        var items = new List<ImplementStock>();
        for (var at = 0; reader.Read() && reader.TokenType != JsonTokenType.EndArray; at++)
        {
            try
            {
                if (reader.TokenType == JsonTokenType.Number)
                {
                    bare.Add(reader.GetDecimal());
                }
                else
                {
                    items.Add(JsonSerializer.Deserialize(ref reader, type) ?? throw new JsonException("null cannot stand in this array."));
                }
            }
            catch (Exception e) when (e is JsonException or FormatException)
            {
                throw JsonPlace.Inside(e as JsonException ?? new JsonException("This is no mass.", e), at);
            }
        }

        return ImplementStock.OfMasses(bare).Concat(items).ToEq();
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, Eq<ImplementStock> value, JsonSerializerOptions options)
    {
        var type = (JsonTypeInfo<ImplementStock>)options.GetTypeInfo(typeof(ImplementStock));
        writer.WriteStartArray();
        foreach (var item in value)
        {
            JsonSerializer.Serialize(writer, item, type);
        }

        writer.WriteEndArray();
    }
}
