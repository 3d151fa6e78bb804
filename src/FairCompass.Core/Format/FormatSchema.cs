using System.Diagnostics.CodeAnalysis;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using FairCompass.Core.Frozen;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Format;

/// <summary>The JSON Schema (draft 2020-12) of the exchange files, derived from the types that read them.</summary>
public static class FormatSchema
{
    /// <summary>The schema of a workout's file.</summary>
    public static JsonObject OfWorkoutFile() => Of(FrozenJson.Default.WorkoutFile, "Fair Compass workout");

    /// <summary>The schema of a competition's file.</summary>
    public static JsonObject OfCompetitionFile() => Of(FrozenJson.Default.CompetitionFile, "Fair Compass competition");

    private static JsonObject Of(JsonTypeInfo root, string title)
    {
        var definitions = new JsonObject();
        var waiting = new Queue<Type>([root.Type]);
        var seen = new HashSet<Type> { root.Type };
        while (waiting.TryDequeue(out var type))
        {
            if (FrozenJson.Default.GetTypeInfo(type) is { } info)
            {
                definitions[NameOf(type)] = Export(info, seen, waiting);
            }
        }

        return new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = title,
            ["description"] =
                "Version "
                + ExchangeFiles.Version
                + ". Times are whole milliseconds. Numbers of a draft are strings as typed; null is “unset”.",
            ["$ref"] = "#/$defs/" + NameOf(root.Type),
            ["$defs"] = definitions,
        };
    }

    private static JsonNode Export(JsonTypeInfo info, HashSet<Type> seen, Queue<Type> waiting) =>
        info.GetJsonSchemaAsNode(
            new JsonSchemaExporterOptions
            {
                TreatNullObliviousAsNonNullable = true,
                TransformSchemaNode = (context, node) =>
                {
                    var type = context.TypeInfo.Type;
                    if (Simple(type) is { } simple)
                    {
                        return simple;
                    }

                    if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Eq<>))
                    {
                        return new JsonObject { ["type"] = "array", ["items"] = Reference(type.GetGenericArguments()[0], seen, waiting) };
                    }

                    // Objects inside objects are described once, under their own names.
                    return context.PropertyInfo is not null && context.TypeInfo.Kind == JsonTypeInfoKind.Object
                        ? Nullable(Reference(type, seen, waiting), context.PropertyInfo.IsGetNullable)
                        : node;
                },
            }
        );

    private static JsonObject Reference(Type type, HashSet<Type> seen, Queue<Type> waiting)
    {
        if (Simple(type) is { } simple)
        {
            return simple;
        }

        if (type == typeof(string))
        {
            return new JsonObject { ["type"] = "string" };
        }

        if (type == typeof(int) || type == typeof(long))
        {
            return new JsonObject { ["type"] = "integer" };
        }

        if (type == typeof(decimal))
        {
            return new JsonObject { ["type"] = "number" };
        }

        if (seen.Add(type))
        {
            waiting.Enqueue(type);
        }

        return new JsonObject { ["$ref"] = "#/$defs/" + NameOf(type) };
    }

    private static JsonObject? Simple(Type type) =>
        type == typeof(Number) || type == typeof(Number?)
            ? new JsonObject
            {
                ["type"] = new JsonArray("string", "null"),
                ["description"] = "A number as typed, such as 22.50; null or “unset” when nobody has said.",
            }
        : type == typeof(Duration)
            ? new JsonObject
            {
                ["type"] = "integer",
                ["minimum"] = 0,
                ["description"] = "Milliseconds.",
            }
        : type == typeof(Duration?)
            ? new JsonObject
            {
                ["type"] = new JsonArray("integer", "null"),
                ["minimum"] = 0,
                ["description"] = "Milliseconds; null when unset.",
            }
        : null;

    private static JsonNode Nullable(JsonObject reference, bool nullable) =>
        nullable ? new JsonObject { ["anyOf"] = new JsonArray(reference, new JsonObject { ["type"] = "null" }) } : reference;

    [UnconditionalSuppressMessage("Trimming", "IL2070", Justification = "Only the name of the declaring type is read.")]
    private static string NameOf(Type type) => type.DeclaringType is { } outer ? outer.Name + type.Name : type.Name;
}
