using System.Text.Json;
using System.Text.Json.Serialization;
using FairCompass.Core.Format;
using FairCompass.Planning.Days;
using NodaTime.Serialization.SystemTextJson;

namespace FairCompass.Planning;

/// <summary>A plan as it is stored.</summary>
public static class PlanJson
{
    /// <summary>The converters of local dates and times, <c>2027-05-15T09:00:00</c>, and of lists, for whoever writes a plan.</summary>
    public static IReadOnlyList<JsonConverter> Converters { get; } =
    [NodaConverters.LocalDateConverter, NodaConverters.LocalTimeConverter, NodaConverters.LocalDateTimeConverter, new EqConverters()];

    private static readonly JsonSerializerOptions Options = Made();

    /// <summary>The text of a plan, or of a part of one.</summary>
    /// <param name="of">What is written.</param>
    public static string Write<T>(T of) => JsonSerializer.Serialize(of, Options);

    /// <summary>The plan of a stored text.</summary>
    /// <param name="text">What <see cref="Write"/> wrote.</param>
    /// <exception cref="JsonException">It is no plan.</exception>
    public static Plan Read(string text) => Read<Plan>(text);

    /// <summary>What a stored text holds.</summary>
    /// <param name="text">What <see cref="Write"/> wrote.</param>
    /// <exception cref="JsonException">It is something else.</exception>
    public static T Read<T>(string text) => JsonSerializer.Deserialize<T>(text, Options) ?? throw new JsonException("The text says null.");

    private static JsonSerializerOptions Made()
    {
        var core = FormatContext.Default.Options;
        var options = new JsonSerializerOptions { PropertyNamingPolicy = core.PropertyNamingPolicy, IgnoreReadOnlyProperties = true };
        foreach (var converter in core.Converters.Concat(Converters))
        {
            options.Converters.Add(converter);
        }

        options.Converters.Add(new JsonStringEnumConverter(allowIntegerValues: false));
        return options;
    }
}
