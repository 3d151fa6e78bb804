using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using FairCompass.Core.Format;
using FairCompass.Core.Json;

namespace FairCompass.Web.Hosting;

/// <summary>JSON at every edge: strict, and the same as the core writes.</summary>
public static class ApiJson
{
    /// <summary>Makes options like those of the core, with reflection for the small records of this project.</summary>
    public static void Configure(JsonSerializerOptions options)
    {
        var core = FormatContext.Default.Options;
        options.PropertyNamingPolicy = core.PropertyNamingPolicy;
        options.AllowDuplicateProperties = false;
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.AllowOutOfOrderMetadataProperties = true;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.IgnoreReadOnlyProperties = true;
        options.PropertyNameCaseInsensitive = false;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.MaxDepth = 32;
        foreach (var converter in core.Converters)
        {
            options.Converters.Add(converter);
        }

        foreach (var converter in Planning.PlanJson.Converters)
        {
            options.Converters.Add(converter);
        }

        // A number is no name of a choice.
        options.Converters.Add(new JsonStringEnumConverter(allowIntegerValues: false));
        options.TypeInfoResolverChain.Clear();
        options.TypeInfoResolverChain.Add(FormatContext.Default);
        options.TypeInfoResolverChain.Add(new DefaultJsonTypeInfoResolver { Modifiers = { NoNulls, OnlyChoices } });
    }

    /// <summary>The converter takes several names with commas for one value, also where that is none of the choices.</summary>
    private static void OnlyChoices(JsonTypeInfo type)
    {
        if (type is { Kind: JsonTypeInfoKind.Enumerable, ElementType.IsEnum: true })
        {
            type.OnDeserialized = list =>
            {
                foreach (var item in (System.Collections.IEnumerable)list)
                {
                    Defined(item);
                }
            };
        }
        else if (type.Kind == JsonTypeInfoKind.Object)
        {
            var choices = type.Properties.Where(p => (Nullable.GetUnderlyingType(p.PropertyType) ?? p.PropertyType).IsEnum).ToList();
            type.OnDeserialized = choices.Count == 0 ? null : made => choices.ForEach(p => Defined(p.Get?.Invoke(made)));
        }
    }

    private static void Defined(object? choice)
    {
        if (choice is not null && !Enum.IsDefined(choice.GetType(), choice))
        {
            throw new JsonException($"One of: {string.Join(", ", Enum.GetNames(choice.GetType()))}.");
        }
    }

    /// <summary>Nullable annotations say nothing of the elements of a list: null cannot stand in any of ours.</summary>
    private static void NoNulls(JsonTypeInfo type)
    {
        if (type.Kind != JsonTypeInfoKind.Enumerable || type.ElementType is not { IsValueType: false })
        {
            return;
        }

        type.OnDeserialized = list =>
        {
            var at = 0;
            foreach (var item in (System.Collections.IEnumerable)list)
            {
                if (item is null)
                {
                    throw JsonPlace.Inside(new JsonException("null cannot stand in this array."), at);
                }

                at++;
            }
        };
    }
}
