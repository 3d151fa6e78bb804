using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Json;

/// <summary>
/// What is wrong with a document that could not be read, each fault at its own path. The serializer tells only in words, and of keys
/// that are missing not all; so the document is held against the type once more, at the place where reading stopped.
/// </summary>
public static class JsonFaults
{
    private const string Found = "FairCompass.Faults";

    /// <summary>Reads a document.</summary>
    /// <exception cref="JsonException">It is malformed or not of this type; <see cref="Of(JsonException)"/> says what is wrong.</exception>
    public static T? Read<T>(string json, JsonTypeInfo<T> type)
    {
        try
        {
            return JsonSerializer.Deserialize(json, type);
        }
        catch (JsonException e)
        {
            throw Named(e, json, type);
        }
    }

    /// <summary>The same failure, with what is wrong in a document of a type.</summary>
    public static JsonException Named(JsonException failure, string json, JsonTypeInfo type)
    {
        try
        {
            using var document = JsonDocument.Parse(json, new JsonDocumentOptions { MaxDepth = type.Options.MaxDepth });
            failure.Data[Found] = Look(failure, document.RootElement, type).ToList();
        }
        catch (JsonException)
        {
            // What is no JSON has no keys to look at; the reader's own words say where it ends.
        }

        return failure;
    }

    /// <summary>The same failure of a document that stands inside another.</summary>
    /// <param name="failure">What went wrong inside.</param>
    /// <param name="path">Where the inner document stands: <c>$.workout</c>.</param>
    public static JsonException Inside(JsonException failure, string path)
    {
        var outer = new JsonException(failure.Message, path + JsonPlace.Of(failure)[1..], null, null, failure);
        outer.Data[Found] = Of(failure).Select(f => f with { Path = path + f.Path[1..] }).ToList();
        return outer;
    }

    /// <summary>What is wrong; never empty.</summary>
    public static IReadOnlyList<FieldError> Of(JsonException failure) =>
        failure.Data[Found] as List<FieldError> ?? [new(JsonPlace.Of(failure), Sentence(failure))];

    private static IEnumerable<FieldError> Look(JsonException failure, JsonElement root, JsonTypeInfo type)
    {
        var path = JsonPlace.Of(failure);
        var steps = JsonSteps.Of(path);
        var place = At(root, type, steps);
        var missing = place is { Value.ValueKind: JsonValueKind.Object, Type: { } known }
            ? Required(known).Where(k => !place.Value.Value.TryGetProperty(k, out _)).ToList()
            : [];
        if (missing.Count > 0)
        {
            return missing.Select(k => new FieldError($"{path}.{k}", "This is missing."));
        }

        if (steps is [.. var above, JsonSteps.Key last] && At(root, type, above) is { Value.ValueKind: JsonValueKind.Object } holder)
        {
            if (holder.Value.EnumerateObject().Count(p => p.NameEquals(last.Name)) > 1)
            {
                return [new(path, "This key is there twice.")];
            }

            if (
                holder.Type is { Kind: JsonTypeInfoKind.Object } t
                && Discriminator(t) != last.Name
                && t.Properties.All(p => p.Name != last.Name)
            )
            {
                return [new(path, "This key is not known here.")];
            }
        }

        return [new(path, Sentence(failure))];
    }

    /// <summary>What stands at a place of a document, and what should; nothing when the document does not go so far.</summary>
    private static (JsonElement Value, JsonTypeInfo? Type)? At(JsonElement value, JsonTypeInfo? type, IEnumerable<JsonSteps.Step> steps)
    {
        type = Exactly(value, type);
        foreach (var step in steps)
        {
            switch (step)
            {
                case JsonSteps.Key key when value.ValueKind == JsonValueKind.Object && value.TryGetProperty(key.Name, out var member):
                    type = Inner(type, type?.Properties.FirstOrDefault(p => p.Name == key.Name)?.PropertyType);
                    value = member;
                    break;
                case JsonSteps.Item item when value.ValueKind == JsonValueKind.Array && item.Index < value.GetArrayLength():
                    type = Inner(type, Element(type));
                    value = value[item.Index];
                    break;
                default:
                    return null;
            }

            type = Exactly(value, type);
        }

        return (value, type);
    }

    private static JsonTypeInfo? Inner(JsonTypeInfo? of, Type? type) =>
        of is null || type is null || type == typeof(JsonElement) ? null
        : of.Options.TryGetTypeInfo(Nullable.GetUnderlyingType(type) ?? type, out var known) ? known
        : null;

    private static Type? Element(JsonTypeInfo? list) =>
        list?.ElementType
        ?? (list?.Type is { IsGenericType: true } t && t.GetGenericTypeDefinition() == typeof(Eq<>) ? t.GetGenericArguments()[0] : null);

    /// <summary>Of a family, the member that the document names.</summary>
    private static JsonTypeInfo? Exactly(JsonElement value, JsonTypeInfo? type) =>
        type?.PolymorphismOptions is { } family
        && value.ValueKind == JsonValueKind.Object
        && value.TryGetProperty(family.TypeDiscriminatorPropertyName, out var kind)
        && kind.ValueKind == JsonValueKind.String
        && family.DerivedTypes.FirstOrDefault(d => Equals(d.TypeDiscriminator, kind.GetString())) is { DerivedType: { } derived }
            ? type.Options.GetTypeInfo(derived)
            : type;

    private static string? Discriminator(JsonTypeInfo type)
    {
        for (var t = type.Type; t is not null; t = t.BaseType)
        {
            if (type.Options.TryGetTypeInfo(t, out var known) && known.PolymorphismOptions is { } family)
            {
                return family.TypeDiscriminatorPropertyName;
            }
        }

        return null;
    }

    private static IEnumerable<string> Required(JsonTypeInfo type) =>
        type
            .Properties.Where(p =>
                p.IsRequired
                || (
                    type.Options.RespectRequiredConstructorParameters
                    && p.AssociatedParameter is { HasDefaultValue: false, IsMemberInitializer: false }
                )
            )
            .Select(p => p.Name);

    /// <summary>Our own converters say what they expect; the serializer's words name types, which tell a reader nothing.</summary>
    private static string Sentence(JsonException failure)
    {
        var message = failure.Message;
        var end = message.IndexOf(" Path:", StringComparison.Ordinal);
        message = end < 0 ? message : message[..end];
        return
            message.Contains(".NET", StringComparison.Ordinal)
            || message.Contains("System.", StringComparison.Ordinal)
            || message.Contains("FairCompass.", StringComparison.Ordinal)
            ? "This value has the wrong type or a key is missing."
            : message;
    }
}
