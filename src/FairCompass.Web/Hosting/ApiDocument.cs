using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace FairCompass.Web.Hosting;

/// <summary>The OpenAPI document.</summary>
public static class ApiDocument
{
    private static readonly Dictionary<Type, string> Times = new()
    {
        [typeof(NodaTime.LocalDateTime)] = "Local time of the competition: 2027-05-15T09:00:00.",
        [typeof(NodaTime.LocalDate)] = "A day: 2027-05-15.",
        [typeof(NodaTime.LocalTime)] = "A time of day: 09:00:00.",
    };

    /// <summary>Describes the core's own value types and the document as a whole.</summary>
    public static void Configure(OpenApiOptions options)
    {
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info = new OpenApiInfo
                {
                    Title = "Fair Compass",
                    Version = "1",
                    Description =
                        "Times are whole milliseconds. Numbers of a draft are strings. Errors are problem details (RFC 9457) "
                        + "with the path of each field.",
                };
                document.Servers = [];
                return Task.CompletedTask;
            }
        );
        options.AddSchemaTransformer(
            async (schema, context, cancel) =>
            {
                var type = context.JsonTypeInfo.Type;
                if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Eq<>))
                {
                    schema.Type = JsonSchemaType.Array;
                    schema.Items = await context.GetOrCreateSchemaAsync(type.GetGenericArguments()[0], null, cancel);
                }
                else if (type == typeof(Duration) || type == typeof(Duration?))
                {
                    schema.Type = type == typeof(Duration) ? JsonSchemaType.Integer : JsonSchemaType.Integer | JsonSchemaType.Null;
                    schema.Format = "int64";
                    schema.Properties?.Clear();
                    schema.Description = "Milliseconds.";
                }
                else if (
                    type == typeof(SourceRange)
                    || type == typeof(Core.Notation.Token)
                    || type == typeof(Timeline)
                    || type == typeof(ClockSpan)
                    || type == typeof(LedgerCell)
                    || type == typeof(LedgerRow)
                )
                {
                    // What may be left out when such a value is made is still always written.
                    schema.Required = schema.Properties?.Keys.ToHashSet();
                }
                else if (Times.TryGetValue(Nullable.GetUnderlyingType(type) ?? type, out var written))
                {
                    schema.Type = JsonSchemaType.String | (Nullable.GetUnderlyingType(type) is null ? 0 : JsonSchemaType.Null);
                    schema.Properties?.Clear();
                    schema.Description = written;
                }
                else if (type == typeof(Number))
                {
                    schema.Type = JsonSchemaType.String;
                }
            }
        );
    }
}
