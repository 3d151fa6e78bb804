using System.Text.Json;
using System.Text.Json.Serialization;
using FairCompass.Core.Json;
using FairCompass.Core.Quantities;

namespace FairCompass.Planning;

/// <summary>Reads and writes <see cref="Eq{T}"/> of anything, where reflection may be used.</summary>
public sealed class EqConverters : JsonConverterFactory
{
    /// <inheritdoc/>
    public override bool CanConvert(Type typeToConvert) =>
        typeToConvert.IsGenericType && typeToConvert.GetGenericTypeDefinition() == typeof(Eq<>);

    /// <inheritdoc/>
    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        (JsonConverter)Activator.CreateInstance(typeof(EqConverter<>).MakeGenericType(typeToConvert.GetGenericArguments()))!;
}
